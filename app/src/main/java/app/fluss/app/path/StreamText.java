package app.fluss.app.path;

/// The texts of what Examine says of streams, by the class that shows them.
final class StreamText {
    // BlamePanel
    static final String HITCH_BEFORE_TIP = "The hitch before";
    static final String NEXT_HITCH_TIP = "The next hitch";
    static final String CAUSES = "What each hitch at the client comes from";
    static final String HOSTS_LOG = "Host's log…";
    static final String HOSTS_LOG_TIP = "Add the frame log of the host to this run";
    static final String HOST_LOG_NEEDED =
            "This run has the client's log only. Add that of the host: both are lined up, and each hitch is put "
                    + "down to game, encoder, network, decoder or client display.";
    static final String HOST_AND_CLIENT = "Host and client";
    static final String CAUSE_TIP = "Look at the hitches of this cause only";
    static final String BY_FRAME_NUMBER =
            "Lined up by frame number. ▮ sent, – not sent by the host; a link runs to when the client showed it, "
                    + "a warm one late. Scroll to move, Ctrl and scroll to zoom.";
    static final String BY_BEST_OFFSET =
            "Lined up by the best offset of the clocks; %s of the host's long gaps speak for it and no other.";
    static final String HITCH = "%s: one image stayed %s ms too long, %s";
    static final String AT_S = "At %s s";
    static final String FRAME = "Frame %s";
    static final String CAUSE_UNKNOWN = "and the logs do not tell why.";
    static final String OF_IT_BY = "%s of it by the %s.";
    static final String NO_HITCH = "No image stayed for long: the stream did not hitch.";

    // BufferView
    static final String BUFFER_DESCRIBED = "Images in time for each length of the buffer";
    static final String BUFFER_MS = "buffer, ms";
    static final String IN_TIME_AXIS = "images in time";
    static final String SET_MS = "set: %s ms";

    // LanesView
    static final String LANES_DESCRIBED = "Host and client as two lanes, with a link for each image";
    static final String HOST = "host";
    static final String CLIENT = "client";

    // StreamPanel
    static final String LINK_PROBED = "The link, probed";
    static final String SIMULATED_LINK = "simulated link";
    static final String PROBE_THIS_LINK = "Probe this link…";
    static final String PROBE_THIS_LINK_TIP = "Sends the stream's own traffic and times each packet";
    static final String NOT_PROBED_HINT =
            "The link was not probed. Start the probe on the host, then on the client: it sends the stream's own "
                    + "traffic, and tells which buffer and which picture fit.";
    static final String IN_TIME_BY_BUFFER = "Images in time by buffer";
    static final String PACKETS_LOST = "packets lost";
    static final String PACKETS_SENT = "%s sent, %d in a row at most";
    static final String OUT_OF_ORDER = "out of order";
    static final String JITTER = "jitter";
    static final String RFC_3550 = "RFC 3550";
    static final String MS = " ms";
    static final String VARYING_DELAY = "varying delay";
    static final String ARE_BELOW = "99 % are below";
    static final String ROUND_TRIP = "round trip";
    static final String MEDIAN = "median";
    static final String RATE_WITHIN_BURSTS = "rate within bursts";
    static final String CARRIES = "the link carries this or more";
    static final String MBIT_S = " Mbit/s";
    static final String EVERY_IMAGE_ARRIVED_WHOLE = "Every image arrived whole.";
    static final String NEVER_WHOLE =
            "%d of %d images never arrived whole: no buffer helps. The probe sends each packet once; a stream "
                    + "that asks again for lost ones loses fewer.";
    static final String BUFFERS = "Buffer for 99 %% of the images: %s, for 99.9 %%: %s. %s";
    static final String NOT_AVAILABLE = "not available";
    static final String REQUIRES = "What the stream requires, and which picture fits";
    static final String NOT_STATED = "Not stated: %s.";
    static final String PICTURE_ASSUMED =
            "%s bits per pixel, %s kbit per image. Other pictures are assumed to take as many bits per pixel; "
                    + "encoder and decoder time in proportion to pixels (common practice).";
    static final String PICTURE = "picture";
    static final String MBIT_S_COLUMN = "Mbit/s";
    static final String ENCODE_MS = "encode ms";
    static final String SENDING_MS = "sending ms";
    static final String DECODE_MS = "decode ms";
    static final String ADDS_MS = "adds ms";
    static final String IN_TIME = "in time";
    static final String AS_IT_IS = "as it is";
    static final String AT_TWICE_RATE = "at twice the rate";
    static final String LARGEST_THAT_KEEPS_99 = "largest that keeps 99 %";
    static final String FIT_UNKNOWN = "Which picture keeps 99 %% of its images in time is unknown: %s.";
    static final String NOTHING_FITS =
            "No picture keeps 99 % of its images in time: a longer buffer or a better link is needed.";
    static final String IN_TIME_TIP = "Of the images, with a buffer of %s ms.";

    private StreamText() {}
}

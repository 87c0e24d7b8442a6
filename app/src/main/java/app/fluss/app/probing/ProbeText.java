package app.fluss.app.probing;

/// The texts of the link probe, by the class that shows them.
final class ProbeText {
    // ProbeDialog
    static final String SIDE_OF_LINK = "Side of the link";
    static final String SPREAD_PACKETS = "packets of an image are spread over the time to the next";
    static final String START = "Start";
    static final String START_TIP = "Starts the probe; it ends by itself";
    static final String KEEP_WITH_THIS_RUN = "Keep with this run";
    static final String KEEP_WITH_THIS_RUN_TIP = "Keeps the probe as evidence";
    static final String STATE_ON_BENCH = "State on the bench";
    static final String STATE_ON_BENCH_TIP = "States delay and jitter of the link in use, as measured today";
    static final String PROBE_LINK_OF = "Probe the link of %s";
    static final String IN_THIS_PROBE = "In this probe";
    static final String PROBE_WARNING =
            "The host listens at the address you give only, serves one client that knows its code, and stops by "
                    + "itself. It sends at most 500 Mbit/s for a minute: tell others who share the network.";
    static final String HOST_ADDRESS = "listen at this machine's address";
    static final String HOSTS_ADDRESS = "the host's address";
    static final String UDP_PORT = "UDP port";
    static final String HOST_CODE = "code that the host shows";
    static final String IMAGES_PER_SECOND = "images per second";
    static final String BIT_RATE_MBIT_S = "bit rate, Mbit/s";
    static final String SECONDS_60_AT_MOST = "seconds, 60 at most";
    static final String PORT = "the port";
    static final String CORRECT_THIS_FIRST = "Correct this first: %s.";
    static final String BIT_RATE = "the bit rate";
    static final String SECONDS = "the seconds";
    static final String PROBE_RESULT =
            "%s%s of the packets lost; round trip %s ms; the buffer for 99 %% of the images is %s, for 99.9 %% "
                    + "%s.";
    static final String SIMULATED_LINK = "Simulated link: ";
    static final String TOO_MANY_LOST = "not available: too many images never arrived whole";

    // ProbeJob
    static final String STOPPED = "Stopped.";
    static final String HOST_READY = "Code %s, port %d. On the client: choose this host, and type the code.";
    static final String IMAGES_SENT = "%d images were sent to %s. The client has the result.";

    private ProbeText() {}
}

package app.fluss.core.stream;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What a stream has to work with: encoder, link, decoder, buffer, and what a probe saw of the link. Says of each
/// picture how many of its images would be in time.
///
/// Another picture is taken to have as many bits for each pixel; encoder and decoder are taken to need time in
/// proportion to pixels. Both are common practice, no source.
///
/// @param picture as it is sent now
/// @param linkMbps what the link carries, Mbit/s; NaN if it is not stated
/// @param encodeMs to encode one image of it, ms; NaN if it is not stated
/// @param decodeMs to decode one, ms; NaN if it is not stated
/// @param bufferMs what the client holds back, ms; NaN if it is not stated
/// @param probe of the link; empty if there was none
public record StreamBudget(
        StreamPicture picture,
        double linkMbps,
        double encodeMs,
        double decodeMs,
        double bufferMs,
        Optional<FrameArrivals> probe) {
    /// Share of the images that must be in time.
    public static final double IN_TIME = 0.99;

    /// Share of a link's rate that a stream may fill on average; what is above has nowhere to go after a key frame.
    /// Common practice, no source.
    public static final double FILLED = 0.85;

    private static final int PIXEL_STEP = 16;
    private static final int WIDEST = 16_384;

    /// What holds a picture up.
    public enum Bound {
        /// Nothing: enough images are in time.
        NONE("in time"),
        /// The encoder takes longer than an image lasts.
        ENCODER("the encoder takes longer than an image lasts"),
        /// The bit rate fills the link.
        LINK("the bit rate fills the link"),
        /// The decoder takes longer than an image lasts.
        DECODER("the decoder takes longer than an image lasts"),
        /// Too many images are late for the buffer, or never whole.
        LATE("too many images come late for the buffer, or never whole");

        private final String words;

        Bound(String words) {
            this.words = words;
        }

        /// In words for people.
        public String words() {
            return words;
        }
    }

    /// What a picture would be like.
    ///
    /// @param picture the picture
    /// @param serialisationMs what sending an image takes, ms
    /// @param encodeMs to encode one, ms
    /// @param decodeMs to decode one, ms
    /// @param addedMs over the picture as it is sent now: encoding, sending, decoding, ms
    /// @param inTime share of the images that would be in time, 0 to 1
    /// @param bound what holds it up first
    public record Outlook(
            StreamPicture picture,
            Figure serialisationMs,
            Figure encodeMs,
            Figure decodeMs,
            Figure addedMs,
            Figure inTime,
            Bound bound) {
        /// Whether nothing holds it up and enough of its images are known to be in time.
        public boolean keepsUp() {
            return bound == Bound.NONE && inTime.isKnown();
        }
    }

    /// As a bench is stated.
    ///
    /// @param setup facts of bench, game and path
    /// @param probe of the link; empty if there was none
    /// @return empty where picture, stream rate or bit rate are not stated
    public static Optional<StreamBudget> stated(Setup setup, Optional<FrameArrivals> probe) {
        return missing(setup).isEmpty()
                ? Optional.of(new StreamBudget(
                        new StreamPicture(
                                (int) setup.number(FactKey.WIDTH_PX),
                                (int) setup.number(FactKey.HEIGHT_PX),
                                setup.number(FactKey.STREAM_FPS),
                                setup.number(FactKey.BITRATE_MBPS)),
                        setup.number(FactKey.LINK_MBPS),
                        setup.number(FactKey.ENCODE_MS),
                        setup.number(FactKey.DECODE_MS),
                        setup.number(FactKey.BUFFER_MS),
                        probe))
                : Optional.empty();
    }

    /// Facts that [#stated] misses.
    public static List<FactKey> missing(Setup setup) {
        return setup.missing(FactKey.WIDTH_PX, FactKey.HEIGHT_PX, FactKey.STREAM_FPS, FactKey.BITRATE_MBPS);
    }

    /// What the picture as it is sent now, or another one, would be like.
    public Outlook outlook(StreamPicture other) {
        double pixels = other.megapixels() / picture.megapixels();
        double encode = encodeMs * pixels;
        double decode = decodeMs * pixels;
        double serial = other.serialisationMs(linkMbps);
        double added = encode + decode + serial - encodeMs - decodeMs - picture.serialisationMs(linkMbps);
        Figure inTime = inTime(other);
        Bound bound = bound(other, encode, decode, inTime);
        return new Outlook(
                other,
                Figure.ofFinite(serial, "not stated: the link's rate"),
                Figure.ofFinite(encode, "not stated: the time to encode an image"),
                Figure.ofFinite(decode, "not stated: the time to decode an image"),
                Figure.ofFinite(added, "not stated: " + String.join(", ", unstated())),
                bound == Bound.NONE || bound == Bound.LATE
                        ? inTime
                        : Figure.missing(bound.words() + ", so images pile up"),
                bound);
    }

    private Bound bound(StreamPicture other, double encode, double decode, Figure inTime) {
        double interval = 1000 / other.fps();
        if (encode > interval) {
            return Bound.ENCODER;
        } else if (other.bitRateMbps() > FILLED * linkMbps) {
            return Bound.LINK;
        } else if (decode > interval) {
            return Bound.DECODER;
        }
        return inTime.orNaN() < IN_TIME ? Bound.LATE : Bound.NONE;
    }

    private List<String> unstated() {
        List<String> names = new ArrayList<>();
        if (Double.isNaN(encodeMs)) {
            names.add("the time to encode an image");
        }
        if (Double.isNaN(linkMbps)) {
            names.add("the link's rate");
        }
        if (Double.isNaN(decodeMs)) {
            names.add("the time to decode an image");
        }
        return names;
    }

    /// Why it cannot be told how many images of a picture would be in time; empty where it can.
    Optional<String> unknown() {
        return inTime(picture) instanceof Figure.Missing(String reason) ? Optional.of(reason) : Optional.empty();
    }

    private Figure inTime(StreamPicture other) {
        if (probe.isEmpty()) {
            return Figure.missing("the link was not probed");
        } else if (Double.isNaN(bufferMs)) {
            return Figure.missing("not stated: what the client holds back against jitter");
        } else if (Double.isNaN(linkMbps)) {
            return Figure.missing("not stated: the link's rate");
        }
        return probe.get().inTimeShare(bufferMs, linkMbps, other);
    }

    /// The largest picture of the same shape, bits for each pixel and a rate that keeps 99 % of its images in time, to
    /// 16 px of its width.
    ///
    /// @param fps images a second, above 0
    /// @return empty if even the smallest does not, or if it cannot be told
    public Optional<Outlook> largest(double fps) {
        int low = 0;
        int high = WIDEST / PIXEL_STEP + 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (outlook(scaled(middle, fps)).keepsUp()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low == 0 ? Optional.empty() : Optional.of(outlook(scaled(low, fps)));
    }

    private StreamPicture scaled(int steps, double fps) {
        int width = steps * PIXEL_STEP;
        int height = (int) Math.max(1, Math.rint(width * (double) picture.heightPx() / picture.widthPx()));
        return picture.alike(width, height, fps);
    }
}

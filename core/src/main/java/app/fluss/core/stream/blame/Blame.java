package app.fluss.core.stream.blame;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.FrameTimes;
import app.fluss.core.measure.Ordered;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Puts each hitch at a stream's client down to what held it up.
///
/// Between two images on the client's screen, `a` and `b`, with `c` the next image after `a` that came, the time beyond
/// the usual step `M` is
///
/// `(H_c - H_a - M) + Δencode + Δnetwork + Δdecode + Δdisplay`,
///
/// where H is hand-over at the host and Δ how much longer a stage took for `c` than for `a`. Each Δ is a difference of
/// differences, so that the two clocks' offset cancels. What the host's own longest gap explains of the first part
/// is the game's, the rest belongs to images that were not encoded, or were and never came. The largest part is the
/// cause. Where stamps are missing, stages run together, and what falls to more than one is unknown.
public final class Blame {
    /// Share of the time that a cause must explain.
    private static final double EXPLAINS = 0.25;

    private final FrameLog host;
    private final FrameLog client;
    private final Alignment alignment;
    private final Optional<Values> encoded;
    private final Optional<Values> received;
    private final Optional<Values> decoded;
    private final int[] shown;
    private final double[] shownMs;
    private final FrameTimes shownTimes;
    private final double usualHostMs;
    private final double usualShownMs;
    private final ShownCadence cadence;

    private Blame(FrameLog host, FrameLog client, Alignment alignment) {
        this.host = host;
        this.client = client;
        this.alignment = alignment;
        encoded = host.channel(Channel.ENCODED);
        received = client.channel(Channel.RECEIVED);
        decoded = client.channel(Channel.DECODED);
        Values displayed = client.channel(Channel.DISPLAYED).orElseGet(client::present);
        int[] rows = new int[client.size()];
        double[] times = new double[client.size()];
        int n = 0;
        for (int i = 0; i < rows.length; i++) {
            if (!Double.isNaN(displayed.at(i))) {
                rows[n] = i;
                times[n++] = displayed.at(i);
            }
        }
        shown = Arrays.copyOf(rows, n);
        shownMs = Arrays.copyOf(times, n);
        usualHostMs = median(FrameTimes.of(host.all()));
        shownTimes = FrameTimes.of(FrameLog.presentedAt(shownMs.clone(), n)
                .segmentStarts(restarts())
                .build()
                .all());
        cadence = ShownCadence.of(shownTimes.toArray());
        usualShownMs = cadence.usualMs();
    }

    private static double median(FrameTimes times) {
        return Ordered.of(times.toArray()).median();
    }

    /// The shown images at which the client's clock began anew: no hitch reaches across such a break.
    private int[] restarts() {
        return Arrays.stream(client.segmentStarts())
                .map(row -> {
                    int at = Arrays.binarySearch(shown, row);
                    return at < 0 ? -at - 1 : at;
                })
                .filter(at -> at > 0 && at < shown.length)
                .distinct()
                .toArray();
    }

    /// The hitches of a client, each with its cause, in time.
    ///
    /// @param host the host's log
    /// @param client the client's log
    /// @param alignment of the two
    public static List<ClientHitch> of(FrameLog host, FrameLog client, Alignment alignment) {
        return new Blame(host, client, alignment).hitches();
    }

    /// How many hitches each cause has; every cause is in it.
    public static Map<Cause, Integer> totals(List<ClientHitch> hitches) {
        Map<Cause, Integer> totals = new EnumMap<>(Cause.class);
        for (Cause cause : Cause.values()) {
            totals.put(cause, 0);
        }
        hitches.forEach(hitch -> totals.merge(hitch.cause(), 1, Integer::sum));
        return totals;
    }

    private List<ClientHitch> hitches() {
        List<ClientHitch> hitches = new ArrayList<>();
        for (int interval : cadence.hitches(shownTimes)) {
            hitches.add(blamed(shownTimes.image(interval)));
        }
        return List.copyOf(hitches);
    }

    /// @param ended the shown image that ended it, 0-based
    private ClientHitch blamed(int ended) {
        int a = shown[ended - 1];
        int b = shown[ended];
        int c = a + 1;
        while (c < b && alignment.hostOf(c) < 0) {
            c++;
        }
        double stayed = shownMs[ended] - shownMs[ended - 1];
        double excess = stayed - usualShownMs;
        Parts parts = alignment.hostOf(a) < 0 || alignment.hostOf(c) < 0 ? new Parts() : parts(a, c, stayed);
        Cause cause = parts.largest() < EXPLAINS * excess ? Cause.UNKNOWN : parts.cause();
        return new ClientHitch(
                b,
                shownMs[ended - 1],
                shownMs[ended],
                number(c),
                excess,
                cause,
                cause == Cause.UNKNOWN ? 0 : parts.share());
    }

    private long number(int image) {
        double frame =
                client.channel(Channel.FRAME).map(frames -> frames.at(image)).orElse(Double.NaN);
        return Double.isNaN(frame) ? -1 : (long) frame;
    }

    /// When the client had decoded an image; without a stamp when it handed it on.
    private double decodedMs(int image) {
        double at = decoded.map(stamps -> stamps.at(image)).orElse(Double.NaN);
        return Double.isNaN(at) ? client.present().at(image) : at;
    }

    /// @param shownForMs how long `a` was on the screen
    private Parts parts(int a, int c, double shownForMs) {
        Parts parts = new Parts();
        int hostA = alignment.hostOf(a);
        int hostC = alignment.hostOf(c);
        double handed = host.present().at(hostC) - host.present().at(hostA);
        double game = Math.max(0, longestStep(hostA, hostC) - usualHostMs);
        parts.add(Cause.GAME, game);
        parts.add(left(hostA, hostC), handed - usualShownMs - game);

        double decoding = decodedMs(c) - decodedMs(a);
        double from = handed;
        Cause span = Cause.UNKNOWN;
        double encoding = step(encoded, hostA, hostC);
        if (!Double.isNaN(encoding)) {
            parts.add(Cause.ENCODER, encoding - handed);
            from = encoding;
            span = Cause.NETWORK;
        }
        double receiving = step(received, a, c);
        if (!Double.isNaN(receiving)) {
            parts.add(span, receiving - from);
            parts.add(Cause.DECODER, decoding - receiving);
        } else {
            parts.add(Cause.UNKNOWN, decoding - from);
        }
        parts.add(Cause.CLIENT_DISPLAY, shownForMs - decoding);
        return parts;
    }

    private static double step(Optional<Values> stamps, int from, int to) {
        return stamps.map(values -> values.at(to) - values.at(from)).orElse(Double.NaN);
    }

    private double longestStep(int from, int to) {
        double longest = 0;
        for (int i = from + 1; i <= to; i++) {
            longest = Math.max(longest, host.present().at(i) - host.present().at(i - 1));
        }
        return longest;
    }

    /// What images of the host were left out for that lie between two which came.
    private Cause left(int from, int to) {
        if (encoded.isEmpty()) {
            return Cause.UNKNOWN;
        }
        for (int i = from + 1; i < to; i++) {
            if (!alignment.came(i) && !Double.isNaN(encoded.get().at(i))) {
                return Cause.NETWORK;
            }
        }
        return Cause.ENCODER;
    }

    /// Time by cause.
    private static final class Parts {
        private final Map<Cause, Double> ms = new EnumMap<>(Cause.class);

        /// Adds time; NaN, where a stamp is missing, is none.
        void add(Cause cause, double part) {
            if (!Double.isNaN(part)) {
                ms.merge(cause, part, Double::sum);
            }
        }

        Cause cause() {
            return ms.entrySet().stream()
                    .max(Map.Entry.comparingByValue())
                    .map(Map.Entry::getKey)
                    .orElse(Cause.UNKNOWN);
        }

        double largest() {
            return ms.values().stream().mapToDouble(part -> part).max().orElse(Double.NEGATIVE_INFINITY);
        }

        double share() {
            double all =
                    ms.values().stream().mapToDouble(part -> Math.max(0, part)).sum();
            return largest() / all;
        }
    }
}

package app.fluss.core.stream.blame;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.FrameTimes;
import app.fluss.core.measure.Ordered;
import app.fluss.core.measure.StutterRule;
import app.fluss.core.measure.Stutters;
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
    /// A stay of about twice the usual, and 4 ms longer. Below the 2 of a stutter, for on a fixed refresh one missed
    /// refresh is a ratio of 2 but for rounding.
    private static final StutterRule RULE = new StutterRule(1.75, 4);

    /// Share of the time that a cause must explain.
    private static final double EXPLAINS = 0.25;

    private final FrameLog host;
    private final FrameLog client;
    private final Alignment alignment;
    private final Optional<Values> encoded;
    private final Optional<Values> received;
    private final Values decoded;
    private final int[] shown;
    private final double[] shownMs;
    private final double usualHostMs;
    private final double usualShownMs;
    private final boolean[] came;

    private Blame(FrameLog host, FrameLog client, Alignment alignment) {
        this.host = host;
        this.client = client;
        this.alignment = alignment;
        encoded = host.channel(Channel.ENCODED);
        received = client.channel(Channel.RECEIVED);
        decoded = client.channel(Channel.DECODED).orElseGet(client::present);
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
        usualShownMs = median(shownTimes());
        came = new boolean[host.size()];
        for (int i = 0; i < client.size(); i++) {
            if (alignment.hostOf(i) >= 0) {
                came[alignment.hostOf(i)] = true;
            }
        }
    }

    private static double median(FrameTimes times) {
        return Ordered.of(times.toArray()).median();
    }

    private FrameTimes shownTimes() {
        return FrameTimes.of(
                FrameLog.presentedAt(shownMs.clone(), shownMs.length).build().all());
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
        Stutters stutters = Stutters.of(shownTimes(), RULE);
        List<ClientHitch> hitches = new ArrayList<>();
        for (int i = 0; i < stutters.count(); i++) {
            hitches.add(blamed(stutters.interval(i)));
        }
        return List.copyOf(hitches);
    }

    /// @param interval the one before it begins with the shown image of that number, 0-based
    private ClientHitch blamed(int interval) {
        int a = shown[interval];
        int b = shown[interval + 1];
        int c = a + 1;
        while (c < b && alignment.hostOf(c) < 0) {
            c++;
        }
        double excess = shownMs[interval + 1] - shownMs[interval] - usualShownMs;
        Parts parts = alignment.hostOf(a) < 0 || alignment.hostOf(c) < 0
                ? new Parts()
                : parts(a, c, shownMs[interval + 1] - shownMs[interval]);
        Cause cause = parts.largest() < EXPLAINS * excess ? Cause.UNKNOWN : parts.cause();
        int missing = c;
        return new ClientHitch(
                b,
                shownMs[interval],
                shownMs[interval + 1],
                client.channel(Channel.FRAME)
                        .map(frame -> (long) frame.at(missing))
                        .orElse(-1L),
                excess,
                cause,
                cause == Cause.UNKNOWN ? 0 : parts.share());
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

        double decoding = decoded.at(c) - decoded.at(a);
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
            if (!came[i] && !Double.isNaN(encoded.get().at(i))) {
                return Cause.NETWORK;
            }
        }
        return Cause.ENCODER;
    }

    /// Time by cause.
    private static final class Parts {
        private final Map<Cause, Double> ms = new EnumMap<>(Cause.class);

        void add(Cause cause, double part) {
            ms.merge(cause, part, Double::sum);
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

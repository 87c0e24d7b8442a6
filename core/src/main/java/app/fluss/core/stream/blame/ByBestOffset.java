package app.fluss.core.stream.blame;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/// Lines two logs of one stream up by the offset of their clocks at which most images of the one have a partner in
/// the other.
///
/// A steady stream fits at every whole number of images, so hitches tell: each long gap of the one side is tried
/// against each of the other. Distances beyond half an image count as half an image, so that lost and late images do
/// not pull. Then images are paired from the last one backwards, for an image may come late but never early; the
/// offset follows the drift of the clocks on the way.
final class ByBestOffset {
    private static final int GAPS = 30;

    /// Only so much is searched, for clocks drift; 100 ppm make 6 ms.
    private static final double SEARCHED_MS = 60_000;

    /// A gap is long from one and a half images on: so many halves.
    private static final int LONG = 3;

    private static final int STEPS_AROUND = 6;
    private static final double FOLLOWS = 1.0 / 64;
    private static final double LONGEST_LATE_MS = 5000;

    private final int[] hostRows;
    private final int[] clientRows;
    private final double[] host;
    private final double[] client;
    private final int hostFrom;
    private final int clientFrom;
    private final double half;

    private ByBestOffset(FrameLog hostLog, FrameLog clientLog) {
        Values left = hostLog.channel(Channel.ENCODED).orElseGet(hostLog::present);
        hostRows = known(left);
        host = Arrays.stream(hostRows).mapToDouble(left::at).toArray();
        Values came = clientLog
                .channel(Channel.RECEIVED)
                .or(() -> clientLog.channel(Channel.DECODED))
                .orElseGet(clientLog::present);
        clientRows = known(came);
        client = Arrays.stream(clientRows).mapToDouble(came::at).toArray();
        hostFrom = from(host);
        clientFrom = from(client);
        half = medianStep(client) / 2;
    }

    private static int[] known(Values stamps) {
        return IntStream.range(0, stamps.size())
                .filter(row -> !Double.isNaN(stamps.at(row)))
                .toArray();
    }

    static Alignment align(FrameLog host, FrameLog client) {
        ByBestOffset search = new ByBestOffset(host, client);
        int[] hostOf = new int[client.size()];
        Arrays.fill(hostOf, -1);
        if (search.host.length < 2 || search.client.length < 2 || !(search.half > 0)) {
            return new Alignment(hostOf, false, 0);
        }
        double[] offsets = search.candidates();
        double best = Double.NaN;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < offsets.length; i++) {
            offsets[i] = search.centred(offsets[i]);
            double cost = search.cost(offsets[i]);
            if (cost < least) {
                least = cost;
                best = offsets[i];
            }
        }
        search.pair(best, hostOf);
        return new Alignment(hostOf, false, search.confidence(best, offsets));
    }

    /// Share of the host's long gaps that meet one of the client, beyond what the next best offset makes of them.
    private double confidence(double best, double[] offsets) {
        int[] gaps = gaps(host, hostFrom);
        int others = 0;
        for (double offset : offsets) {
            others = Math.abs(offset - best) > half ? Math.max(others, meeting(gaps, offset)) : others;
        }
        return gaps.length == 0 ? 0 : Math.max(0.0, meeting(gaps, best) - others) / gaps.length;
    }

    private int meeting(int[] gaps, double offset) {
        int meeting = 0;
        for (int gap : gaps) {
            int at = Arrays.binarySearch(client, host[gap] + offset);
            int near = nearest(client, Math.clamp(at < 0 ? -at - 2 : at, 0, client.length - 1), host[gap] + offset);
            boolean meets = near > 0
                    && Math.abs(client[near] - host[gap] - offset) < half
                    && client[near] - client[near - 1] > LONG * half;
            meeting += meets ? 1 : 0;
        }
        return meeting;
    }

    private static int from(double[] times) {
        int from = times.length - 1;
        while (from > 0 && times[times.length - 1] - times[from - 1] <= SEARCHED_MS) {
            from--;
        }
        return Math.max(0, from);
    }

    private static double medianStep(double[] times) {
        double[] steps = new double[Math.max(0, times.length - 1)];
        Arrays.setAll(steps, i -> times[i + 1] - times[i]);
        return Ordered.of(steps).median();
    }

    /// Offsets worth trying: ends against ends, gaps against gaps, each by where they start and where they end.
    private double[] candidates() {
        int[] hostGaps = gaps(host, hostFrom);
        int[] clientGaps = gaps(client, clientFrom);
        double[] offsets = new double[2 * hostGaps.length * clientGaps.length + 2 * (2 * STEPS_AROUND + 1)];
        int n = 0;
        for (int h : hostGaps) {
            for (int c : clientGaps) {
                offsets[n++] = client[c] - host[h];
                offsets[n++] = client[c - 1] - host[h - 1];
            }
        }
        for (int step = -STEPS_AROUND; step <= STEPS_AROUND; step++) {
            offsets[n++] = client[0] - host[0] + 2 * half * step;
            offsets[n++] = client[client.length - 1] - host[host.length - 1] + 2 * half * step;
        }
        return offsets;
    }

    /// The images after the longest gaps.
    private int[] gaps(double[] times, int from) {
        return IntStream.range(from + 1, times.length)
                .filter(i -> times[i] - times[i - 1] > LONG * half)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> times[i - 1] - times[i]))
                .limit(GAPS)
                .mapToInt(i -> i)
                .toArray();
    }

    /// The offset moved to the middle of the distances that it leaves.
    private double centred(double offset) {
        double[] left = new double[client.length - clientFrom];
        int n = 0;
        int near = hostFrom;
        for (int i = clientFrom; i < client.length; i++) {
            near = nearest(host, near, client[i] - offset);
            double distance = client[i] - offset - host[near];
            if (Math.abs(distance) < half) {
                left[n++] = distance;
            }
        }
        return n == 0 ? offset : offset + Ordered.of(Arrays.copyOf(left, n)).median();
    }

    /// Mean distance to the nearest partner, both ways.
    private double cost(double offset) {
        return (oneWay(client, clientFrom, host, -offset) + oneWay(host, hostFrom, client, offset)) / 2;
    }

    private double oneWay(double[] of, int from, double[] to, double shift) {
        double sum = 0;
        int near = 0;
        for (int i = from; i < of.length; i++) {
            near = nearest(to, near, of[i] + shift);
            sum += Math.min(half, Math.abs(of[i] + shift - to[near]));
        }
        return sum / (of.length - from);
    }

    /// The nearest time at or after an index that a search for an earlier time gave.
    private static int nearest(double[] times, int after, double time) {
        int at = after;
        while (at < times.length - 1 && Math.abs(times[at + 1] - time) <= Math.abs(times[at] - time)) {
            at++;
        }
        return at;
    }

    private void pair(double offset, int[] hostOf) {
        double follows = offset;
        int next = host.length;
        for (int i = client.length - 1; i >= 0; i--) {
            double meant = client[i] - follows;
            int at = next - 1;
            while (at >= 0 && host[at] > meant + half) {
                at--;
            }
            if (at < 0 || meant - host[at] > LONGEST_LATE_MS) {
                continue;
            }
            double late = meant - host[at];
            follows += Math.abs(late) < half ? FOLLOWS * late : 0;
            hostOf[clientRows[i]] = hostRows[at];
            next = at;
        }
    }
}

package app.fluss.files.simulated;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import java.util.Arrays;
import java.util.function.DoublePredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Two logs on the same clock as one: a stretch of the second within the first.
final class Splice {
    private Splice() {}

    /// Images of both in time, with the channels that both have.
    ///
    /// @param fromMs where the second sets in
    /// @param toMs where the first goes on
    static FrameLog of(FrameLog around, FrameLog within, double fromMs, double toMs) {
        int[] before = images(around, ms -> ms < fromMs);
        int[] middle = images(within, ms -> ms >= fromMs && ms < toMs);
        int[] after = images(around, ms -> ms >= toMs);
        int size = before.length + middle.length + after.length;
        FrameLog.Builder log =
                FrameLog.presentedAt(column(Channel.PRESENT, around, within, before, middle, after), size);
        Arrays.stream(Channel.values())
                .filter(channel -> channel != Channel.PRESENT && around.has(channel) && within.has(channel))
                .forEach(channel -> log.channel(channel, column(channel, around, within, before, middle, after)));
        byte[] kinds = new byte[size];
        for (int i = 0; i < size; i++) {
            int inMiddle = i - before.length;
            kinds[i] = (inMiddle < 0
                            ? around.kind(before[i])
                            : inMiddle < middle.length
                                    ? within.kind(middle[inMiddle])
                                    : around.kind(after[inMiddle - middle.length]))
                    .code();
        }
        return log.kinds(kinds).build();
    }

    private static int[] images(FrameLog log, DoublePredicate times) {
        Values present = log.present();
        return IntStream.range(0, log.size())
                .filter(image -> times.test(present.at(image)))
                .toArray();
    }

    private static double[] column(
            Channel channel, FrameLog around, FrameLog within, int[] before, int[] middle, int[] after) {
        Values outer = around.channel(channel).orElseThrow();
        Values inner = within.channel(channel).orElseThrow();
        return Stream.of(
                        Arrays.stream(before).mapToDouble(outer::at),
                        Arrays.stream(middle).mapToDouble(inner::at),
                        Arrays.stream(after).mapToDouble(outer::at))
                .flatMapToDouble(part -> part)
                .toArray();
    }
}

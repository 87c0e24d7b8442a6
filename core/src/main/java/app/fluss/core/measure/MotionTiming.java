package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.Arrays;
import java.util.Optional;

/// How far the step in displayed time differs from the step in game time: `e_i = (d_i - d_(i-1)) - (c_i -
/// c_(i-1))` over shown images. Needs the game times, and display times or a ledger.
///
/// @param meanAbs mean of `|e|`, ms
/// @param p95Abs 95 % quantile (type 7) of `|e|`, ms
/// @param rms root mean square of e, ms
public record MotionTiming(Figure meanAbs, Figure p95Abs, Figure rms) {
    static MotionTiming of(FrameSlice slice, Optional<RefreshLedger> ledger) {
        FrameLog log = slice.log();
        Optional<Values> content = log.channel(Channel.CONTENT);
        if (content.isEmpty()) {
            return missing("the log has no game times");
        }
        if (ledger.isPresent()) {
            // With tearing an image is on the screen from its flip on, wherever in a scan-out that is.
            return ledger.get().mode().sync() == SyncMode.TEARING
                    ? of(
                            content.get(),
                            LedgerBuilder.everyDisplayed(
                                    slice, log.channel(Channel.DISPLAYED).orElse(log.present())))
                    : of(content.get(), ledger.get().rows());
        }
        return log.channel(Channel.DISPLAYED)
                .map(displayed -> of(content.get(), LedgerBuilder.everyDisplayed(slice, displayed)))
                .orElseGet(() -> missing("the log has no display times, and no refresh rate is stated to infer them"));
    }

    private static MotionTiming of(Values content, LedgerRows rows) {
        double[] errors = new double[Math.max(0, rows.shown() - 1)];
        int n = 0;
        double sum = 0;
        double squares = 0;
        for (int position = 1; position < rows.shown(); position++) {
            if (rows.segmentEndsBetween(position - 1, position)) {
                continue;
            }
            double e = (rows.shownAtMs(position) - rows.shownAtMs(position - 1))
                    - (content.at(rows.image(position)) - content.at(rows.image(position - 1)));
            if (Double.isNaN(e)) {
                continue;
            }
            errors[n++] = Math.abs(e);
            sum += Math.abs(e);
            squares += e * e;
        }
        if (n == 0) {
            return missing("fewer than two images with game time reached the panel");
        }
        double p95 = Ordered.of(n == errors.length ? errors : Arrays.copyOf(errors, n))
                .quantile(0.95);
        return new MotionTiming(Figure.of(sum / n), Figure.of(p95), Figure.of(Math.sqrt(squares / n)));
    }

    private static MotionTiming missing(String reason) {
        Figure none = Figure.missing(reason);
        return new MotionTiming(none, none, none);
    }
}

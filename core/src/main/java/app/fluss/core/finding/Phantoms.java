package app.fluss.core.finding;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;

/// Images that are counted although they depict what an image beside them depicts, before it or after. Where the game
/// time stands still for long the game is paused, which says nothing of the generator.
///
/// @param share of the generated images, or of all where the log does not say which are generated, 0 to 1
/// @param ofGenerated which of the two
record Phantoms(Figure share, boolean ofGenerated) {
    /// A game time that stands longer than this is a pause: no generator repeats an image for so long. Our own
    /// convention, ms.
    private static final double PAUSE_MS = 250;

    static Phantoms of(Analysis run) {
        FrameSlice slice = run.slice();
        FrameLog log = slice.log();
        boolean kinds = log.kindsStated();
        // A game that draws faster than it moves repeats game times by itself: on the native path that is no fault.
        boolean generates =
                kinds || (!run.settings().nativePath() && run.settings().multiplier() > 1);
        if (!log.has(Channel.CONTENT) || !generates) {
            return new Phantoms(Figure.missing("the log does not say which images are generated, and when"), kinds);
        }
        Values content = log.channel(Channel.CONTENT).orElseThrow();
        Values present = log.present();
        int asked = 0;
        int repeated = 0;
        int from = slice.from();
        while (from < slice.to()) {
            int to = from + 1;
            while (to < slice.to() && content.at(to) == content.at(from)) {
                to++;
            }
            if (present.at(to - 1) - present.at(from) <= PAUSE_MS) {
                int generated = kinds ? generated(log, from, to) : to - from;
                asked += generated;
                // One image of a row is new, a rendered one if there is one.
                repeated += Math.min(generated, to - from - 1);
            }
            from = to;
        }
        return new Phantoms(Figure.ofFinite((double) repeated / asked, "there is no image to ask"), kinds);
    }

    private static int generated(FrameLog log, int from, int to) {
        int generated = 0;
        for (int i = from; i < to; i++) {
            generated += log.kind(i) == FrameKind.GENERATED ? 1 : 0;
        }
        return generated;
    }
}

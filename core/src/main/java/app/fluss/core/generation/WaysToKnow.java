package app.fluss.core.generation;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import java.util.Optional;

/// The three ways to know what was generated, beside each other.
///
/// By kind: the log's own word for each image. By game time: a rendered image has a game time of its own; a
/// made one lies on the straight line between its neighbours, goes on from the step before by a whole part
/// of it, or repeats its neighbour. By pictures: a clip of the game shows which images could be told apart.
///
/// @param byKind share of images whose kind says generated, 0 to 1
/// @param byGameTime share of images whose game time says so, 0 to 1
/// @param repeatedByGameTime share of images that depict the same game time as the one before, 0 to 1
/// @param distinctByLog distinct images a second on the panel, by the log
/// @param distinctByPictures distinct images a second in a clip
/// @param clipFps pictures a second of that clip, more than which it cannot show; NaN without one
public record WaysToKnow(
        Figure byKind,
        Figure byGameTime,
        Figure repeatedByGameTime,
        Figure distinctByLog,
        Figure distinctByPictures,
        double clipFps) {
    /// Shares further apart than this disagree. Our own convention: one image in twenty.
    private static final double SHARES_AGREE = 0.05;

    /// Rates further apart than this share disagree, as with counters.
    private static final double RATES_AGREE = 0.05;

    /// Looks at a run in all three ways.
    ///
    /// @param clip what a clip of the same run showed, if there is one
    public static WaysToKnow of(Analysis run, Optional<PicturesSeen> clip) {
        GameTimes times = GameTimes.of(run);
        return new WaysToKnow(
                byKind(run.slice()),
                times.made(),
                times.repeated(),
                run.rates().delivered(),
                clip.map(seen -> Figure.of(seen.deliveredFps()))
                        .orElseGet(() -> Figure.missing("no clip of this run was counted")),
                clip.map(PicturesSeen::fps).orElse(Double.NaN));
    }

    /// Whether kind and game time say the same; true where one of them says nothing.
    public boolean kindsAgree() {
        return !(Math.abs(byKind.orNaN() - byGameTime.orNaN()) > SHARES_AGREE);
    }

    /// Whether the clip shows what the log says; true where one of them says nothing, and where the clip shows
    /// more, for it may be of a lighter stretch.
    public boolean picturesAgree() {
        double log = Math.min(distinctByLog.orNaN(), clipFps);
        return !(log - distinctByPictures.orNaN() > RATES_AGREE * log);
    }

    private static Figure byKind(FrameSlice slice) {
        FrameLog log = slice.log();
        if (!log.kindsStated()) {
            return Figure.missing("the log does not say of what kind an image is");
        }
        int generated = 0;
        for (int i = slice.from(); i < slice.to(); i++) {
            generated += log.kind(i) == FrameKind.GENERATED ? 1 : 0;
        }
        return Figure.ofFinite((double) generated / slice.size(), "there is no image");
    }
}

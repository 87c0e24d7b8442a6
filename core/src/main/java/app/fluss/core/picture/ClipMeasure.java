package app.fluss.core.picture;

import static app.fluss.core.measure.Better.LESS;
import static app.fluss.core.measure.Better.MORE;

import app.fluss.core.measure.Better;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.function.Function;

/// Every figure of a clip of the game.
@SuppressWarnings("ImmutableEnumChecker") // functions without state, which the checker cannot see
public enum ClipMeasure implements Described {
    /// Distinct pictures.
    DISTINCT(
            "distinct",
            "distinct pictures",
            "",
            0,
            MORE,
            "Pictures that differ from the one before, the first included.",
            clip -> moving(clip, clip.count().distinct())),
    /// Delivered rate in the clip.
    DELIVERED(
            "delivered_fps",
            "delivered rate in the clip",
            "/s",
            1,
            MORE,
            "Distinct pictures per second.",
            clip -> moving(clip, clip.count().deliveredFps(clip.fps()))),
    /// Longest hold.
    LONGEST_HOLD(
            "longest_hold_ms",
            "longest hold",
            "ms",
            1,
            LESS,
            "Longest time that one picture stayed.",
            clip -> moving(clip, clip.count().longestHoldMs(clip.fps())));

    private final Description description;
    private final Function<CountedClip, Figure> figure;

    ClipMeasure(
            String json,
            String title,
            String unit,
            int decimals,
            Better better,
            String definition,
            Function<CountedClip, Figure> figure) {
        this.description = new Description(json, title, unit, decimals, better, Grade.E, definition);
        this.figure = figure;
    }

    private static Figure moving(CountedClip clip, double value) {
        return clip.count().isCounted()
                ? Figure.of(value)
                : Figure.missing(clip.count().whyNot());
    }

    @Override
    public Description description() {
        return description;
    }

    /// The figure.
    public Figure of(CountedClip result) {
        return figure.apply(result);
    }
}

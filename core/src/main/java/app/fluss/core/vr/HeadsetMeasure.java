package app.fluss.core.vr;

import static app.fluss.core.measure.Better.LESS;
import static app.fluss.core.measure.Better.MORE;
import static app.fluss.core.measure.Better.NEITHER;
import static app.fluss.core.measure.Description.SHARE;

import app.fluss.core.measure.Better;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.function.Function;

/// Every figure of what a headset showed.
@SuppressWarnings("ImmutableEnumChecker") // functions without state, which the checker cannot see
public enum HeadsetMeasure implements Described {
    /// Refreshes.
    REFRESHES(
            "refreshes",
            "refreshes",
            "",
            0,
            NEITHER,
            "Refreshes from the first new image to the last.",
            seen -> Figure.of((double) seen.refreshes())),
    /// Refreshes without a new image.
    WITHOUT_NEW_IMAGE(
            "without_new_image",
            "refreshes without a new image",
            "",
            0,
            LESS,
            "Refreshes at which the compositor showed the image before again.",
            seen -> Figure.of((double) seen.withoutNewImage())),
    /// Share without a new image.
    WITHOUT_SHARE(
            "without_new_image_share",
            "share without a new image",
            SHARE,
            1,
            LESS,
            "Share of the refreshes without a new image.",
            Reprojection::share),
    /// Effective refreshes.
    EFFECTIVE(
            "effective_n",
            "effective refreshes",
            "",
            0,
            NEITHER,
            "How many independent refreshes the row of them is worth: misses come in spells.",
            Reprojection::effectiveRefreshes),
    /// Time at full rate.
    FULL_TIME(
            "time_share.full",
            "time at full rate",
            SHARE,
            1,
            MORE,
            "Share of the time in which each refresh brought a new image, by the interval between new images.",
            Reprojection::fullTime),
    /// Time at half rate.
    HALF_TIME(
            "time_share.half",
            "time at half rate",
            SHARE,
            1,
            NEITHER,
            "Share of the time in which each second refresh did.",
            Reprojection::halfTime),
    /// Time below half rate.
    BELOW_HALF_TIME(
            "time_share.below_half",
            "time below half rate",
            SHARE,
            1,
            LESS,
            "Share of the time in which fewer did.",
            Reprojection::belowHalfTime),
    /// Longest spell.
    LONGEST_SPELL(
            "longest_spell_refreshes",
            "longest spell",
            "refreshes",
            0,
            LESS,
            "Most refreshes in a row without a new image.",
            seen -> Figure.of((double) seen.longestSpell())),
    /// Even share.
    EVEN_SHARE(
            "even_share",
            "even share",
            SHARE,
            0,
            MORE,
            "Share of the new images that stayed for the commonest number of refreshes.",
            Reprojection::evenShare),
    /// Application rate.
    APP_RATE("app_fps", "application rate", "/s", 1, MORE, "New images per second.", Reprojection::appFps);

    private final Description description;
    private final Function<Reprojection, Figure> figure;

    HeadsetMeasure(
            String json,
            String title,
            String unit,
            int decimals,
            Better better,
            String definition,
            Function<Reprojection, Figure> figure) {
        this.description = new Description(json, title, unit, decimals, better, Grade.B, definition);
        this.figure = figure;
    }

    @Override
    public Description description() {
        return description;
    }

    /// The figure.
    public Figure of(Reprojection result) {
        return figure.apply(result);
    }
}

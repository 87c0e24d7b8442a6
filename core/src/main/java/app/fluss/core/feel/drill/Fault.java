package app.fluss.core.feel.drill;

import static app.fluss.core.feel.drill.ChartPart.FIGURES;
import static app.fluss.core.feel.drill.ChartPart.FRAME_TIMES;
import static app.fluss.core.feel.drill.ChartPart.RATES;
import static app.fluss.core.feel.drill.ChartPart.REFRESHES;

import app.fluss.core.measure.Measure;
import java.util.List;
import java.util.Set;

/// What can be wrong with a run, as far as its frames tell it.
@SuppressWarnings("ImmutableEnumChecker") // lists and sets that nothing changes, which the checker cannot see
public enum Fault {
    /// Nothing.
    NONE(
            "no fault",
            "The frames show nothing wrong: rates agree with each other, and frame times and refreshes are even.",
            Set.of(ChartPart.values()),
            List.of(Measure.PRESENTED, Measure.DELIVERED, Measure.EVEN_SHARE)),
    /// The counter leaves generated images out.
    COUNTER_BLIND(
            "the counter does not see generated images",
            "The claimed rate is near the rendered one, while more is presented.",
            Set.of(RATES),
            List.of(Measure.CLAIMED, Measure.RENDERED, Measure.PRESENTED)),
    /// Generated images repeat the one before.
    PHANTOM_IMAGES(
            "generated images repeat the one before",
            "More is presented than delivered: the difference is the generated images.",
            Set.of(RATES, REFRESHES),
            List.of(Measure.PRESENTED, Measure.DELIVERED, Measure.RENDERED)),
    /// Generation is set and makes nothing.
    NOT_ENGAGED(
            "generation is set but makes nothing",
            "Presented and rendered rate are the same, while the counter claims more.",
            Set.of(RATES, REFRESHES),
            List.of(Measure.CLAIMED, Measure.RENDERED, Measure.PRESENTED)),
    /// The generator cannot make all images.
    CANNOT_FOLLOW(
            "the generator cannot keep up",
            "Fewer images are presented per rendered one than the multiplier says, or rendered ones are dropped on the way.",
            Set.of(RATES, FRAME_TIMES),
            List.of(Measure.RENDERED, Measure.PRESENTED, Measure.SPREAD)),
    /// The base rate is too low.
    BASE_TOO_LOW(
            "the base rate is too low",
            "Few rendered images are left to generate from: the wait is long and motion rough.",
            Set.of(RATES, FIGURES),
            List.of(Measure.RENDERED, Measure.PRESENTED)),
    /// The generator sees only some of the images.
    CAPTURE_LOCKED(
            "the generator captures only part of the images",
            "The rendered images that arrive are fixed to a rate of the desktop, and the game's others are lost.",
            Set.of(RATES, FRAME_TIMES),
            List.of(Measure.RENDERED, Measure.PRESENTED, Measure.SPREAD)),
    /// More is presented than can be shown.
    ABOVE_REFRESH(
            "more is presented than the display shows",
            "Presented lies above the refresh rate, and the surplus is lost.",
            Set.of(RATES, REFRESHES),
            List.of(Measure.PRESENTED, Measure.DELIVERED, Measure.LOST)),
    /// Images stay for different numbers of refreshes.
    UNEVEN_CADENCE(
            "the cadence is uneven",
            "The rate does not divide the refresh rate: images stay for one refresh, then for two.",
            Set.of(REFRESHES, FIGURES),
            List.of(Measure.EVEN_SHARE, Measure.HOLD_DEVIATION, Measure.MOTION)),
    /// The application is held below the rate of its headset.
    BELOW_FULL_RATE(
            "the application misses the headset's rate",
            "Refreshes come without a new image.",
            Set.of(RATES, REFRESHES),
            List.of(Measure.RENDERED, Measure.DELIVERED, Measure.EVEN_SHARE)),
    /// Single frames take far longer.
    HITCHES(
            "hitches",
            "Single frames take many times longer than the others.",
            Set.of(FRAME_TIMES, FIGURES, REFRESHES),
            List.of(Measure.STUTTERS, Measure.STUTTER_TIME, Measure.MAX)),
    /// The CPU limits a stretch.
    CPU_LIMIT(
            "the CPU limits",
            "Frame times rise in a stretch while the GPU waits.",
            Set.of(FIGURES, FRAME_TIMES),
            List.of(Measure.LIMIT_CPU, Measure.LIMIT_GPU, Measure.MEAN)),
    /// Card memory fills.
    MEMORY_FULL(
            "card memory fills up",
            "Hitches grow in number towards the end of the route.",
            Set.of(FRAME_TIMES, FIGURES),
            List.of(Measure.STUTTERS, Measure.STUTTER_TIME, Measure.MAX)),
    /// The clock falls.
    CLOCK_DROP(
            "the clock drops",
            "Frame times rise step by step and stay there, without hitches.",
            Set.of(FRAME_TIMES),
            List.of(Measure.MEAN, Measure.MIN, Measure.MAX));

    private final String title;
    private final String sign;
    private final Set<ChartPart> shownBy;
    private final List<Measure> figures;

    Fault(String title, String sign, Set<ChartPart> shownBy, List<Measure> figures) {
        this.title = title;
        this.sign = sign;
        this.shownBy = shownBy;
        this.figures = figures;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// What gives it away, in a sentence.
    public String sign() {
        return sign;
    }

    /// Where it can be seen.
    public Set<ChartPart> shownBy() {
        return shownBy;
    }

    /// The figures that give it away.
    public List<Measure> figures() {
        return figures;
    }
}

package app.fluss.core.means;

import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// A way to answer a question: what it needs, how good the answer is, how it goes, and how long it takes for
/// one path against native. Times are our own estimate for one game, three runs of a minute a side, everything
/// at hand.
@SuppressWarnings("ImmutableEnumChecker") // an unmodifiable set, which the checker cannot see
public enum Way {
    /// Numbers read off a counter.
    READ_ALOUD(
            Question.RATES,
            Grade.D,
            10,
            "Enter what the overlay shows, or type it on the pad while the scene runs. It says what was counted, not what"
                    + " was seen.",
            Means.OVERLAY),
    /// Numbers on a recording.
    RECORDED(
            Question.RATES,
            Grade.D_PLUS,
            12,
            "Record the screen with the counter on it, drop the recording into the window and drag over the number: it is"
                    + " read on every picture, and the same recording shows how many images are new.",
            Means.OVERLAY,
            Means.RECORDING),
    /// A tool's average.
    TOOL_AVERAGE(
            Question.RATES,
            Grade.C,
            10,
            "Enter the tool's average, or drop its summary into the window.",
            Means.SUMMARY),
    /// A frame log.
    LOG_RATES(
            Question.RATES,
            Grade.B,
            15,
            "Log the scene and drop the file into the window: rendered, presented and, with display times or a stated"
                    + " refresh, delivered rate.",
            Means.FRAME_LOG),
    /// A tool's low.
    TOOL_LOW(
            Question.LOWS,
            Grade.C,
            10,
            "Enter the tool's 1 % low with its convention. Lows of different conventions do not compare.",
            Means.SUMMARY),
    /// Lows of a log.
    LOG_LOWS(
            Question.LOWS,
            Grade.B,
            15,
            "Log the scene: all three conventions, of presented and of delivered images.",
            Means.FRAME_LOG),
    /// Holds in a recording.
    RECORDED_HOLDS(
            Question.EVENNESS,
            Grade.D,
            20,
            "Record the screen without an overlay that moves, and count its pictures: hold counts, no finer than the"
                    + " recorder's own rate.",
            Means.RECORDING),
    /// Holds on the panel.
    FILMED_HOLDS(
            Question.EVENNESS,
            Grade.D,
            25,
            "Film the panel at 240 pictures/s with the phone fixed, and count: how long each image stays.",
            Means.PHONE_240),
    /// Pacing of a log.
    LOG_EVENNESS(
            Question.EVENNESS,
            Grade.B,
            15,
            "Log the scene: spread, stutters, and with display times the refresh weave.",
            Means.FRAME_LOG),
    /// A slow film of a click.
    FILMED_120(
            Question.LATENCY,
            Grade.D,
            40,
            "Film button and screen at 120 pictures/s and count pictures on 20 presses: each sample is 3.4 ms unsure.",
            Means.PHONE_120),
    /// A film of a click.
    FILMED_240(
            Question.LATENCY,
            Grade.C,
            40,
            "Film button and screen at 240 pictures/s; drop the clip into the window. Each sample is 1.7 ms unsure.",
            Means.PHONE_240),
    /// Sound card.
    SOUND(
            Question.LATENCY,
            Grade.A,
            15,
            "Click on one channel, light on the other: measured live in Capture, or as a WAV file.",
            Means.MICROPHONE),
    /// Light sensor.
    LIGHT(
            Question.LATENCY,
            Grade.A,
            15,
            "Hold the sensor on the answering area and click 20 times or more.",
            Means.SENSOR),
    /// Distinct pictures of a recording.
    RECORDED_PICTURES(
            Question.DISTINCT,
            Grade.D,
            20,
            "Record a scene in steady motion and count its pictures. More than the recorder's rate it cannot show.",
            Means.RECORDING),
    /// Distinct pictures on the panel.
    FILMED_PICTURES(
            Question.DISTINCT,
            Grade.C,
            30,
            "Film the panel at 240 pictures/s in steady motion, the phone fixed, and count.",
            Means.PHONE_240),
    /// A log with game times.
    LOG_PICTURES(
            Question.DISTINCT,
            Grade.B,
            15,
            "Log the scene with game times or kinds: images that repeat their neighbour are told.",
            Means.FRAME_LOG),
    /// Work per frame.
    LOG_CAUSE(
            Question.CAUSE,
            Grade.B,
            15,
            "Log CPU and GPU work per frame: what limits, and what each stutter waited for.",
            Means.FRAME_LOG),
    /// Two logs of a stream.
    TWO_LOGS(
            Question.CAUSE,
            Grade.B,
            25,
            "Log host and client of a stream and add both: game, network or screen, hitch by hitch.",
            Means.FRAME_LOG,
            Means.SECOND_MACHINE),
    /// A link by itself.
    PROBE(
            Question.CAUSE,
            Grade.C,
            10,
            "Probe the link between the two machines: loss and delay while nothing is played.",
            Means.SECOND_MACHINE),
    /// A runtime's log.
    HEADSET(
            Question.CAUSE,
            Grade.B,
            15,
            "Add the runtime's log of refreshes: misses, their spells, and what reprojection did.",
            Means.HEADSET_COUNTER);

    private final Question question;
    private final Grade grade;
    private final int minutes;
    private final String how;
    private final Set<Means> needs;

    Way(Question question, Grade grade, int minutes, String how, Means... needs) {
        this.question = question;
        this.grade = grade;
        this.minutes = minutes;
        this.how = how;
        this.needs = Set.of(needs);
    }

    /// What it answers.
    public Question question() {
        return question;
    }

    /// How good the answer is.
    public Grade grade() {
        return grade;
    }

    /// How long it takes, min.
    public int minutes() {
        return minutes;
    }

    /// How it goes, in words.
    public String how() {
        return how;
    }

    /// All that it needs.
    public Set<Means> needs() {
        return needs;
    }

    /// The best answer to a question with what there is; of equally good ones the quickest.
    public static Optional<Way> best(Question question, Set<Means> there) {
        return to(question).stream()
                .filter(way -> there.containsAll(way.needs))
                .min(Comparator.comparing(Way::grade).thenComparingInt(Way::minutes));
    }

    /// The quickest answer to a question that is better than a grade, whatever it needs.
    ///
    /// @param known the grade at which it is known; empty if it is not
    public static Optional<Way> quickest(Question question, Optional<Grade> known) {
        return quickest(to(question).stream().filter(way -> known.isEmpty() || way.grade.compareTo(known.get()) < 0));
    }

    /// The quickest answer to a question about a run on a path, whatever it needs besides.
    public static Optional<Way> quickest(Question question, Chain path) {
        return quickest(to(question).stream().filter(way -> way.fits(path)));
    }

    /// Only a stream has two ends, only a headset a runtime.
    private boolean fits(Chain path) {
        return (path.has(StageKind.HOME_STREAM) || !needs.contains(Means.SECOND_MACHINE))
                && (path.has(StageKind.VR_REPROJECTION) || !needs.contains(Means.HEADSET_COUNTER));
    }

    private static Optional<Way> quickest(Stream<Way> ways) {
        return ways.min(Comparator.comparingInt(Way::minutes).thenComparing(Way::grade));
    }

    private static List<Way> to(Question question) {
        return Arrays.stream(values()).filter(way -> way.question == question).toList();
    }
}

package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/// What was learnt of a number that stands on the pictures of a recording, by which its pictures are
/// read.
final class LearntNumber {
    private static final double READING = 0.9;
    private static final int LONGEST = 9;

    private final Learner.@Nullable Learnt learnt;
    private final @Nullable Ink steady;
    private final boolean half;

    /// @param learnt null if no ink was found
    LearntNumber(Learner.@Nullable Learnt learnt) {
        this(learnt, null, false);
    }

    private LearntNumber(Learner.@Nullable Learnt learnt, @Nullable Ink steady, boolean half) {
        this.learnt = learnt;
        this.steady = steady;
        this.half = half;
    }

    /// The same, learnt from pictures that were steadied by an ink.
    static LearntNumber ofSteadied(Learner.Learnt learnt, Ink ink) {
        return new LearntNumber(learnt, ink, false);
    }

    /// The same, learnt from pictures of half the size.
    static LearntNumber ofHalf(LearntNumber small) {
        return new LearntNumber(small.learnt, small.steady, true);
    }

    /// Why nothing can be read, in words; empty if something can.
    String whyNot() {
        if (learnt == null || learnt.place().figures() == 0) {
            return "no figures were found in the rectangle";
        } else if (learnt.isTrusted()) {
            return "";
        }
        return learnt.place().spacing().isLost()
                ? "it could not be told whether there is a point between the figures"
                : "the figures could not be told from what stands behind them";
    }

    /// The looks of its glyphs.
    List<GlyphClass> classes() {
        return learnt == null || learnt.place().figures() == 0 ? List.of() : learnt.classes();
    }

    /// Reads it on every picture.
    ///
    /// @param crops of the recording that it was learnt from
    /// @param ms when each picture is shown, ms from the clip's begin, rising; as many as there are crops, one
    ///     at least
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    OverlaySeries read(Crops crops, double[] ms, Progress progress) {
        double[] values = values(crops, progress);
        boolean any = Arrays.stream(values).anyMatch(value -> !Double.isNaN(value));
        String nothing = any ? "" : "no picture could be read beyond doubt";
        return OverlaySeries.of(values, ms, classes(), whyNot().isEmpty() ? nothing : whyNot());
    }

    /// What each picture shows; NaN where it is open.
    double[] values(Crops whole, Progress progress) {
        double[] values = new double[whole.size()];
        Arrays.fill(values, Double.NaN);
        if (learnt != null && whyNot().isEmpty()) {
            Crops moving = half ? new Shrunk(whole) : whole;
            Crops crops = steady == null ? moving : Steadied.back(moving, steady);
            double first = steady == null ? READING : READING / 2;
            PictureReading[] readings = readings(crops, learnt, progress.part(0, first));
            if (steady != null) {
                PictureReading[] ahead =
                        readings(Steadied.ahead(moving, steady), learnt, progress.part(first, READING));
                readings = new BothWays(learnt.reader(), readings, ahead).readings();
            }
            learnt.reader().neighbours().doubtStrangers(readings);
            String[] texts = new Standing(crops, moving, steady != null, learnt.reader(), readings)
                    .texts(progress.part(READING, 1));
            Arrays.setAll(values, i -> texts[i].isEmpty() ? Double.NaN : value(texts[i]));
        }
        return values;
    }

    /// NaN for what is no number.
    private static double value(String text) {
        boolean number = text.indexOf('.') == text.lastIndexOf('.') && text.length() <= LONGEST;
        return number ? Double.parseDouble(text) : Double.NaN;
    }

    private static PictureReading[] readings(Crops crops, Learner.Learnt learnt, Progress progress) {
        PictureReading[] readings = new PictureReading[crops.size()];
        byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
        for (int i = 0; i < readings.length; i++) {
            crops.read(i, crop);
            readings[i] = reading(crop, learnt);
            progress.check((double) i / readings.length);
        }
        return readings;
    }

    private static PictureReading reading(byte[] crop, Learner.Learnt learnt) {
        LineReader.Reading reading = learnt.reader().read(crop);
        for (NumberRun run : reading.runs()) {
            if (learnt.place().holds(run.centre(learnt.reader().templates()))) {
                return new PictureReading(
                        run.text(learnt.reader().templates(), learnt.place().spacing()),
                        run.left(),
                        run.right(learnt.reader().templates()),
                        reading.glyphs(),
                        learnt.reader().isSure(crop, reading, run));
            }
        }
        return PictureReading.NOTHING;
    }
}

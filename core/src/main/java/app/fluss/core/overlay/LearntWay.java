package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.Arrays;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/// One way to look at the pictures of a recording, and what was learnt of a number as it shows there.
///
/// @param learnt what was learnt
/// @param view what is made of the pictures
/// @param steady the ink by which they are steadied after that; null if they are not
record LearntWay(
        Learner.Learnt learnt,
        UnaryOperator<Crops> view,
        @Nullable Ink steady) {
    private static final double READING = 0.9;
    private static final int LONGEST = 9;
    private static final double STANDS_UP = 0.25;

    /// The same, where what it looked at was made of the pictures.
    LearntWay through(UnaryOperator<Crops> outer) {
        return new LearntWay(learnt, crops -> view.apply(outer.apply(crops)), steady);
    }

    /// What each picture shows; NaN where it is open. All are if most of what the pictures by themselves left no doubt
    /// of does not stand up: what is left of it is then chance.
    double[] values(Crops whole, Progress progress) {
        Crops moving = view.apply(whole);
        Crops crops = steady == null ? moving : Steadied.back(moving, steady);
        double first = steady == null ? READING : READING / 2;
        PictureReading[] readings = readings(crops, progress.part(0, first));
        if (steady != null) {
            PictureReading[] ahead = readings(Steadied.ahead(moving, steady), progress.part(first, READING));
            readings = new BothWays(learnt.reader(), readings, ahead).readings();
        }
        long seemed = Arrays.stream(readings).filter(PictureReading::sure).count();
        learnt.reader().neighbours().doubtStrangers(readings);
        new Alignment(learnt.found().figureHeight(), learnt.reader().templates()).doubtStray(readings);
        new Following(learnt.found().figureHeight()).doubtMore(readings);
        new Bearings(learnt.found().figureHeight(), learnt.reader().templates()).doubtWide(readings);
        String[] texts =
                new Standing(crops, moving, steady != null, learnt.reader(), readings).texts(progress.part(READING, 1));
        if (Arrays.stream(texts).filter(text -> !text.isEmpty()).count() < STANDS_UP * seemed) {
            Arrays.fill(texts, "");
        }
        return Arrays.stream(texts).mapToDouble(LearntWay::value).toArray();
    }

    /// NaN for what is no number.
    private static double value(String text) {
        boolean number = !text.isEmpty() && text.indexOf('.') == text.lastIndexOf('.') && text.length() <= LONGEST;
        return number ? Double.parseDouble(text) : Double.NaN;
    }

    private PictureReading[] readings(Crops crops, Progress progress) {
        PictureReading[] readings = new PictureReading[crops.size()];
        byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
        for (int i = 0; i < readings.length; i++) {
            crops.read(i, crop);
            readings[i] = reading(crop);
            progress.check((double) i / readings.length);
        }
        return readings;
    }

    private PictureReading reading(byte[] crop) {
        LineReader.Reading reading = learnt.reader().read(crop);
        for (NumberRun run : reading.runs()) {
            if (learnt.place().holds(run.centre(learnt.reader().templates()))) {
                return new PictureReading(
                        run.text(learnt.reader().templates(), learnt.place().spacing()),
                        run.left(),
                        run.right(learnt.reader().templates()),
                        reading.glyphs(),
                        learnt.reader().after(reading, run),
                        learnt.reader().isSure(crop, reading, run));
            }
        }
        return PictureReading.NOTHING;
    }
}

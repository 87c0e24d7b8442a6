package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// Reads the number that one rectangle of a clip shows, on every picture: it learns from the clip itself what
/// its glyphs look like, has them named, and reads by them. What is not beyond doubt stays open.
public final class OverlayReader {
    private static final int MOST_INKS = 4;
    private static final double BETTER = 1.05;
    private static final double PLAIN = 0.9;
    private static final int SEVERAL = 3;
    private static final int LARGE = 36;
    private static final double SEARCHING = 0.05;
    private static final double LEARNING = 0.4;
    private static final double READING = 0.95;
    private static final int LONGEST = 9;

    private final GlyphNamer namer;
    private final FigureShapes shapes;

    /// @param namer names glyphs
    /// @param shapes are the second opinion
    public OverlayReader(GlyphNamer namer, FigureShapes shapes) {
        this.namer = namer;
        this.shapes = shapes;
    }

    /// Reads a number on every picture.
    ///
    /// @param told glyphs of this clip, or of one with the same overlay, that the analyst has named: they are
    ///     taken as they were called
    /// @param ms when each picture is shown, ms from the clip's begin, rising; as many as there are crops, one
    ///     at least
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public OverlaySeries read(Crops crops, double[] ms, List<GlyphClass> told, Progress progress) {
        List<InkSearch.Found> inks = new InkSearch(crops).find(progress.part(0, SEARCHING));
        if (!inks.isEmpty() && inks.getFirst().figureHeight() > LARGE) {
            return read(new Shrunk(crops), ms, told, progress.part(SEARCHING, 1));
        }
        Learner.Learnt learnt =
                learn(crops, inks, told, progress.part(SEARCHING, LEARNING)).orElse(null);
        double[] values = new double[crops.size()];
        Arrays.fill(values, Double.NaN);
        if (learnt == null || learnt.place().figures() == 0) {
            return OverlaySeries.of(values, ms, List.of(), "no figures were found in the rectangle");
        } else if (!learnt.isTrusted()) {
            String why = learnt.place().spacing().isLost()
                    ? "there is room for a point between the figures, and none could be made out"
                    : "the figures could not be told from what stands behind them";
            return OverlaySeries.of(values, ms, learnt.classes(), why);
        }
        PictureReading[] readings = readings(crops, learnt, progress.part(LEARNING, READING));
        String[] texts = new Standing(crops, learnt.reader(), readings).texts(progress.part(READING, 1));
        for (int i = 0; i < values.length; i++) {
            values[i] = texts[i].isEmpty() ? Double.NaN : value(texts[i]);
        }
        boolean any = Arrays.stream(values).anyMatch(value -> !Double.isNaN(value));
        return OverlaySeries.of(values, ms, learnt.classes(), any ? "" : "no picture could be read beyond doubt");
    }

    /// NaN for what is no number.
    private static double value(String text) {
        boolean number = text.indexOf('.') == text.lastIndexOf('.') && text.length() <= LONGEST;
        return number ? Double.parseDouble(text) : Double.NaN;
    }

    private Optional<Learner.Learnt> learn(
            Crops crops, List<InkSearch.Found> inks, List<GlyphClass> told, Progress progress) {
        Learner.Learnt best = null;
        int tried = Math.min(MOST_INKS, inks.size());
        byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
        for (int i = 0; i < tried; i++) {
            Progress part = progress.part((double) i / tried, (i + 1.0) / tried);
            Learner learner = new Learner(crops.width(), crops.height(), inks.get(i), namer, shapes);
            int samples = Learner.sampleCount(crops);
            for (int s = 0; s < samples; s++) {
                crops.read((int) ((long) s * crops.size() / samples), crop);
                learner.take(crop);
                part.check(0.3 * s / samples);
            }
            Learner.Learnt learnt = learner.learn(told, part.part(0.3, 1));
            if (best == null || learnt.worth() > BETTER * best.worth()) {
                best = learnt;
            }
            if (best.place().sureShare() > PLAIN && best.place().figures() >= SEVERAL) {
                break;
            }
        }
        return Optional.ofNullable(best);
    }

    private PictureReading[] readings(Crops crops, Learner.Learnt learnt, Progress progress) {
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
                        reading.glyphs(),
                        learnt.reader().isSure(crop, reading, run));
            }
        }
        return PictureReading.NOTHING;
    }
}

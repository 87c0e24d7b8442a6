package app.fluss.core.overlay;

import java.util.Arrays;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/// What is written as high as figures right after numbers, told or not: mostly a unit, which begins as far behind
/// them and ends as far. Where it begins nearer or ends farther, a figure of the number was not made out, or was
/// taken for a letter.
final class Following {
    private static final double ROOM = 0.35;
    private static final double OFTEN = 0.2;
    private static final double ALL = 0.99;

    private final int room;

    /// @param figureHeight px
    Following(int figureHeight) {
        room = Math.max(2, (int) Math.round(ROOM * figureHeight));
    }

    /// Doubts the numbers after which it begins nearer than it often does, or ends farther. Where it ends in one place
    /// whatever the number, it is one that ends beyond that.
    void doubtMore(PictureReading[] readings) {
        PictureReading[] sure =
                Arrays.stream(readings).filter(PictureReading::sure).toArray(PictureReading[]::new);
        if (sure.length == 0) {
            return;
        }
        ToIntFunction<PictureReading> end = reading -> reading.after().to();
        ToIntFunction<PictureReading> beyond = reading -> reading.after().to() - reading.to();
        int last = highest(sure, end, ALL);
        int farthest = highest(sure, beyond, OFTEN);
        boolean fixed = Arrays.stream(sure)
                        .filter(reading -> Math.abs(end.applyAsInt(reading) - last) <= room)
                        .count()
                >= ALL * sure.length;
        int nearest = -highest(sure, reading -> -gap(reading), OFTEN);
        Predicate<PictureReading> odd = reading -> {
            boolean farther =
                    fixed ? end.applyAsInt(reading) > last + room : beyond.applyAsInt(reading) > farthest + room;
            return farther || gap(reading) < nearest - room;
        };
        int[] at = IntStream.range(0, readings.length)
                .filter(i -> readings[i].sure())
                .toArray();
        int from = 0;
        for (int to = 1; to <= at.length; to++) {
            if (to == at.length || !readings[at[to]].text().equals(readings[at[from]].text())) {
                doubtIfMostly(readings, Arrays.copyOfRange(at, from, to), odd);
                from = to;
            }
        }
    }

    /// The letters of a unit break on some pictures; a figure that is lacking does so on most that show the number.
    private static void doubtIfMostly(PictureReading[] readings, int[] stand, Predicate<PictureReading> odd) {
        long times = Arrays.stream(stand).filter(i -> odd.test(readings[i])).count();
        if (2 * times > stand.length) {
            for (int i : stand) {
                readings[i] = readings[i].sure(false);
            }
        }
    }

    /// Columns up to what follows, or else up to the next glyph, which may be too far off to be told by its
    /// height; none after a number that nothing follows.
    private static int gap(PictureReading reading) {
        int next = reading.glyphs().stream()
                .mapToInt(Glyph::left)
                .filter(left -> left >= reading.to())
                .min()
                .orElse(reading.to());
        boolean high = reading.after().from() < reading.after().to();
        return (high ? reading.after().from() : next) - reading.to();
    }

    /// The highest value near which some share of all are at least.
    private int highest(PictureReading[] sure, ToIntFunction<PictureReading> value, double share) {
        int[] sorted = Arrays.stream(sure).mapToInt(value).sorted().toArray();
        int often = Math.max(1, (int) Math.ceil(share * sorted.length));
        int highest = sorted.length - 1;
        while (highest >= often && sorted[highest - often + 1] < sorted[highest] - room) {
            highest--;
        }
        return sorted[highest];
    }
}

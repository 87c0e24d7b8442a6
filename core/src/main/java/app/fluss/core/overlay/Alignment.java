package app.fluss.core.overlay;

import java.util.Arrays;
import java.util.List;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/// Where numbers stand: overlays write them from one place on, up to one, or around one. A number that begins or
/// ends elsewhere than nearly all of them may be a part of one whose other figures could not be made out.
final class Alignment {
    private static final double ROOM = 0.35;
    private static final double ALL = 0.99;
    private static final double MOSTLY = 0.6;
    private static final int NONE = -1;

    private final int room;
    private final List<Template> templates;

    /// @param figureHeight px
    Alignment(int figureHeight, List<Template> templates) {
        room = (int) Math.round(ROOM * figureHeight);
        this.templates = templates;
    }

    /// The columns where most numbers have an edge.
    ///
    /// @param share of numbers that have it there
    private record Common(ToIntFunction<PictureReading> edge, int from, int to, double share) {
        boolean holds(PictureReading reading) {
            return edge.applyAsInt(reading) >= from && edge.applyAsInt(reading) <= to;
        }
    }

    /// Doubts the numbers that stand elsewhere. Where nearly all begin in one place it does not matter that they
    /// end in several; where neither holds, both ends count that most have.
    void doubtStray(PictureReading[] readings) {
        PictureReading[] sure =
                Arrays.stream(readings).filter(PictureReading::sure).toArray(PictureReading[]::new);
        if (sure.length == 0) {
            return;
        }
        Common begin = common(sure, PictureReading::from, room);
        Common end = common(sure, PictureReading::to, room);
        Common middle = common(sure, reading -> reading.from() + reading.to(), 2 * room);
        List<Common> kept = Stream.of(begin, end, middle)
                .filter(one -> one.share >= ALL)
                .limit(1)
                .toList();
        if (kept.isEmpty()) {
            kept = Stream.of(begin, end).filter(one -> one.share >= MOSTLY).toList();
        }
        doubt(readings, kept);
        doubtApart(readings, sure);
    }

    /// Doubts the numbers after which the unit stands farther off, or closer, than it mostly does, where it goes with
    /// them.
    private void doubtApart(PictureReading[] readings, PictureReading[] sure) {
        PictureReading[] followed =
                Arrays.stream(sure).filter(reading -> unit(reading) != NONE).toArray(PictureReading[]::new);
        if (followed.length >= MOSTLY * sure.length) {
            Common place = common(followed, this::unit, 0);
            Common apart = common(followed, reading -> unit(reading) - reading.to(), room);
            if (place.share < ALL && apart.share >= MOSTLY) {
                doubt(readings, List.of(apart));
            }
        }
    }

    private static void doubt(PictureReading[] readings, List<Common> kept) {
        for (int i = 0; i < readings.length; i++) {
            PictureReading reading = readings[i];
            readings[i] = reading.sure(reading.sure() && kept.stream().allMatch(one -> one.holds(reading)));
        }
    }

    /// First column of the letter that follows a number.
    private int unit(PictureReading reading) {
        return reading.glyphs().stream()
                .filter(glyph -> glyph.left() >= reading.to())
                .filter(glyph -> {
                    Template template = templates.get(glyph.template());
                    return !template.isFigure() && !template.isPoint() && template.name() != 0;
                })
                .mapToInt(Glyph::left)
                .min()
                .orElse(NONE);
    }

    private static Common common(PictureReading[] sure, ToIntFunction<PictureReading> edge, int room) {
        int[] sorted = Arrays.stream(sure).mapToInt(edge).sorted().toArray();
        int most = 0;
        int best = sorted[0];
        int to = 0;
        for (int from = 0; from < sorted.length; from++) {
            while (to < sorted.length && sorted[to] <= sorted[from] + room) {
                to++;
            }
            if (to - from > most) {
                most = to - from;
                best = sorted[from];
            }
        }
        return new Common(edge, best, best + room, (double) most / sorted.length);
    }
}

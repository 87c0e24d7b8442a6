package app.fluss.core.overlay;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Where numbers stand: overlays write them from one place on, up to one, or around one. A number that begins or
/// ends elsewhere than nearly all of them may be a part of one whose other figures could not be made out.
final class Alignment {
    private static final double ROOM = 0.35;
    private static final double ALL = 0.99;
    private static final double MOSTLY = 0.6;
    private static final double OFTEN = 0.2;

    private final int room;
    private final List<Template> templates;
    private final int[] letters;

    /// @param figureHeight px
    Alignment(int figureHeight, List<Template> templates) {
        room = (int) Math.round(ROOM * figureHeight);
        this.templates = templates;
        letters = IntStream.range(0, templates.size())
                .map(t -> letter(templates, t, Clusters.spot(figureHeight)))
                .toArray();
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
    /// end in several; where neither holds, both ends count that most have, and what many longer ones have.
    void doubtStray(PictureReading[] readings) {
        PictureReading[] sure =
                Arrays.stream(readings).filter(PictureReading::sure).toArray(PictureReading[]::new);
        if (sure.length == 0) {
            return;
        }
        Common begin = common(sure, PictureReading::from, room);
        Common end = common(sure, PictureReading::to, room);
        Common middle = common(sure, reading -> reading.from() + reading.to(), 2 * room);
        Optional<Common> all =
                Stream.of(begin, end, middle).filter(one -> one.share >= ALL).findFirst();
        if (all.isPresent()) {
            doubt(readings, all.get()::holds);
        } else {
            boolean both = Math.min(begin.share, end.share) >= MOSTLY;
            Optional<Common> sooner = longer(both, sure, PictureReading::from, reading -> reading.from() < begin.from);
            Optional<Common> later = longer(both, sure, PictureReading::to, reading -> reading.to() > end.to);
            doubt(readings, reading -> stands(reading, begin, sooner) && stands(reading, end, later));
        }
        doubtApart(readings, sure);
    }

    /// Doubts the numbers after which the unit stands farther off, or closer, than it mostly does, where it goes with
    /// them.
    private void doubtApart(PictureReading[] readings, PictureReading[] sure) {
        PictureReading[] followed =
                Arrays.stream(sure).filter(reading -> unit(reading).isPresent()).toArray(PictureReading[]::new);
        if (followed.length >= MOSTLY * sure.length) {
            Common place =
                    common(followed, reading -> unit(reading).map(Glyph::left).orElseThrow(), 0);
            Common apart =
                    common(followed, reading -> gap(reading, unit(reading).orElseThrow()), room);
            if (place.share < ALL && apart.share >= MOSTLY) {
                Map<Integer, Common> usual = usual(followed);
                for (int i = 0; i < readings.length; i++) {
                    readings[i] = readings[i].sure(readings[i].sure() && isAsFar(readings[i], usual, apart));
                }
            }
        }
    }

    /// How far behind numbers each letter mostly stands: on some pictures the first ones of a unit have no name. One
    /// that is seldom made out may be so just where a figure before it was not: it stands as far off as any unit.
    private Map<Integer, Common> usual(PictureReading[] followed) {
        Map<Integer, Common> usual = new HashMap<>();
        Arrays.stream(followed)
                .flatMap(this::behind)
                .map(this::letter)
                .distinct()
                .forEach(letter -> {
                    PictureReading[] with = Arrays.stream(followed)
                            .filter(reading -> first(reading, letter).isPresent())
                            .toArray(PictureReading[]::new);
                    if (with.length >= OFTEN * followed.length) {
                        usual.put(
                                letter,
                                common(
                                        with,
                                        reading -> gap(
                                                reading, first(reading, letter).orElseThrow()),
                                        room));
                    }
                });
        return usual;
    }

    private boolean isAsFar(PictureReading reading, Map<Integer, Common> usual, Common apart) {
        return unit(reading)
                .map(letter -> usual.getOrDefault(letter(letter), apart))
                .filter(place -> place.share >= MOSTLY && place.holds(reading))
                .isPresent();
    }

    /// Where the numbers mostly begin or end that reach farther than most: nothing is lacking from them where they hold
    /// the other edge. Of what is seldom seen it is not known.
    private Optional<Common> longer(
            boolean both,
            PictureReading[] sure,
            ToIntFunction<PictureReading> edge,
            Predicate<PictureReading> isLonger) {
        PictureReading[] longer = Arrays.stream(sure).filter(isLonger).toArray(PictureReading[]::new);
        return both && longer.length >= OFTEN * sure.length
                ? Optional.of(common(longer, edge, room))
                : Optional.empty();
    }

    private static boolean stands(PictureReading reading, Common usual, Optional<Common> longer) {
        return usual.share < MOSTLY
                || usual.holds(reading)
                || longer.filter(one -> one.holds(reading)).isPresent();
    }

    private static void doubt(PictureReading[] readings, Predicate<PictureReading> kept) {
        for (int i = 0; i < readings.length; i++) {
            readings[i] = readings[i].sure(readings[i].sure() && kept.test(readings[i]));
        }
    }

    /// The letter that follows a number.
    private Optional<Glyph> unit(PictureReading reading) {
        return behind(reading).min(Comparator.comparingInt(Glyph::left));
    }

    private Optional<Glyph> first(PictureReading reading, int letter) {
        return behind(reading).filter(glyph -> letter(glyph) == letter).min(Comparator.comparingInt(Glyph::left));
    }

    private static int gap(PictureReading reading, Glyph letter) {
        return letter.left() - reading.to();
    }

    /// Which letter a template is: those of one name, or of one look where it is only known that they are no figures.
    private static int letter(List<Template> templates, int t, int spot) {
        Template own = templates.get(t);
        if (own.name() != GlyphClass.OTHER) {
            return own.name();
        }
        int first = 0;
        while (!isAlike(own, templates.get(first), spot)) {
            first++;
        }
        return -1 - first;
    }

    private static boolean isAlike(Template own, Template other, int spot) {
        return other.name() == own.name() && own.look().distanceBetweenPixels(other.look(), spot) < Clusters.ALIKE;
    }

    private int letter(Glyph glyph) {
        return letters[glyph.template()];
    }

    /// The letters behind a number.
    private Stream<Glyph> behind(PictureReading reading) {
        return reading.glyphs().stream().filter(glyph -> {
            Template template = templates.get(glyph.template());
            return glyph.left() >= reading.to() && !template.isFigure() && !template.isPoint() && template.name() != 0;
        });
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

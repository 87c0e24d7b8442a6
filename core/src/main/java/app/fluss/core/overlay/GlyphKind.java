package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/// Glyphs of one look, and where they stand: sample and first column.
final class GlyphKind {
    private static final double NEARLY_ALL = 0.9;

    private final char name;
    private final Patch look;
    private final FigureNet.@Nullable Guess guess;
    private final List<Integer> samples = new ArrayList<>();
    private final List<Integer> lefts = new ArrayList<>();

    /// @param name 0 if it is not known
    /// @param guess what the net says of it, if it was asked
    GlyphKind(char name, Patch look, FigureNet.@Nullable Guess guess) {
        this.name = name;
        this.look = look;
        this.guess = guess;
    }

    /// The same look, nowhere yet.
    GlyphKind anew() {
        return new GlyphKind(name, look, guess);
    }

    /// A unit where it was found.
    static GlyphKind of(UnitSearch.Unit unit, int samples) {
        GlyphKind kind = new GlyphKind(GlyphClass.OTHER, unit.look(), null);
        for (int i = 0; i < samples; i++) {
            if (unit.left(i) >= 0) {
                kind.add(i, unit.left(i));
            }
        }
        return kind;
    }

    char name() {
        return name;
    }

    Patch look() {
        return look;
    }

    /// What the net says of it, if it was asked.
    FigureNet.@Nullable Guess guess() {
        return guess;
    }

    /// Number of places.
    int size() {
        return samples.size();
    }

    /// First column of each place.
    int[] lefts() {
        return lefts.stream().mapToInt(Integer::intValue).toArray();
    }

    /// The sample of each place.
    List<byte[]> crops(List<byte[]> all) {
        return samples.stream().map(all::get).toList();
    }

    void add(int sample, int left) {
        samples.add(sample);
        lefts.add(left);
    }

    /// Whether nearly all of them are pieces of a unit.
    boolean isPartOf(UnitSearch.Unit unit) {
        int covered = 0;
        for (int i = 0; i < size(); i++) {
            covered += unit.covers(samples.get(i), lefts.get(i), look.width()) ? 1 : 0;
        }
        return covered >= NEARLY_ALL * size();
    }
}

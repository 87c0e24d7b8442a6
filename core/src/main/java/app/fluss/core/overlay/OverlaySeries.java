package app.fluss.core.overlay;

import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;

/// What a counter on the pictures of a clip showed over time. Figures are of what was read; what is open counts
/// for nothing but [#openShare()]. Safe for threads.
public final class OverlaySeries {
    private static final String NOTHING_READ = "nothing could be read";
    private static final double SOON = 0.2;
    private static final int ROUNDS = 3;
    private static final double REGULAR = 0.05;
    private static final double HALF_A_PICTURE = 0.6;
    private static final int FEWEST_CHANGES = 4;

    private final List<Stand> stands;
    private final List<GlyphClass> classes;
    private final String whyNot;

    private OverlaySeries(List<Stand> stands, List<GlyphClass> classes, String whyNot) {
        this.stands = List.copyOf(stands);
        this.classes = List.copyOf(classes);
        this.whyNot = whyNot;
    }

    /// A series of pictures.
    ///
    /// @param values for each picture what it showed; NaN where it could not be read
    /// @param ms when each picture is shown, ms from the clip's begin, rising
    /// @param classes what the glyphs look like
    /// @param whyNot why nothing was read; empty if something was
    static OverlaySeries of(double[] values, double[] ms, List<GlyphClass> classes, String whyNot) {
        List<Stand> stands = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= values.length; i++) {
            if (i == values.length || Double.compare(values[i], values[from]) != 0) {
                stands.add(new Stand(ms[from], i < values.length ? ms[i] : end(ms), i - from, values[from]));
                from = i;
            }
        }
        return new OverlaySeries(stands, classes, whyNot);
    }

    /// A series that was kept, or put together.
    ///
    /// @param stands in the order of time, each where the one before ends
    /// @param whyNot why nothing was read; empty if something was
    /// @throws IllegalArgumentException if there are none, or they do not follow each other
    public static OverlaySeries of(List<Stand> stands, List<GlyphClass> classes, String whyNot) {
        if (stands.isEmpty()) {
            throw new IllegalArgumentException("a series of no pictures");
        }
        for (int i = 1; i < stands.size(); i++) {
            if (stands.get(i).fromMs() != stands.get(i - 1).toMs()) {
                throw new IllegalArgumentException("readings that do not follow each other at %s ms"
                        .formatted(stands.get(i).fromMs()));
            }
        }
        return new OverlaySeries(stands, classes, whyNot);
    }

    /// As the analyst corrected it. Numbers that have become the same as their neighbours are one.
    ///
    /// @param corrections by the time at which the number began, ms: what it showed, NaN for what cannot be
    ///     told. A time at which none began changes nothing
    public OverlaySeries corrected(Map<Double, Double> corrections) {
        if (corrections.isEmpty()) {
            return this;
        }
        List<Stand> all = new ArrayList<>();
        for (Stand stand : stands) {
            Stand said = stand.showing(corrections.getOrDefault(stand.fromMs(), stand.value()));
            boolean same = !all.isEmpty() && Double.compare(all.getLast().value(), said.value()) == 0;
            all.add(same ? all.removeLast().and(said) : said);
        }
        boolean any = all.stream().anyMatch(Stand::isRead);
        return new OverlaySeries(all, classes, any ? "" : whyNot.isEmpty() ? "every reading was struck" : whyNot);
    }

    /// The last picture stays as long as the one before it did.
    private static double end(double[] ms) {
        int n = ms.length;
        return n < 2 ? ms[0] : 2 * ms[n - 1] - ms[n - 2];
    }

    /// What was shown, and for how long, in the order of time.
    public List<Stand> stands() {
        return stands;
    }

    /// The looks of the glyphs and their names, those seen most first.
    public List<GlyphClass> classes() {
        return classes;
    }

    /// Why nothing was read, in words; empty if something was.
    public String whyNot() {
        return whyNot;
    }

    /// How often one number that was read followed another one at once.
    public int changes() {
        int n = 0;
        for (int i = 1; i < stands.size(); i++) {
            n += stands.get(i).isRead() && stands.get(i - 1).isRead() ? 1 : 0;
        }
        return n;
    }

    /// Share of the time for which it could not be read, 0 to 1.
    public double openShare() {
        double open = 0;
        double all = 0;
        for (Stand stand : stands) {
            double lasts = stand.toMs() - stand.fromMs();
            open += stand.isRead() ? 0 : lasts;
            all += lasts;
        }
        return all > 0 ? open / all : 1;
    }

    /// The mean, each number for as long as it stood.
    public Figure mean() {
        double sum = 0;
        double time = 0;
        for (Stand stand : stands) {
            if (stand.isRead()) {
                sum += stand.value() * (stand.toMs() - stand.fromMs());
                time += stand.toMs() - stand.fromMs();
            }
        }
        return Figure.ofFinite(sum / time, NOTHING_READ);
    }

    /// The lowest that was read.
    public Figure low() {
        return Figure.ofFinite(read().min().orElse(Double.NaN), NOTHING_READ);
    }

    /// The highest that was read.
    public Figure high() {
        return Figure.ofFinite(read().max().orElse(Double.NaN), NOTHING_READ);
    }

    private DoubleStream read() {
        return stands.stream().filter(Stand::isRead).mapToDouble(Stand::value);
    }

    /// Share of the time that was read for which the number was below a bound, 0 to 1.
    public Figure shareBelow(double bound) {
        double below = 0;
        double time = 0;
        for (Stand stand : stands) {
            if (stand.isRead()) {
                double lasts = stand.toMs() - stand.fromMs();
                below += stand.value() < bound ? lasts : 0;
                time += lasts;
            }
        }
        return Figure.ofFinite(below / time, NOTHING_READ);
    }

    /// The median over a part of the time, each number for as long as it stood within it.
    ///
    /// @param from share of the time from which on, 0 to 1
    /// @param to share up to which, above `from`
    public Figure median(double from, double to) {
        double begin = stands.getFirst().fromMs();
        double lasts = stands.getLast().toMs() - begin;
        List<Stand> within = new ArrayList<>();
        double time = 0;
        for (Stand stand : stands) {
            double first = Math.max(stand.fromMs(), begin + from * lasts);
            double last = Math.min(stand.toMs(), begin + to * lasts);
            if (stand.isRead() && last > first) {
                within.add(new Stand(first, last, stand.pictures(), stand.value()));
                time += last - first;
            }
        }
        within.sort(Comparator.comparingDouble(Stand::value));
        double before = 0;
        for (Stand stand : within) {
            before += stand.toMs() - stand.fromMs();
            if (before >= time / 2) {
                return Figure.of(stand.value());
            }
        }
        return Figure.missing(NOTHING_READ);
    }

    /// How often the counter renews its number, s. A number may come out the same again, so that changes are
    /// whole multiples of it apart: it is the period that fits all of them best.
    public Figure updatePeriodS() {
        double[] apart = new double[stands.size()];
        int n = 0;
        for (int i = 1; i + 1 < stands.size(); i++) {
            if (stands.get(i - 1).isRead()
                    && stands.get(i).isRead()
                    && stands.get(i + 1).isRead()) {
                apart[n++] = stands.get(i).toMs() - stands.get(i).fromMs();
            }
        }
        if (n < FEWEST_CHANGES) {
            return Figure.missing("it changed %d times".formatted(changes()));
        }
        double[] sorted = Arrays.copyOf(apart, n);
        Arrays.sort(sorted);
        double period = sorted[(int) (SOON * (n - 1))];
        double off = 0;
        for (int round = 0; round < ROUNDS; round++) {
            double time = 0;
            double periods = 0;
            off = 0;
            for (double gap : sorted) {
                double times = Math.max(1, Math.rint(gap / period));
                time += gap;
                periods += times;
                off += Math.abs(gap - times * period);
            }
            period = time / periods;
        }
        return off / n <= Math.max(HALF_A_PICTURE * pictureMs(), REGULAR * period)
                ? Figure.ofFinite(period / 1000, NOTHING_READ)
                : Figure.missing("it changes at no regular times");
    }

    private double pictureMs() {
        int pictures = stands.stream().mapToInt(Stand::pictures).sum();
        return (stands.getLast().toMs() - stands.getFirst().fromMs()) / pictures;
    }

    /// The glyphs' names, each once, in the order of the alphabet: `.0123`.
    public String glyphs() {
        return classes.stream()
                .map(GlyphClass::name)
                .filter(name -> name != 0)
                .distinct()
                .sorted()
                .map(String::valueOf)
                .reduce("", String::concat);
    }
}

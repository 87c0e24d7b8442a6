package app.fluss.core.compare;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactValue;
import app.fluss.core.measure.Section;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/// Looks for facts that differ between runs and should not, over all runs of both sides.
public final class Confounds {
    /// Cards that begin closer than this, °C, begin alike. Our own convention.
    private static final double SAME_TEMPERATURE = 5;

    /// Runs whose lengths are closer than this share are alike. Our own convention.
    private static final double SAME_LENGTH = 0.1;

    private static final double SAME_PIXELS = 0.01;
    private static final double SAME_MIX = 0.05;

    /// What says nothing about how a game runs, or follows from how it does.
    private static final Set<String> ASIDE = Set.of(
            FactKey.SECOND_CARD_PRICE.id(),
            FactKey.FASTER_CARD_PRICE.id(),
            FactKey.FASTER_CARD_SPEED.id(),
            FactKey.REFRESH_LIST.id(),
            FactKey.HEADSET_REFRESH_LIST.id(),
            FactKey.BATTERY_WH.id(),
            FactKey.BATTERY_USABLE_PCT.id(),
            FactKey.STREAM_STATISTICS.id(),
            FactKey.ONLINE_GUARD.id(),
            FactKey.GAME_KIND.id(),
            FactKey.MADE_MS.id());

    private final List<RunFacts> a;
    private final List<RunFacts> b;
    private final List<Confound> found = new ArrayList<>();

    private Confounds(List<RunFacts> a, List<RunFacts> b) {
        this.a = a;
        this.b = b;
    }

    /// Lists the facts that differ: those between the sides first, those that are not recorded for every run last.
    ///
    /// @param a all runs of the baseline
    /// @param b all runs of the other side
    /// @param meant names of facts that the sides are there to differ in
    public static List<Confound> between(List<RunFacts> a, List<RunFacts> b, Set<String> meant) {
        Confounds confounds = new Confounds(a, b);
        confounds.stated(meant);
        confounds.quantity("length of the run", "s", RunFacts::seconds, SAME_LENGTH, 0);
        confounds.quantity("temperature at the start", "°C", RunFacts::startTemperature, 0, SAME_TEMPERATURE);
        for (Section.Weight weight : Section.Weight.values()) {
            confounds.quantity(
                    "share of %s stretches".formatted(weight.name().toLowerCase(Locale.ROOT)),
                    "",
                    run -> run.share(weight),
                    0,
                    SAME_MIX);
        }
        confounds.pixels(meant);
        confounds.found.sort((one, other) -> one.kind().compareTo(other.kind()));
        return List.copyOf(confounds.found);
    }

    private void stated(Set<String> meant) {
        List<Map<String, String>> left = named(a);
        List<Map<String, String>> right = named(b);
        Set<String> names = new TreeSet<>();
        Stream.concat(left.stream(), right.stream()).forEach(run -> names.addAll(run.keySet()));
        names.removeAll(meant);
        names.removeAll(ASIDE);
        for (String name : names) {
            List<String> valuesA = distinct(name, left);
            List<String> valuesB = distinct(name, right);
            boolean everywhere = Stream.concat(left.stream(), right.stream()).allMatch(run -> run.containsKey(name));
            if (differ(name, valuesA, valuesB)) {
                add(name, valuesA, valuesB, Confound.Kind.BETWEEN);
            } else if (valuesA.size() > 1 || valuesB.size() > 1) {
                add(name, valuesA, valuesB, Confound.Kind.WITHIN);
            } else if (!everywhere && !name.equals(RunFacts.LATENCY_BY)) {
                // Where a side has no measured latency nothing is compared by it.
                add(name, valuesA, valuesB, Confound.Kind.NOT_RECORDED);
            }
        }
    }

    private static List<Map<String, String>> named(List<RunFacts> runs) {
        List<Map<String, String>> named = new ArrayList<>();
        runs.forEach(run -> named.add(run.named()));
        return named;
    }

    /// The values of a fact on a side, each once.
    private static List<String> distinct(String name, List<Map<String, String>> side) {
        List<String> values = new ArrayList<>();
        for (Map<String, String> run : side) {
            String value = run.get(name);
            if (value != null && values.stream().noneMatch(known -> same(name, known, value))) {
                values.add(value);
            }
        }
        return values;
    }

    /// Whether both sides have values, and not the same ones.
    private static boolean differ(String name, List<String> a, List<String> b) {
        return !a.isEmpty() && !b.isEmpty() && !(holdsAll(name, a, b) && holdsAll(name, b, a));
    }

    private static boolean holdsAll(String name, List<String> values, List<String> others) {
        return others.stream().allMatch(other -> values.stream().anyMatch(value -> same(name, value, other)));
    }

    private static boolean same(String name, String a, String b) {
        return FactKey.of(name).map(key -> FactValue.same(key, a, b)).orElseGet(() -> FactValue.same(a, b));
    }

    private void add(String name, List<String> a, List<String> b, Confound.Kind kind) {
        found.add(new Confound(name, String.join(", ", a), String.join(", ", b), kind));
    }

    /// What follows from the evidence, by the mean of each side.
    private void quantity(String name, String unit, ToDoubleFunction<RunFacts> of, double sameShare, double sameBy) {
        double left = mean(a, of);
        double right = mean(b, of);
        if (Double.isNaN(left) || Double.isNaN(right)) {
            return;
        }
        if (Math.abs(left - right) > sameBy + sameShare * Math.max(Math.abs(left), Math.abs(right))) {
            found.add(new Confound(name, said(left, unit), said(right, unit), Confound.Kind.BETWEEN));
        }
    }

    /// NaN unless every run has it.
    private static double mean(List<RunFacts> runs, ToDoubleFunction<RunFacts> of) {
        return runs.stream().mapToDouble(of).average().orElse(Double.NaN);
    }

    private static String said(double value, String unit) {
        return unit.isEmpty()
                ? String.format(Locale.ROOT, "%.2f", value)
                : String.format(Locale.ROOT, "%.0f %s", value, unit);
    }

    /// An upscaler that comes with a path is meant; that the game then draws fewer pixels is not.
    private void pixels(Set<String> meant) {
        if (!meant.contains(FactKey.UPSCALER.id())) {
            return;
        }
        List<String> left = distinct(FactKey.UPSCALER.id(), named(a));
        List<String> right = distinct(FactKey.UPSCALER.id(), named(b));
        double pixelsA = mean(a, RunFacts::renderedPixels);
        double pixelsB = mean(b, RunFacts::renderedPixels);
        if (differ(FactKey.UPSCALER.id(), left, right) && !alike(pixelsA, pixelsB)) {
            add(FactKey.UPSCALER.id(), left, right, Confound.Kind.BETWEEN);
        }
    }

    private static boolean alike(double a, double b) {
        return Math.abs(a - b) <= SAME_PIXELS * Math.max(a, b);
    }

    /// What the facts of a comparison come to, for people: those that are not recorded are one.
    ///
    /// @return the names of facts that are not recorded for every run, joined by commas; empty if there are none
    public static Optional<String> notRecorded(List<Confound> confounds) {
        String names = String.join(
                ", ",
                confounds.stream()
                        .filter(one -> one.kind() == Confound.Kind.NOT_RECORDED)
                        .map(Confound::title)
                        .toList());
        return names.isEmpty() ? Optional.empty() : Optional.of(names);
    }
}

package app.fluss.files.compare;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactValue;
import app.fluss.core.compare.RunFacts;
import app.fluss.core.path.Chain;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Run;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;

/// What makes the groups of a comparison.
public sealed interface Grouping {
    /// Where a run stands.
    ///
    /// @param within the chain that it is compared within: only runs of one chain differ in a fact alone.
    ///     Native where all runs of a scene are compared
    /// @param level the group
    record Place(Chain within, String level) {}

    /// The name for people.
    String title();

    /// The name on the command line.
    String id();

    /// A group for people, short: its value with its unit.
    default String shown(String level) {
        return level;
    }

    /// A group for people, in a sentence.
    default String said(String level) {
        return level;
    }

    /// Where a run stands; empty if it stands in no group.
    Optional<Place> place(Run run);

    /// The group that others are held against where none is chosen, among runs that may be compared with each
    /// other.
    Optional<String> usualBaseline(List<Run> runs);

    /// Names of facts in which the groups are there to differ.
    Set<String> meant(List<Run> a, List<Run> b);

    /// Whether two names are one group.
    default boolean isSame(String one, String other) {
        return FactValue.same(one, other);
    }

    /// By path: the native one is the baseline.
    record ByPath() implements Grouping {
        @Override
        public String title() {
            return "path";
        }

        @Override
        public String id() {
            return "path";
        }

        @Override
        public Optional<Place> place(Run run) {
            return Optional.of(new Place(Chain.NATIVE, run.path().name()));
        }

        @Override
        public Optional<String> usualBaseline(List<Run> runs) {
            return runs.stream()
                    .map(Run::path)
                    .filter(DeliveryPath::isNative)
                    .min(Comparator.comparingLong(DeliveryPath::id))
                    .map(DeliveryPath::name);
        }

        @Override
        public Set<String> meant(List<Run> a, List<Run> b) {
            Set<String> meant = new HashSet<>(Set.of(RunFacts.PATH));
            a.forEach(run -> meant.addAll(run.path().chain().brings()));
            b.forEach(run -> meant.addAll(run.path().chain().brings()));
            return meant;
        }

        @Override
        public boolean isSame(String one, String other) {
            return one.equals(other);
        }
    }

    /// By what is recorded of a fact: the first value measured is the baseline.
    ///
    /// @param fact its name in files
    record ByFact(String fact) implements Grouping {
        @Override
        public String title() {
            return FactKey.of(fact).map(FactKey::title).orElse(fact.replace('_', ' '));
        }

        @Override
        public String id() {
            return fact;
        }

        @Override
        public String shown(String level) {
            return FactKey.of(fact).map(key -> key.shown(level)).orElse(level);
        }

        @Override
        public String said(String level) {
            return title() + " " + shown(level);
        }

        /// Whether it is a setting of a path, so that runs are compared within chains that lack it.
        boolean isSetting() {
            return FactKey.of(fact).filter(key -> key.part() == BenchPart.STAGE).isPresent();
        }

        @Override
        public Optional<Place> place(Run run) {
            Chain chain = run.path().chain();
            if (!isSetting()) {
                return Optional.ofNullable(recorded(run).get(fact))
                        .map(value -> new Place(without(chain, FactKey.MADE_MS), value));
            }
            FactKey setting = FactKey.of(fact).orElseThrow();
            return Optional.ofNullable(chain.settings().get(setting))
                    .map(value -> new Place(without(without(chain, FactKey.MADE_MS), setting), value));
        }

        /// A chain without one of its settings: runs that agree in this differ in that setting alone.
        private static Chain without(Chain chain, FactKey setting) {
            return new Chain(chain.stages().stream()
                    .map(stage -> stage.settings().containsKey(setting) ? stage.with(setting, "") : stage)
                    .toList());
        }

        @Override
        public Optional<String> usualBaseline(List<Run> runs) {
            return runs.stream()
                    .flatMap(run -> place(run).stream())
                    .map(Place::level)
                    .findFirst();
        }

        @Override
        public Set<String> meant(List<Run> a, List<Run> b) {
            return isSetting() ? Set.of(fact, RunFacts.PATH) : Set.of(fact);
        }
    }

    /// Picked by hand.
    ///
    /// @param baseline numbers of the runs of the baseline
    /// @param other numbers of the runs of the other side
    record ByHand(Set<Long> baseline, Set<Long> other) implements Grouping {
        /// The name of the baseline.
        public static final String BASELINE = "baseline";

        /// The name of the other side.
        public static final String OTHER = "picked";

        /// Keeps copies.
        public ByHand {
            baseline = Set.copyOf(baseline);
            other = Set.copyOf(other);
        }

        /// Sides for runs that were chosen: those of the native path against the others, without a native one
        /// those of the first path, and where all are of one path the first run against the others.
        public static ByHand sides(List<Run> runs) {
            Run first = runs.stream()
                    .filter(run -> run.path().isNative())
                    .findFirst()
                    .orElse(runs.getFirst());
            Set<Long> baseline = new HashSet<>();
            Set<Long> other = new HashSet<>();
            runs.forEach(run -> (run.path().id() == first.path().id() ? baseline : other).add(run.id()));
            if (other.isEmpty()) {
                baseline.remove(first.id());
                return new ByHand(Set.of(first.id()), baseline);
            }
            return new ByHand(baseline, other);
        }

        @Override
        public String title() {
            return "picked runs";
        }

        @Override
        public String id() {
            return "picked";
        }

        @Override
        public Optional<Place> place(Run run) {
            return baseline.contains(run.id())
                    ? Optional.of(new Place(Chain.NATIVE, BASELINE))
                    : other.contains(run.id()) ? Optional.of(new Place(Chain.NATIVE, OTHER)) : Optional.empty();
        }

        @Override
        public Optional<String> usualBaseline(List<Run> runs) {
            return Optional.of(BASELINE);
        }

        @Override
        public Set<String> meant(List<Run> a, List<Run> b) {
            return Set.of();
        }
    }

    /// What is recorded of a run, by name: its facts, the items that took part, whether it is simulated.
    static SortedMap<String, String> recorded(Run run) {
        TreeMap<String, String> recorded = new TreeMap<>(run.setup().named());
        run.setup().items().forEach((part, name) -> recorded.put(part.title(), name));
        recorded.put("evidence", run.simulated() ? "simulated" : "measured");
        return recorded;
    }

    /// The grouping of that name: `path`, a fact by its name in files or for people, an item such as `rig`, or
    /// a fact of the analyst's own.
    ///
    /// @throws IllegalArgumentException if no run has it recorded, with those that differ between runs
    static Grouping named(String name, List<Run> runs) {
        if (name.equalsIgnoreCase("path")) {
            return new ByPath();
        }
        String wanted = name.strip().toLowerCase(Locale.ROOT).replace('-', '_').replace(' ', '_');
        Optional<String> found = Arrays.stream(FactKey.values())
                .filter(key ->
                        key.id().equals(wanted) || key.title().replace(' ', '_').equalsIgnoreCase(wanted))
                .map(FactKey::id)
                .findFirst()
                .or(() -> runs.stream()
                        .flatMap(run -> recorded(run).keySet().stream())
                        .filter(own -> own.replace(' ', '_').equalsIgnoreCase(wanted))
                        .findFirst());
        Optional<Grouping> grouping = found.map(ByFact::new);
        if (grouping.isEmpty()
                || runs.stream().allMatch(run -> grouping.get().place(run).isEmpty())) {
            throw new IllegalArgumentException("no run has '%s' recorded; what differs between runs is: %s"
                    .formatted(
                            name,
                            String.join(
                                    ", ",
                                    offered(runs).stream().map(Grouping::id).toList())));
        }
        return grouping.get();
    }

    /// Everything in which runs differ, path first.
    static List<Grouping> offered(List<Run> runs) {
        List<Grouping> offered = new ArrayList<>(List.of(new ByPath()));
        Map<String, Set<String>> values = new TreeMap<>();
        for (Run run : runs) {
            recorded(run)
                    .forEach((fact, value) -> values.computeIfAbsent(fact, _ -> new LinkedHashSet<>())
                            .add(value));
            run.path()
                    .chain()
                    .settings()
                    .forEach((key, value) -> values.computeIfAbsent(key.id(), _ -> new LinkedHashSet<>())
                            .add(value));
        }
        values.forEach((fact, seen) -> {
            if (seen.size() > 1) {
                offered.add(new ByFact(fact));
            }
        });
        return List.copyOf(offered);
    }
}

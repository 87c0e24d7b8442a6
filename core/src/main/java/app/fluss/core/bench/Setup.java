package app.fluss.core.bench;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/// What a run was measured on: the facts of everything that took part, each with its source and date, the names of the
/// items, and facts of the analyst's own that are in no list. A run holds its own, frozen when it is measured or
/// imported, so that a later change of the bench changes no run. Immutable.
public final class Setup {
    /// Nothing is stated.
    public static final Setup EMPTY =
            new Setup(new EnumMap<>(FactKey.class), new EnumMap<>(BenchPart.class), new TreeMap<>());

    private final EnumMap<FactKey, Fact> facts;
    private final EnumMap<BenchPart, String> items;
    private final SortedMap<String, String> others;

    private Setup(EnumMap<FactKey, Fact> facts, EnumMap<BenchPart, String> items, SortedMap<String, String> others) {
        this.facts = facts;
        this.items = items;
        this.others = others;
    }

    /// The same with more facts; a fact that is stated again is replaced.
    public Setup with(Collection<Fact> more) {
        EnumMap<FactKey, Fact> all = new EnumMap<>(facts);
        more.forEach(fact -> all.put(fact.key(), fact));
        return new Setup(all, items, others);
    }

    /// The same with more facts of one source; values that are none of their fact are passed over.
    public Setup with(Map<FactKey, String> more, FactSource source) {
        return with(more.entrySet().stream()
                .filter(fact -> fact.getKey().problem(fact.getValue()).isEmpty())
                .map(fact -> new Fact(fact.getKey(), fact.getValue(), source, Optional.empty()))
                .toList());
    }

    /// The same with facts by their names in files; names that are in no list are the analyst's own.
    public Setup withNamed(Map<String, String> named, FactSource source) {
        EnumMap<FactKey, String> ours = new EnumMap<>(FactKey.class);
        TreeMap<String, String> own = new TreeMap<>(others);
        named.forEach((id, value) -> FactKey.of(id)
                .filter(key -> key.problem(value).isEmpty())
                .ifPresentOrElse(key -> ours.put(key, value), () -> own.put(id, value)));
        return new Setup(facts, items, own).with(ours, source);
    }

    /// The same, with an item of the bench that takes part.
    public Setup withItem(BenchPart part, String name) {
        return withItems(Map.of(part, name));
    }

    /// The same, with more items of the bench that take part.
    public Setup withItems(Map<BenchPart, String> names) {
        EnumMap<BenchPart, String> more = new EnumMap<>(items);
        more.putAll(names);
        return new Setup(facts, more, others);
    }

    /// The same without the names of items.
    public Setup withoutItems() {
        return new Setup(facts, new EnumMap<>(BenchPart.class), others);
    }

    /// The same, on a display mode.
    public Setup withDisplay(DisplayMode mode, FactSource source) {
        EnumMap<FactKey, String> values = new EnumMap<>(FactKey.class);
        values.put(FactKey.OUTPUT_HZ, FactKey.text(mode.refreshHz()));
        values.put(FactKey.SYNC, mode.sync().label());
        if (!Double.isNaN(mode.vrrFloorHz())) {
            values.put(FactKey.VRR_FLOOR_HZ, FactKey.text(mode.vrrFloorHz()));
        }
        return without(FactKey.VRR_FLOOR_HZ).with(values, source);
    }

    /// The same without a fact.
    public Setup without(FactKey key) {
        EnumMap<FactKey, Fact> left = new EnumMap<>(facts);
        left.remove(key);
        return new Setup(left, items, others);
    }

    /// Only what was recorded of the run itself, the settings of its path aside.
    public Setup recorded() {
        EnumMap<FactKey, Fact> own = new EnumMap<>(facts);
        own.values().removeIf(fact -> !fact.source().isRecorded() || fact.source() == FactSource.SET);
        return new Setup(own, items, others);
    }

    /// The same with everything that another states, which outweighs this.
    public Setup overlaid(Setup other) {
        TreeMap<String, String> own = new TreeMap<>(others);
        own.putAll(other.others);
        return new Setup(facts, items, own).with(other.facts.values()).withItems(other.items);
    }

    /// The same with what another states and this does not, as what stood on the bench when the run was added.
    public Setup orBench(Setup bench) {
        EnumMap<FactKey, Fact> all = new EnumMap<>(FactKey.class);
        bench.facts.forEach((key, fact) -> all.put(key, new Fact(key, fact.value(), FactSource.BENCH, fact.date())));
        all.putAll(facts);
        EnumMap<BenchPart, String> names = new EnumMap<>(bench.items);
        names.putAll(items);
        return new Setup(all, names, others);
    }

    /// A fact as it was stated, if it was.
    public Optional<Fact> fact(FactKey key) {
        return Optional.ofNullable(facts.get(key));
    }

    /// The value of a fact, if it is stated.
    public Optional<String> value(FactKey key) {
        return fact(key).map(Fact::value);
    }

    /// The value of a fact as a number; NaN if it is not stated or none.
    public double number(FactKey key) {
        return value(key).map(FactKey::number).orElse(Double.NaN);
    }

    /// What a fact is, of the few things that it can be; empty if it is not stated.
    public <W extends Enum<W> & Word> Optional<W> choice(FactKey key, Class<W> words) {
        return value(key)
                .flatMap(value -> Arrays.stream(words.getEnumConstants())
                        .filter(word -> word.word().equals(value))
                        .findFirst());
    }

    /// Whether a fact is stated to be so.
    public boolean is(FactKey key, Word word) {
        return value(key).equals(Optional.of(word.word()));
    }

    /// The display mode that was recorded: what merely stood on the bench is none.
    public Optional<DisplayMode> display() {
        return recorded(FactKey.OUTPUT_HZ)
                .flatMap(hz -> recorded(FactKey.SYNC)
                        .flatMap(SyncMode::named)
                        .map(sync -> new DisplayMode(FactKey.number(hz), sync, floor(FactKey.number(hz), sync))));
    }

    private double floor(double hz, SyncMode sync) {
        double floor = recorded(FactKey.VRR_FLOOR_HZ).map(FactKey::number).orElse(Double.NaN);
        return sync == SyncMode.VRR && floor < hz ? floor : Double.NaN;
    }

    /// The frame cap that was recorded, /s; NaN for none.
    public double capFps() {
        double cap = recorded(FactKey.CAP_FPS).map(FactKey::number).orElse(Double.NaN);
        return cap > 0 ? cap : Double.NaN;
    }

    private Optional<String> recorded(FactKey key) {
        return fact(key).filter(fact -> fact.source().isRecorded()).map(Fact::value);
    }

    /// What an item that took part is called, if it is known.
    public Optional<String> item(BenchPart part) {
        return Optional.ofNullable(items.get(part));
    }

    /// The items that took part, by name.
    public Map<BenchPart, String> items() {
        return Collections.unmodifiableMap(items);
    }

    /// All facts, in the order of their list.
    public List<Fact> facts() {
        return List.copyOf(facts.values());
    }

    /// Facts of the analyst's own.
    public SortedMap<String, String> others() {
        return Collections.unmodifiableSortedMap(others);
    }

    /// Those of some facts that are not stated, in the order given.
    public List<FactKey> missing(FactKey... keys) {
        return Arrays.stream(keys).filter(key -> value(key).isEmpty()).toList();
    }

    /// What was recorded, the analyst's own facts among it, by the names in files.
    public SortedMap<String, String> named() {
        SortedMap<String, String> named = new TreeMap<>(others);
        facts.values().stream()
                .filter(fact -> fact.source().isRecorded())
                .forEach(fact -> named.put(fact.key().id(), fact.value()));
        return named;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Setup that
                && facts.equals(that.facts)
                && items.equals(that.items)
                && others.equals(that.others);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * facts.hashCode() + items.hashCode()) + others.hashCode();
    }

    @Override
    public String toString() {
        return "Setup[" + facts.size() + " facts, " + others.size() + " others]";
    }
}

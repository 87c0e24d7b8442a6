package app.fluss.core.bench;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// The facts of everything that takes part in a run, together. Immutable.
public final class Setup {
    /// Nothing is stated.
    public static final Setup EMPTY = new Setup(new EnumMap<>(FactKey.class));

    private final EnumMap<FactKey, String> values;

    private Setup(EnumMap<FactKey, String> values) {
        this.values = values;
    }

    /// The same with more facts; a fact that is stated again is replaced.
    public Setup with(Map<FactKey, String> more) {
        EnumMap<FactKey, String> all = new EnumMap<>(values);
        all.putAll(more);
        return new Setup(all);
    }

    /// The same with facts by their names in files; names that are none of ours are passed over.
    public Setup withNamed(Map<String, String> named) {
        EnumMap<FactKey, String> more = new EnumMap<>(FactKey.class);
        named.forEach((id, value) -> FactKey.of(id).ifPresent(key -> more.put(key, value)));
        return with(more);
    }

    /// The value of a fact, if it is stated.
    public Optional<String> value(FactKey key) {
        return Optional.ofNullable(values.get(key));
    }

    /// The value of a fact as a number; NaN if it is not stated or none.
    public double number(FactKey key) {
        return value(key).map(FactKey::number).orElse(Double.NaN);
    }

    /// Those of some facts that are not stated, in the order given.
    public List<FactKey> missing(FactKey... keys) {
        return Arrays.stream(keys).filter(key -> value(key).isEmpty()).toList();
    }

    /// The facts by their names in files.
    public Map<String, String> named() {
        Map<String, String> named = new TreeMap<>();
        values.forEach((key, value) -> named.put(key.id(), value));
        return named;
    }
}

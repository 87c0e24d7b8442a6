package app.fluss.app.model;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToLongFunction;

/// Results that were worked out, the latest used ones kept as long as they are not too large together. The key is all
/// that a result depends on, so a result can never be an old one. Used by one thread at a time.
final class Cache<K, V> {
    private final long most;
    private final ToLongFunction<V> size;
    private final Map<K, V> kept = new LinkedHashMap<>(16, 0.75f, true);
    private long held;

    /// @param most size of all results together
    /// @param size of a result, in the same measure
    Cache(long most, ToLongFunction<V> size) {
        this.most = most;
        this.size = size;
    }

    Optional<V> get(K key) {
        return Optional.ofNullable(kept.get(key));
    }

    /// Keeps a result; what was not used for longest goes if there is no room. One that has no room by itself is kept
    /// until the next comes.
    V put(K key, V value) {
        V before = kept.put(key, value);
        held += size.applyAsLong(value) - (before == null ? 0 : size.applyAsLong(before));
        var oldest = kept.entrySet().iterator();
        while (held > most && kept.size() > 1) {
            held -= size.applyAsLong(oldest.next().getValue());
            oldest.remove();
        }
        return value;
    }

    int size() {
        return kept.size();
    }

    void clear() {
        kept.clear();
        held = 0;
    }
}

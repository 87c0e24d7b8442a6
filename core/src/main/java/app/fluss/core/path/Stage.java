package app.fluss.core.path;

import app.fluss.core.bench.FactKey;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/// A stage of a path as it is set.
///
/// @param kind what it does
/// @param settings what was stated of it
public record Stage(StageKind kind, Map<FactKey, String> settings) {
    /// @throws IllegalArgumentException if a setting does not belong to the kind or its value is none
    public Stage {
        EnumMap<FactKey, String> kept = new EnumMap<>(FactKey.class);
        for (var setting : settings.entrySet()) {
            FactKey key = setting.getKey();
            if (!kind.settings().contains(key)) {
                throw new IllegalArgumentException(kind.title() + " has no " + key.title());
            }
            Optional<String> problem = key.problem(setting.getValue());
            if (problem.isPresent()) {
                throw new IllegalArgumentException(
                        "%s: \"%s\"; %s".formatted(key.title(), setting.getValue(), problem.get()));
            }
            kept.put(key, setting.getValue());
        }
        settings = Collections.unmodifiableMap(kept); // in the order of the catalogue, in every process
    }

    /// A stage of which nothing is stated yet.
    public Stage(StageKind kind) {
        this(kind, Map.of());
    }

    /// The same with another setting; blank takes it away.
    ///
    /// @throws IllegalArgumentException if it does not belong to the kind or its value is none
    public Stage with(FactKey key, String value) {
        EnumMap<FactKey, String> changed = new EnumMap<>(FactKey.class);
        changed.putAll(settings);
        if (value.isBlank()) {
            changed.remove(key);
        } else {
            changed.put(key, value.strip());
        }
        return new Stage(kind, changed);
    }

    /// Images handed on per image taken; 1 if it makes none before the display, NaN if not stated.
    public double multiplier() {
        return kind.isGenerator()
                ? Optional.ofNullable(settings.get(FactKey.MULTIPLIER))
                        .map(FactKey::number)
                        .orElse(Double.NaN)
                : 1;
    }
}

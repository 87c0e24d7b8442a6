package app.fluss.core.bench;

import java.time.LocalDate;
import java.util.Optional;

/// A fact as it was stated.
///
/// @param key which
/// @param value in neutral form: decimal point, no unit
/// @param source where it comes from
/// @param date when it was stated; empty where only the run itself says when
public record Fact(FactKey key, String value, FactSource source, Optional<LocalDate> date) {
    /// @throws IllegalArgumentException if the value is none for this fact
    public Fact {
        String said = value;
        key.problem(value).ifPresent(problem -> {
            throw new IllegalArgumentException("%s: \"%s\"; %s".formatted(key.id(), said, problem));
        });
    }

    /// A fact stated on a day.
    ///
    /// @throws IllegalArgumentException if the value is none for this fact
    public Fact(FactKey key, String value, FactSource source, LocalDate date) {
        this(key, value, source, Optional.of(date));
    }
}

package app.fluss.files.study;

import app.fluss.core.bench.FactKey;
import java.time.LocalDate;
import java.time.ZoneId;

/// A fact as it was stated.
///
/// @param key which
/// @param value in neutral form: decimal point, no unit
/// @param source where it comes from
/// @param date when it was stated
public record Fact(FactKey key, String value, FactSource source, LocalDate date) {
    /// @throws IllegalArgumentException if the value is none for this fact
    public Fact {
        String said = value;
        key.problem(value).ifPresent(problem -> {
            throw new IllegalArgumentException("%s: \"%s\"; %s".formatted(key.id(), said, problem));
        });
    }

    /// A fact stated today.
    public static Fact today(FactKey key, String value, FactSource source) {
        return new Fact(key, value, source, LocalDate.now(ZoneId.systemDefault()));
    }
}

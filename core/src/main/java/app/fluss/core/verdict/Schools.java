package app.fluss.core.verdict;

import java.util.ArrayList;
import java.util.List;

/// The schools of a study: those that ship, and the analyst's own.
///
/// @param own the analyst's; one of the name of one that ships stands in its place
public record Schools(List<School> own) {
    /// Those that ship.
    public static final Schools SHIPPED = new Schools(List.of());

    /// Keeps a copy.
    public Schools {
        own = List.copyOf(own);
    }

    /// All of them, those that ship first.
    public List<School> all() {
        List<School> all = new ArrayList<>();
        School.SHIPPED.stream().map(this::current).forEach(all::add);
        own.stream().filter(school -> !isShipped(school)).forEach(all::add);
        return List.copyOf(all);
    }

    /// A school as this study has it.
    public School current(School school) {
        return own.stream()
                .filter(one -> one.id().equals(school.id()))
                .findFirst()
                .orElse(school);
    }

    /// Whether one of its name ships.
    public static boolean isShipped(School school) {
        return School.SHIPPED.stream().anyMatch(one -> one.id().equals(school.id()));
    }

    /// The school of that name, for files or for people.
    ///
    /// @throws IllegalArgumentException if there is none, with those that there are
    public School named(String name) {
        String wanted = School.idOf(name);
        return all().stream()
                .filter(school -> school.id().equalsIgnoreCase(wanted))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no school '%s'; there are: %s"
                        .formatted(
                                name,
                                String.join(", ", all().stream().map(School::id).toList()))));
    }
}

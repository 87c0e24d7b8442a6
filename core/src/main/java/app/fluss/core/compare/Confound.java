package app.fluss.core.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/// A recorded fact, other than what the path itself changes, that differs between two sides.
///
/// @param fact its name
/// @param a value at the baseline; empty if not recorded there
/// @param b value at the other side; empty if not recorded there
public record Confound(String fact, String a, String b) {
    /// Lists the facts that differ, by name.
    ///
    /// @param a facts of the baseline
    /// @param b facts of the other side
    /// @param changedByPath names of facts that the path is meant to change
    public static List<Confound> between(Map<String, String> a, Map<String, String> b, Set<String> changedByPath) {
        Set<String> names = new TreeSet<>(a.keySet());
        names.addAll(b.keySet());
        names.removeAll(changedByPath);
        List<Confound> confounds = new ArrayList<>();
        for (String name : names) {
            String left = a.getOrDefault(name, "");
            String right = b.getOrDefault(name, "");
            if (!left.equals(right)) {
                confounds.add(new Confound(name, left, right));
            }
        }
        return List.copyOf(confounds);
    }
}

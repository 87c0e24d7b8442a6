package app.fluss.app.importing;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/// Facts of a run as they are typed: `render_scale = 99,5 %; upscaler = own`. Commas belong to the values.
final class Facts {
    private Facts() {}

    /// The facts, name to value; empty if the text is not made of `name = value`, separated by semicolons or lines.
    static Optional<Map<String, String>> parse(String text) {
        Map<String, String> facts = new TreeMap<>();
        for (String part : text.split("[;\\n]", -1)) {
            if (part.isBlank()) {
                continue;
            }
            int at = part.indexOf('=');
            String name = at < 0 ? "" : part.substring(0, at).strip().replace(' ', '_');
            String value = part.substring(at + 1).strip();
            if (name.isEmpty() || value.isEmpty() || facts.put(name, value) != null) {
                return Optional.empty();
            }
        }
        return Optional.of(facts);
    }

    /// The facts as one line.
    static String line(Map<String, String> facts) {
        return text(facts, "; ");
    }

    /// The facts, one a line.
    static String lines(Map<String, String> facts) {
        return text(facts, "\n");
    }

    private static String text(Map<String, String> facts, String between) {
        return new TreeMap<>(facts)
                .entrySet().stream()
                        .map(fact -> fact.getKey() + " = " + fact.getValue())
                        .collect(Collectors.joining(between));
    }
}

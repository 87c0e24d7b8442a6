package app.fluss.files.latency;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Which columns of a table hold a measurement of latency, and what kind of one it is.
///
/// @param kind what the rows are
/// @param first place of the time, or of the input's time
/// @param second place of the input, or of the light's time
/// @param third place of the light; that of the second again for a list
/// @param msAUnit how many ms a unit of the first is
record LatencyColumns(Kind kind, int first, int second, int third, double msAUnit) {
    /// What the rows of a table are.
    enum Kind {
        /// Trials: `input_ms, photon_ms`.
        LIST,
        /// Samples of a sensor: `t_us, input, light`.
        TRACE,
        /// Pictures of a clip: `t_us, input_luma, light_luma`.
        CLIP
    }

    /// Units of time, by the end of a column's name.
    private enum Unit {
        US(0.001, "us"),
        MS(1, "ms"),
        S(1000, "s");

        private final double ms;
        private final String suffix;

        Unit(double ms, String suffix) {
            this.ms = ms;
            this.suffix = suffix;
        }
    }

    /// Tells by the names of columns; empty if it is no such table.
    static Optional<LatencyColumns> of(List<String> header) {
        List<String> names = header.stream()
                .map(name -> name.strip().toLowerCase(Locale.ROOT))
                .toList();
        int input = names.indexOf("input_ms");
        int photon = names.indexOf("photon_ms");
        if (input >= 0 && photon >= 0) {
            return Optional.of(new LatencyColumns(Kind.LIST, input, photon, photon, 1));
        }
        return trace(names, Kind.CLIP, "input_luma", "light_luma").or(() -> trace(names, Kind.TRACE, "input", "light"));
    }

    private static Optional<LatencyColumns> trace(List<String> names, Kind kind, String input, String light) {
        if (!names.contains(input) || !names.contains(light)) {
            return Optional.empty();
        }
        for (Unit unit : Unit.values()) {
            for (String name : List.of("t_" + unit.suffix, "time_" + unit.suffix)) {
                if (names.contains(name)) {
                    return Optional.of(new LatencyColumns(
                            kind, names.indexOf(name), names.indexOf(input), names.indexOf(light), unit.ms));
                }
            }
        }
        return Optional.empty();
    }
}

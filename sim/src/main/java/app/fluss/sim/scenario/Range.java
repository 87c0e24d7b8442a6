package app.fluss.sim.scenario;

/// Checks that settings lie in their range. Messages name the setting as it stands in scenario files, with its
/// unit.
final class Range {
    private Range() {}

    /// @throws SettingException unless `low <= value <= high`
    static void within(String name, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            throw new SettingException(name, "%s to %s".formatted(plain(low), plain(high)), plain(value));
        }
    }

    /// @throws SettingException unless `low < value <= high`
    static void above(String name, double value, double low, double high) {
        if (!(value > low && value <= high)) {
            throw new SettingException(
                    name, "above %s and at most %s".formatted(plain(low), plain(high)), plain(value));
        }
    }

    /// @param count how many things the value gives, about
    /// @throws SettingException if they are more than `most`
    static void few(String name, double value, int most, String things, double count) {
        if (!(count <= most)) {
            throw new SettingException(
                    name,
                    "so short that there are at most %d %s; these settings give about %.0f"
                            .formatted(most, things, count),
                    plain(value));
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}

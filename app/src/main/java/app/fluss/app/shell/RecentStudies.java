package app.fluss.app.shell;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.prefs.Preferences;

/// The studies that were opened last, newest first.
public final class RecentStudies {
    private static final int MOST = 8;
    private static final String KEY = "recent";

    private final Preferences preferences;

    /// @param preferences where they are kept
    public RecentStudies(Preferences preferences) {
        this.preferences = preferences;
    }

    /// Those that still exist.
    public List<Path> list() {
        return preferences
                .get(KEY, "")
                .lines()
                .filter(line -> !line.isBlank())
                .map(Path::of)
                .filter(Files::exists)
                .toList();
    }

    /// Puts a study first.
    public void add(Path study) {
        List<Path> paths = new ArrayList<>(List.of(study.toAbsolutePath()));
        list().stream().filter(path -> !paths.contains(path)).limit(MOST - 1).forEach(paths::add);
        preferences.put(
                KEY, String.join("\n", paths.stream().map(Path::toString).toList()));
    }
}

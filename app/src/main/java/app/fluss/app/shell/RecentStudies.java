package app.fluss.app.shell;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.prefs.Preferences;
import java.util.stream.Stream;

/// The studies that were opened last, newest first, with what they look like from afar.
public final class RecentStudies {
    private static final int MOST = 8;
    private static final String KEY = "recent";
    private static final String SKETCH = "sketch ";

    private final Preferences preferences;

    /// @param preferences where they are kept
    public RecentStudies(Preferences preferences) {
        this.preferences = preferences;
    }

    /// Those that still exist.
    public List<Path> list() {
        return known().filter(Files::exists).toList();
    }

    private Stream<Path> known() {
        return preferences.get(KEY, "").lines().filter(line -> !line.isBlank()).map(Path::of);
    }

    /// Puts a study first.
    public void add(Path study) {
        List<Path> paths = new ArrayList<>(List.of(study.toAbsolutePath()));
        list().stream().filter(path -> !paths.contains(path)).limit(MOST - 1).forEach(paths::add);
        list().stream().filter(path -> !paths.contains(path)).forEach(path -> preferences.remove(key(path)));
        preferences.put(
                KEY, String.join("\n", paths.stream().map(Path::toString).toList()));
    }

    /// Remembers what a study looks like, if it is among them. Asked at every change, so no file is looked at.
    void keep(Path study, StudySketch sketch) {
        Path path = study.toAbsolutePath();
        if (known().anyMatch(path::equals)) {
            preferences.put(key(path), sketch.text());
        }
    }

    /// What a study looked like when it was last open; empty if that is not known.
    Optional<StudySketch> sketch(Path study) {
        return StudySketch.of(preferences.get(key(study.toAbsolutePath()), ""));
    }

    /// A path is longer than a key may be.
    private static String key(Path study) {
        return SKETCH + UUID.nameUUIDFromBytes(study.toString().getBytes(StandardCharsets.UTF_8));
    }
}

package app.fluss.devices.folder;

import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongSupplier;

/// Looks at a folder now and then, and tells which file is being written there. Looking works on every file system,
/// also where the system's own notices do not arrive; time is taken from a clock that never jumps.
///
/// What was there before the first look counts once it changes. Not safe for threads.
public final class FolderWatch {
    /// A file has stopped growing after this time, ms: {@value}. Loggers flush now and then. Our own default.
    public static final long SETTLED_MS = 3000;

    private static final int MOST_FILES = 5000;
    private static final Set<String> ENDINGS = Set.of("csv", "tsv", "txt", "log");
    private static final long NANOS = 1_000_000;

    private final Path folder;
    private final LongSupplier nanoTime;
    private final Map<Path, Known> known = new HashMap<>();
    private boolean looked;

    /// @param nanoTime a clock that only goes forward, like [System#nanoTime]
    public FolderWatch(Path folder, LongSupplier nanoTime) {
        this.folder = folder;
        this.nanoTime = nanoTime;
    }

    /// A file as it was seen last.
    ///
    /// @param changedAt on the clock
    /// @param isNew whether it changed since the watch began
    private record Known(long size, long modified, long changedAt, boolean isNew) {}

    /// The folder.
    public Path folder() {
        return folder;
    }

    /// Looks once.
    public Sighting look() {
        long now = nanoTime.getAsLong();
        Map<Path, BasicFileAttributes> seen;
        try {
            seen = list();
        } catch (NoSuchFileException e) {
            return new Sighting.Gone("%s is gone. It is looked for until it is back.".formatted(folder));
        } catch (IOException | DirectoryIteratorException e) {
            return new Sighting.Gone("%s cannot be read: %s.".formatted(folder, e.getMessage()));
        }
        known.keySet().retainAll(seen.keySet());
        seen.forEach((file, facts) -> note(file, facts, now));
        looked = true;
        List<Path> growing = new ArrayList<>();
        known.forEach((file, at) -> {
            if (at.isNew && now - at.changedAt < SETTLED_MS * NANOS) {
                growing.add(file);
            }
        });
        growing.sort(null);
        if (growing.size() > 1) {
            return new Sighting.Several(growing);
        }
        return growing.isEmpty()
                ? latest().<Sighting>map(Sighting.Settled::new).orElseGet(Sighting.Quiet::new)
                : new Sighting.Growing(growing.getFirst());
    }

    private void note(Path file, BasicFileAttributes facts, long now) {
        Known before = known.get(file);
        long modified = facts.lastModifiedTime().toMillis();
        boolean same = before != null && before.size == facts.size() && before.modified == modified;
        if (!same) {
            known.put(file, new Known(facts.size(), modified, now, looked && facts.size() > 0));
        }
    }

    private Optional<Path> latest() {
        return known.entrySet().stream()
                .filter(entry -> entry.getValue().isNew)
                .max(Comparator.comparingLong(entry -> entry.getValue().changedAt))
                .map(Map.Entry::getKey);
    }

    private Map<Path, BasicFileAttributes> list() throws IOException {
        Map<Path, BasicFileAttributes> seen = new HashMap<>();
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder)) {
            for (Path file : files) {
                if (isLogName(file) && seen.size() < MOST_FILES) {
                    attributes(file)
                            .filter(BasicFileAttributes::isRegularFile)
                            .ifPresent(facts -> seen.put(file, facts));
                }
            }
        }
        return seen;
    }

    private static boolean isLogName(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return ENDINGS.contains(name.substring(name.lastIndexOf('.') + 1));
    }

    /// A file may vanish between being listed and being looked at.
    private static Optional<BasicFileAttributes> attributes(Path file) {
        try {
            return Optional.of(Files.readAttributes(file, BasicFileAttributes.class));
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}

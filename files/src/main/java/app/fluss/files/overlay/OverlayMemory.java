package app.fluss.files.overlay;

import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/// Remembers where the numbers of an overlay stand and what the analyst called its glyphs, for clips of each
/// size: an overlay looks the same all session.
public final class OverlayMemory {
    private final Path folder;

    /// @param folder where it is kept; made when something is first remembered
    public OverlayMemory(Path folder) {
        this.folder = folder;
    }

    /// What was asked of the last clip of this size. What can no longer be read counts as forgotten.
    public List<AskedNumber> recall(int width, int height) {
        Path file = file(width, height);
        if (!Files.exists(file)) {
            return List.of();
        }
        try {
            return OverlayFile.readAsked(file).stream()
                    .filter(asked -> asked.area().isWithin(width, height))
                    .toList();
        } catch (IOException | InputException e) {
            return List.of();
        }
    }

    /// Remembers what was asked of a clip of this size.
    public void remember(int width, int height, List<AskedNumber> asked) throws IOException {
        Files.createDirectories(folder);
        OverlayFile.writeAsked(asked, file(width, height));
    }

    private Path file(int width, int height) {
        return folder.resolve("overlay-%dx%d.json".formatted(width, height));
    }
}

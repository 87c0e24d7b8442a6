package app.fluss.files.log;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.zip.CRC32;

/// Remembers the mapping of each header that the user mapped once, one JSON file each in a folder.
public final class MappingMemory {
    private final Path folder;

    /// @param folder where they are kept; made when the first is remembered
    public MappingMemory(Path folder) {
        this.folder = folder;
    }

    /// The mapping that was remembered for this header. One that can no longer be read counts as forgotten.
    public Optional<Mapping> recall(List<String> header) {
        Path file = file(header);
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try {
            return Optional.of(MappingFile.read(file))
                    .filter(mapping -> mapping.header().equals(header));
        } catch (IOException | InputException e) {
            return Optional.empty();
        }
    }

    /// Remembers a mapping for its header.
    public void remember(Mapping mapping) throws IOException {
        Files.createDirectories(folder);
        MappingFile.write(mapping, file(mapping.header()));
    }

    private Path file(List<String> header) {
        CRC32 sum = new CRC32();
        sum.update(String.join("\n", header).getBytes(StandardCharsets.UTF_8));
        return folder.resolve("mapping-" + HexFormat.of().toHexDigits((int) sum.getValue()) + ".json");
    }
}

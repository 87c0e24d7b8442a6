package app.fluss.files.log;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/// Mappings as JSON files: `{"columns":[{"name","role","unit"}…],"kinds":{"word":"RENDERED"}}`.
public final class MappingFile {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
            .build();

    private MappingFile() {}

    /// Reads a mapping.
    ///
    /// @throws InputException if the file is none
    public static Mapping read(Path file) throws IOException, InputException {
        return parse(file, SmallText.read(file, "a mapping"));
    }

    private static Mapping parse(Path file, String text) throws InputException {
        try {
            return JSON.readValue(text, Mapping.class);
        } catch (JacksonException e) {
            var location = e.getLocation();
            throw new InputException(
                    file,
                    location == null ? 0 : location.getLineNr(),
                    location == null ? 0 : location.getColumnNr(),
                    e.getOriginalMessage(),
                    "a mapping: {\"columns\":[{\"name\":…,\"role\":…,\"unit\":…}],\"kinds\":{}}");
        }
    }

    /// Writes a mapping; a file that is there is replaced.
    public static void write(Mapping mapping, Path file) throws IOException {
        Files.writeString(file, toJson(mapping));
    }

    /// The mapping as JSON text.
    public static String toJson(Mapping mapping) {
        return JSON.writeValueAsString(mapping);
    }
}

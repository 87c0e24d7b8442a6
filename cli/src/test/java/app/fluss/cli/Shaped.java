package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Results that must have the shape that their schema tells.
final class Shaped {
    private Shaped() {}

    static JsonNode json(ResultSchema schema, String text) {
        assertThat(faults(schema, text)).isEmpty();
        return JsonMapper.shared().readTree(text);
    }

    static JsonNode json(ResultSchema schema, Path file) throws IOException {
        return json(schema, Files.readString(file));
    }

    /// Where a result departs from its schema, by a validator of the registry.
    static List<Error> faults(ResultSchema schema, String text) {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema.text())
                .validate(text, InputFormat.JSON);
    }
}

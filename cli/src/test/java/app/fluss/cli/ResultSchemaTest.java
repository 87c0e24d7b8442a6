package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.node.ObjectNode;

/// That results keep to their schemas is held wherever a test reads one ([Shaped]).
class ResultSchemaTest extends CommandTest {
    private static final Path DOCS = Path.of("../docs/schemas");

    /// Where a result was changed, the files are written anew by setting the property.
    @ParameterizedTest
    @EnumSource
    void theSchemasInTheDocsAreThoseOfTheProgram(ResultSchema schema) throws Exception {
        assertThat(fluss("reference", "schema", schema.name())).isZero();
        Path file = DOCS.resolve(schema.name() + ".schema.json");
        if (Boolean.getBoolean("fluss.write")) {
            Files.createDirectories(DOCS);
            Files.writeString(file, out.toString());
        }
        assertThat(file).hasContent(out.toString());
    }

    @Test
    void thereAreNoOthers() throws Exception {
        try (Stream<Path> files = Files.list(DOCS)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .containsExactlyInAnyOrderElementsOf(Arrays.stream(ResultSchema.values())
                            .map(schema -> schema.name() + ".schema.json")
                            .toList());
        }
    }

    /// A schema that lets everything pass would hold nobody to anything.
    @Test
    void aKeyTooManyOrTooFewIsAFault() throws Exception {
        String log = write("native.csv", BENCH);
        assertThat(fluss("analyze", log, "--refresh", "144", "--sync", "vrr", "--json"))
                .isZero();
        ObjectNode result = (ObjectNode) json();
        for (String key : result.propertyNames()) {
            assertThat(Shaped.faults(
                            ResultSchema.analyze, result.deepCopy().without(key).toString()))
                    .as("without %s", key)
                    .isNotEmpty();
        }
        ObjectNode more = result.deepCopy();
        ((ObjectNode) more.get("rates")).put("imagined_fps", 1);
        assertThat(Shaped.faults(ResultSchema.analyze, more.toString())).isNotEmpty();
        ObjectNode words = result.deepCopy();
        ((ObjectNode) words.get("refresh")).put("sync", "sometimes");
        assertThat(Shaped.faults(ResultSchema.analyze, words.toString())).isNotEmpty();
    }

    @Test
    void aSchemaIsAskedForByTheNameOfAResult() {
        assertThat(fluss("reference", "schema")).isEqualTo(2);
        assertThat(fluss("reference", "measures", "vr")).isEqualTo(2);
        assertThat(fluss("reference", "schema", "nothing")).isEqualTo(2);
        assertThat(err.toString()).contains("schema needs the name of a result", "latency");
    }
}

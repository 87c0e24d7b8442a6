package app.fluss.files.simulated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.fluss.files.log.InputException;
import app.fluss.sim.scenario.Scenario;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ScenarioFileTest {
    private static final Path DOCS = Path.of("..", "docs");
    private static final String LEAST = """
            {"game":{"cpu":{"median_ms":4},"gpu":{"median_ms":9}},"display":{"refresh_hz":120}}""";

    @TempDir
    Path folder;

    private Scenario read(String text) throws IOException, InputException {
        return ScenarioFile.read(Files.writeString(folder.resolve("bench.json"), text));
    }

    private String fault(String text) throws IOException {
        Files.writeString(folder.resolve("bench.json"), text);
        return catchThrowableOfType(InputException.class, () -> read(text)).getMessage();
    }

    private static Schema schema() throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(DOCS.resolve("scenario.schema.json")));
    }

    @Test
    void whatIsLeftOutTakesItsDefault() throws Exception {
        Scenario scenario = read(LEAST);
        assertThat(scenario.seconds()).isEqualTo(60);
        assertThat(scenario.game().capFps()).isNaN();
        assertThat(scenario.game().queue()).isEqualTo(2);
        assertThat(scenario.generator()).isEmpty();
        assertThat(scenario.display().mode().sync().label()).isEqualTo("fifo");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    {"game":{"cpu":{"median_ms":-4},"gpu":{"median_ms":9}},"display":{"refresh_hz":120}} | game.cpu.median_ms = -4; expected above 0 and at most 1000
                    {"game":{"cpu":{"median_ms":"4"},"gpu":{"median_ms":9}},"display":{"refresh_hz":120}} | game.cpu.median_ms = "4"; expected a number
                    {"game":{"cpu":{"median_ms":4}},"display":{"refresh_hz":120}} | game.gpu = nothing; expected an object
                    {"game":{"cpu":{"median_ms":4},"gpu":{"median_ms":9},"cap":60},"display":{"refresh_hz":120}} | game.cap = an unknown field; expected one of cap_fps
                    {"game":{"cpu":{"median_ms":4},"gpu":{"median_ms":9},"sections":[{"share":0.5},{"share":2}]},"display":{"refresh_hz":120}} | game.sections[1].share = 2; expected above 0 and at most 1
                    {"game":{"cpu":{"median_ms":4},"gpu":{"median_ms":9}},"display":{"refresh_hz":120,"sync":"vsync"}} | display.sync = "vsync"; expected one of fifo, latest, tearing, vrr
                    {"game":{"cpu":{"median_ms":4},"gpu":{"median_ms":9}},"display":{"refresh_hz":120},"generator":{"multiplier":2.5}} | generator.multiplier = 2.5; expected a whole number
                    {"game":{"cpu":{"median_ms":4},"gpu":{"median_ms":9}},"display":{"refresh_hz":120},"duration_s":0} | duration_s = 0; expected above 0 and at most 7200
                    [1,2] | the file = [1,2]; expected an object
                    """)
    void faultsNameTheJsonPathWhatStandsThereAndWhatShould(String text, String words) throws Exception {
        assertThat(fault(text)).startsWith("bench.json: found ").contains(words);
    }

    @Test
    void textThatIsNoJsonIsAFaultWithItsLine() throws Exception {
        assertThat(fault("{\n  \"game\": }")).contains("line 2").contains("no JSON");
    }

    @Test
    void partsThatExcludeEachOtherAreAFault() throws Exception {
        String both = LEAST.replace("120}}", "120},\"headset\":{\"refresh_hz\":90},\"generator\":{}}");
        assertThat(fault(both)).contains("headset must stand without generator");
    }

    /// Any damage to a scenario gives a scenario or a fault with words, nothing else.
    @Test
    void randomDamageGivesAScenarioOrATypedFault() throws Exception {
        String whole = Files.readString(DOCS.resolve("scenarios/stream-network-hitch.json"));
        SplittableRandom random = new SplittableRandom(1);
        for (int round = 0; round < 400; round++) {
            StringBuilder text = new StringBuilder(whole);
            for (int hit = 0; hit <= random.nextInt(3); hit++) {
                int at = random.nextInt(text.length());
                switch (random.nextInt(3)) {
                    case 0 -> text.setCharAt(at, (char) (32 + random.nextInt(95)));
                    case 1 -> text.deleteCharAt(at);
                    default -> text.insert(at, "9e99");
                }
            }
            try {
                assertThat(read(text.toString())).isNotNull();
            } catch (InputException e) {
                assertThat(e.getMessage()).startsWith("bench.json");
            }
        }
    }

    static Stream<String> ready() {
        return ReadyScenario.names().stream();
    }

    @ParameterizedTest
    @MethodSource("ready")
    void readyScenariosAgreeWithTheSchemaAndTheReader(String name) throws Exception {
        String text = Files.readString(DOCS.resolve("scenarios").resolve(name + ".json"));
        assertThat(schema().validate(text, InputFormat.JSON)).isEmpty();
        Scenario scenario = ReadyScenario.named(name);
        assertThat(scenario.name()).isNotBlank();
        assertThat(scenario.about()).isNotBlank();
    }

    @Test
    void everyFileIsListed() throws Exception {
        try (Stream<Path> files = Files.list(DOCS.resolve("scenarios"))) {
            List<String> there = files.map(file -> file.getFileName().toString())
                    .filter(file -> file.endsWith(".json"))
                    .map(file -> file.replace(".json", ""))
                    .toList();
            assertThat(ReadyScenario.names())
                    .containsExactlyInAnyOrderElementsOf(there)
                    .doesNotHaveDuplicates();
        }
    }

    /// What the schema refuses, the reader refuses, and the other way round.
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    "duration_s":60 | "duration_s":7201
                    "queue":2 | "queue":9
                    "queue":2 | "queued":2
                    "render_scale":1 | "render_scale":0
                    "likeness":0.9 | "likeness":1
                    """)
    void schemaAndReaderDrawTheSameLines(String good, String bad) throws Exception {
        String whole = """
                {"duration_s":60,"game":{"cpu":{"median_ms":4,"likeness":0.9},"gpu":{"median_ms":9},"queue":2,"render_scale":1},
                 "display":{"refresh_hz":120}}""";
        assertThat(schema().validate(whole, InputFormat.JSON)).isEmpty();
        read(whole);
        String broken = whole.replace(good.strip(), bad.strip());
        assertThat(schema().validate(broken, InputFormat.JSON)).isNotEmpty();
        assertThat(fault(broken)).isNotEmpty();
    }
}

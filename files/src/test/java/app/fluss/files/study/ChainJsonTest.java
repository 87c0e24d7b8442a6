package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactType;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ChainJsonTest {
    @TempDir
    Path folder;

    private static String value(FactKey key, SplittableRandom random) {
        return switch (key.type()) {
            case FactType.Choice(List<String> words) -> words.get(random.nextInt(words.size()));
            case FactType.Quantity(String _, double low, double high) ->
                Long.toString(Math.round(low + random.nextDouble() * (high - low)));
            case FactType.Text _ -> "a \"word\", an é and a \\";
        };
    }

    /// Whatever can be composed comes back as it was.
    @Test
    void everyChainComesBack() {
        SplittableRandom random = new SplittableRandom(21);
        for (int round = 0; round < 300; round++) {
            Chain chain = Chain.NATIVE;
            for (int i = 0; i < random.nextInt(4); i++) {
                StageKind kind = StageKind.values()[random.nextInt(StageKind.values().length)];
                try {
                    chain = chain.with(kind);
                } catch (IllegalArgumentException e) {
                    assertThat(e).hasMessageMatching(".*[.]");
                }
            }
            for (int at = 0; at < chain.stages().size(); at++) {
                Stage stage = chain.stages().get(at);
                for (FactKey key : stage.kind().settings()) {
                    stage = random.nextBoolean() ? stage.with(key, value(key, random)) : stage;
                }
                chain = chain.with(at, stage);
            }
            assertThat(ChainJson.read(ChainJson.write(chain))).isEqualTo(chain);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "[",
                "[{\"kind\":\"magic\"}]",
                "[{\"multiplier\":\"2\"}]",
                "[{\"kind\":\"engine-generation\",\"multiplier\":\"-3\"}]",
                "[{\"kind\":\"display-smoothing\"},{\"kind\":\"engine-generation\"}]"
            })
    void whatIsNoChainIsRefused(String text) {
        assertThatThrownBy(() -> ChainJson.read(text)).isInstanceOf(IllegalArgumentException.class);
    }

    /// Somebody wrote into the file by hand: the study says so, and does not fall over.
    @Test
    void aStudyWithAChainThatIsNoneSaysSo() throws Exception {
        Path file = folder.resolve("hand.fluss");
        try (Study study = Study.open(file)) {
            study.bench().addPath("engine", Chain.of(StageKind.ENGINE_GENERATION));
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute("UPDATE path SET stages = '[{\"kind\":\"magic\"}]'");
        }
        try (Study study = Study.open(file)) {
            assertThatThrownBy(() -> study.bench().read())
                    .isInstanceOf(StudyException.class)
                    .hasMessageContaining("hand.fluss")
                    .hasMessageContaining("no such stage");
        }
    }
}

package app.fluss.app.importing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FactsTest {
    @Test
    void areNameAndValueBetweenSemicolonsOrLines() {
        assertThat(Facts.parse("render scale = 99,5 %; upscaler=own\n driver = 5.1 = beta;;"))
                .contains(Map.of("render_scale", "99,5 %", "upscaler", "own", "driver", "5.1 = beta"));
        assertThat(Facts.parse("  ")).contains(Map.of());
    }

    @ParameterizedTest
    @ValueSource(strings = {"render scale", "= 4", "driver =", "driver = 1; driver = 2"})
    void anythingElseIsRefused(String text) {
        assertThat(Facts.parse(text)).isEmpty();
    }

    @Test
    void comeBackAsTheyWereTyped() {
        Map<String, String> facts = Map.of("quality", "high, with shadows", "upscaler", "own");
        assertThat(Facts.line(facts)).isEqualTo("quality = high, with shadows; upscaler = own");
        assertThat(Facts.parse(Facts.line(facts))).contains(facts);
        assertThat(Facts.parse(Facts.lines(facts))).contains(facts);
    }
}

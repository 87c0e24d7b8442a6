package app.fluss.core.path;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NameGuessTest {
    @ParameterizedTest
    @CsvSource({
        "Reedlight_native_1.csv, logs, Reedlight, native",
        "reedlight-engine-2x-run3.csv, logs, Reedlight, engine 2x",
        "run 2.csv, driver x3, '', driver x3",
        "native.csv, Gull Harbour, Gull Harbour, native",
        "Moor_Lantern_second_gpu_4x_take1.tsv, '', Moor Lantern, second gpu 4x",
        "frames.csv, '', '', ''",
        "20260101.csv, Moor, Moor, ''",
        "gull harbour cap 60.csv, x, Gull harbour, cap 60",
        "film mode.mp4, '', '', film mode",
        "Gull film mode smoothing off 2.mp4, '', Gull, film mode smoothing off"
    })
    void aFileNameSaysWhatItIsOf(String file, String folder, String game, String path) {
        NameGuess guess = NameGuess.of(file, folder, List.of(), List.of());
        assertThat(guess.game()).isEqualTo(game);
        assertThat(guess.path()).isEqualTo(path);
    }

    @Test
    void whatIsKnownIsFoundFirst() {
        NameGuess guess = NameGuess.of(
                "the-reed_marsh_soft-2x.csv", "", List.of("Reed", "The Reed Marsh"), List.of("soft 2x", "native"));
        assertThat(guess).isEqualTo(new NameGuess("The Reed Marsh", "soft 2x", "the-reed_marsh_soft-2x"));
    }

    @Test
    void whatSaysMoreThanAKnownPathIsAnother() {
        List<String> known = List.of("film mode");
        assertThat(NameGuess.of("film mode 2.mp4", "", List.of(), known).path()).isEqualTo("film mode");
        assertThat(NameGuess.of("film mode smoothing off.mp4", "", List.of(), known)
                        .path())
                .isEqualTo("film mode smoothing off");
    }

    /// The word that only this analyst has for a path stands after the game that another file tells.
    @Test
    void filesThatLieTogetherExplainEachOther() {
        List<NameGuess> alone = Stream.of("Reedlight_native_1", "Reedlight_doubled_2", "Reed_fast", "Moor_calm")
                .map(name -> NameGuess.of(name + ".csv", "", List.of(), List.of()))
                .toList();
        assertThat(alone.get(1)).isEqualTo(new NameGuess("Reedlight doubled", "", "Reedlight_doubled_2"));
        assertThat(NameGuess.together(alone))
                .containsExactly(
                        new NameGuess("Reedlight", "native", "Reedlight_native_1"),
                        new NameGuess("Reedlight", "doubled", "Reedlight_doubled_2"),
                        alone.get(2),
                        alone.get(3));
    }
}

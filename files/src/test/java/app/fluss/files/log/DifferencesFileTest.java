package app.fluss.files.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.picture.PictureDifferences;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DifferencesFileTest {
    @TempDir
    Path folder;

    private Path file(String text) throws Exception {
        return Files.writeString(folder.resolve("clip.csv"), text);
    }

    @Test
    void differencesAndTimesAreRead() throws Exception {
        PictureDifferences read =
                DifferencesFile.read(file("peak,over_one,over_two,ms\n,,,0\n3,2,,\n4.5,0,2,33.3\n9,3,255,50\n"));
        assertThat(read.size()).isEqualTo(4);
        assertThat(read.peak(0)).isNaN();
        assertThat(read.peak(2)).isEqualTo(4.5);
        assertThat(read.overTwo(1)).isNaN();
        assertThat(read.overTwo(3)).isEqualTo(255);
        assertThat(read.ms(1)).isNaN();
    }

    /// The first has none, the second none of two pictures; a gap anywhere else is no figure.
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3,,,17 | line 3, column 2",
                "3,2,,17;4,0,,33 | line 4, column 3",
                ",2,,17 | line 3, column 1",
                "3,256,,17 | line 3, column 2"
            })
    void aDifferenceThatIsMissingIsRefusedWithItsPlace(String rows, String place) throws Exception {
        String text = "peak,over_one,over_two,ms\n,,,0\n%s\n9,3,3,50\n9,3,3,67\n".formatted(rows.replace(';', '\n'));
        assertThatThrownBy(() -> DifferencesFile.read(file(text)))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("0 to 255")
                .hasMessageContaining(place);
    }
}

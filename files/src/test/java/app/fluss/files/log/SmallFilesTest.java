package app.fluss.files.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.TableComparison;
import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Figure;
import app.fluss.core.reading.Reading;
import app.fluss.core.reading.ReadingSeries;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Readings, summaries and tables of run figures: small files, typed or written by tools.
class SmallFilesTest {
    @TempDir
    Path folder;

    private Path file(String text) throws Exception {
        return Files.writeString(folder.resolve("small.csv"), text);
    }

    private String readingsFault(String text) throws Exception {
        Path file = file(text);
        return catchThrowableOfType(InputException.class, () -> ReadingsFile.read(file))
                .getMessage();
    }

    private String summaryFault(String text) throws Exception {
        Path file = file(text);
        return catchThrowableOfType(InputException.class, () -> SummaryFile.read(file))
                .getMessage();
    }

    @Test
    void readingsGiveAMeanWithItsRange() throws Exception {
        ReadingSeries readings =
                ReadingsFile.read(file("t_s,claimed_fps,note\n1,70,\n2,,looked away\n3,74.5,\n4,66,\n"));
        assertThat(readings.readings().size()).isEqualTo(3);
        assertThat(readings.mean().orNaN())
                .as("70 for 2 s, 74.5 for 1 s, the last for the median gap")
                .isCloseTo((2 * 70 + 74.5 + 1.5 * 66) / 4.5, within(1e-12));
        assertThat(readings.marks()).containsExactly(new ReadingSeries.Mark(2, "looked away"));
        assertThat(readings.lowest().orNaN()).isEqualTo(66);
        assertThat(readings.highest().orNaN()).isEqualTo(74.5);
        assertThat(readings.base().isKnown()).isFalse();
    }

    @Test
    void readingsComeBackAsTheyWereWritten() throws Exception {
        Path file = folder.resolve("written.csv");
        ReadingSeries written = new ReadingSeries(
                List.of(new Reading(1, 120, 120, 120, 60), new Reading(2, 118, 112, 120, Double.NaN)),
                List.of(),
                Figure.of(97),
                "slowest mean",
                Map.of(Channel.POWER, Figure.of(14.5)));
        ReadingsFile.write(written, file);
        ReadingSeries readings = ReadingsFile.read(file);
        assertThat(readings).isEqualTo(written);
        assertThat(readings.mean().orNaN()).isEqualTo(119);
        assertThat(readings.base().orNaN()).isEqualTo(60);
    }

    @Test
    void noReadingIsNoRateAndNotZero() throws Exception {
        ReadingSeries none = ReadingsFile.read(file("t_s,claimed_fps\n1,\n"));
        assertThat(none.readings().size()).isZero();
        assertThat(none.mean().isKnown()).isFalse();
        assertThat(none.lowest().isKnown()).isFalse();
    }

    @Test
    void faultsSayPlaceFoundAndExpected() throws Exception {
        assertThat(readingsFault("t_s,claimed_fps\n1,70\n2,7O\n"))
                .isEqualTo("small.csv, line 3, column 2: found '7O'; expected a number of 0 or more");
        assertThat(readingsFault("t_s,claimed_fps\n1,-4\n")).contains("line 2, column 2", "'-4'");
        assertThat(readingsFault("t_s,fps\n1,70\n"))
                .contains("the columns t_s, fps")
                .contains("expected claimed_fps");
        assertThat(readingsFault("t_s,claimed_fps\n5,70\n4,70\n")).contains("line 3, column 1", "times that rise");
        assertThat(readingsFault("t_s,claimed_fps,low_fps,high_fps\n1,70,75,80\n"))
                .contains("range from low to high");
        assertThat(readingsFault("claimed_fps,one_percent_low_fps\n70,71\n")).contains("not above the average");
        assertThat(summaryFault("average_fps,one_percent_low_fps\n70,71\n")).contains("not above the average");
        assertThat(summaryFault("average_fps,lowest_fps\n70,71\n")).contains("not above the average");
        assertThat(summaryFault("average_fps\n70\n71\n")).contains("2 rows", "one row");
        assertThat(summaryFault("duration_s,mean\n40,70\n")).contains("average_fps");
        assertThat(summaryFault("average_fps,one_percent_low_fps\n70,many\n")).contains("line 2, column 2", "'many'");
    }

    @Test
    void aSummaryKnowsWhatItWasTold() throws Exception {
        Summary summary = SummaryFile.read(file("average_fps\n81.25\n"));
        assertThat(summary.claimed().mean().orNaN()).isEqualTo(81.25);
        assertThat(summary.claimed().onePercentLow().isKnown()).isFalse();
        assertThat(summary.seconds().isKnown()).isFalse();
        assertThat(summary.claimed().lowConvention()).isEmpty();
        Path again = folder.resolve("again.csv");
        SummaryFile.write(summary, again);
        assertThat(SummaryFile.read(again).claimed().mean().orNaN()).isEqualTo(81.25);
    }

    @Test
    void whatAFileIsShowsInItsHeader() {
        assertThat(ReadingsFile.isReadings(List.of("t_s", "claimed_fps"))).isTrue();
        assertThat(SummaryFile.isSummary(List.of("average_fps"))).isTrue();
        assertThat(ReadingsFile.isReadings(List.of("present_ms", "kind"))).isFalse();
    }

    @Test
    void aTableOfRunFiguresLeavesOutWhatARunDoesNotHave() throws Exception {
        List<TableComparison.Row> rows =
                RunTable.read(file("game,path,run,delivered_fps,latency_ms\nReed,native,1,60,41\nReed,fg,1,101,\n"));
        assertThat(rows).hasSize(2);
        assertThat(rows.get(0).figures()).containsEntry("latency_ms", 41.0);
        assertThat(rows.get(1).figures()).containsOnlyKeys("delivered_fps");
        Path bad = file("game,path,run,fps\nReed,native,1,fast\n");
        assertThat(catchThrowableOfType(InputException.class, () -> RunTable.read(bad))
                        .getMessage())
                .contains("line 2", "'fast'");
        Path other = file("spiel,path,run,fps\nReed,native,1,60\n");
        assertThat(catchThrowableOfType(InputException.class, () -> RunTable.read(other))
                        .getMessage())
                .contains("game");
    }

    /// Damage gives figures or a typed fault.
    @Test
    void randomDamageGivesFiguresOrATypedFault() throws Exception {
        String whole = "t_s,claimed_fps,base_fps\n1,70,35\n2,74,37\n3,\"66\",33\n";
        SplittableRandom random = new SplittableRandom(2);
        for (int round = 0; round < 500; round++) {
            StringBuilder text = new StringBuilder(whole);
            text.setCharAt(random.nextInt(text.length()), (char) (9 + random.nextInt(110)));
            text.deleteCharAt(random.nextInt(text.length()));
            try {
                ReadingSeries readings = ReadingsFile.read(file(text.toString()));
                assertThat(readings.readings().size()).isBetween(0, 3);
            } catch (InputException e) {
                assertThat(e.getMessage()).startsWith("small.csv");
            }
        }
    }

    /// A byte-order mark, semicolons and decimal commas, as a spreadsheet writes them.
    @Test
    void tablesComeInEveryDialect() throws Exception {
        ReadingSeries readings = ReadingsFile.read(file("\uFEFFt_s;claimed_fps;note\n1;70,5;\n2;71,5;a, b\n"));
        assertThat(readings.mean().orNaN()).isEqualTo(71);
        assertThat(SummaryFile.read(file("\uFEFFaverage_fps\tduration_s\n81,25\t40\n"))
                        .claimed()
                        .mean()
                        .orNaN())
                .isEqualTo(81.25);
        List<TableComparison.Row> rows =
                RunTable.read(file("\uFEFFgame;path;run;fps\nSalt;native;1;41,2\nSalt;native;2;\n"));
        assertThat(rows.getFirst().figures()).containsEntry("fps", 41.2);
        assertThat(rows.getLast().figures()).isEmpty();
    }

    @Test
    void aRunTableThatCannotBeMeantIsRefusedWithItsPlace() {
        assertThat(tableFault("game,path,run,fps\nSalt,native,1,41\nSalt,native,1,42\n"))
                .contains("line 3", "Salt, native, 1 a second time");
        assertThat(tableFault("game,path,run,fps\nSalt,native,1,1e999\n")).contains("line 2, column 4", "1e999");
        assertThat(tableFault("game,path,run,fps\nSalt,native,1,41,7\nSalt,native,2,41\nSalt,native,3,41\n"))
                .contains("line 2", "5 cells");
    }

    private String tableFault(String text) {
        return catchThrowableOfType(InputException.class, () -> RunTable.read(file(text)))
                .getMessage();
    }
}

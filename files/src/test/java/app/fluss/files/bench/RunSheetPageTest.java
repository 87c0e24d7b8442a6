package app.fluss.files.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RunSheetPageTest {
    private static final RunSheetPage SHEET = new RunSheetPage(
            "bench <1> & more",
            "25 November 2026",
            List.of(
                    new RunSheetPage.Row(0, 250, "warm-up", false, "Tidewarden · marsh", "native", List.of()),
                    new RunSheetPage.Row(
                            250,
                            3500,
                            "run",
                            true,
                            "Tidewarden · marsh",
                            "second <GPU>",
                            List.of("power off", "switch on second GPU"))));

    @TempDir
    Path folder;

    @Test
    void everyLineIsThereAndNothingIsMarkup() throws Exception {
        Path file = folder.resolve("sheet.html");
        SHEET.write(file);
        String page = Files.readString(file);
        assertThat(page)
                .contains("bench &lt;1&gt; &amp; more", "second &lt;GPU&gt;", "switch on second GPU")
                .contains("1 runs, 1:03 h", "<td class=\"time\">0:04</td>")
                .contains("unplug")
                .doesNotContain("<GPU>", "{{");
    }

    @Test
    void theSameIsATable() {
        assertThat(SHEET.table().csv()).isEqualTo("""
                        after_s,lasts_s,role,measured,scene,path,before
                        0,250,warm-up,false,Tidewarden · marsh,native,
                        250,3500,run,true,Tidewarden · marsh,second <GPU>,power off; switch on second GPU
                        """);
    }
}

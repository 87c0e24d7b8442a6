package app.fluss.files.bench;

import app.fluss.files.print.PdfPages;
import app.fluss.files.table.DataTable;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/// The run sheet as a page to print, with room to write.
///
/// @param study name of the study
/// @param date when it was planned, for people
/// @param rows the lines
public record RunSheetPage(String study, String date, List<Row> rows) {
    private static final String SAFETY =
            "Power off and unplug before a cable moves to another card; hot cards burn. Makers' manuals and local"
                    + " electrical rules come first. Stop at the first sign of motion sickness.";

    /// Keeps a copy.
    public RunSheetPage {
        rows = List.copyOf(rows);
    }

    /// A line.
    ///
    /// @param afterS s after the start
    /// @param lastsS how long it takes with what must be done before, s
    /// @param role what it is for
    /// @param measured whether it gives a run
    /// @param scene game and scene
    /// @param path path
    /// @param changes what must be done before
    public record Row(
            int afterS, int lastsS, String role, boolean measured, String scene, String path, List<String> changes) {
        /// Keeps a copy.
        public Row {
            changes = List.copyOf(changes);
        }

        private Map<String, Object> values() {
            return Map.of(
                    "after", clock(afterS),
                    "role", role,
                    "measured", measured,
                    "scene", scene,
                    "path", path,
                    "changes", changes);
        }
    }

    /// Hours and minutes.
    private static String clock(int seconds) {
        int minutes = Math.round(seconds / 60f);
        return "%d:%02d".formatted(minutes / 60, minutes % 60);
    }

    /// Writes the page; a file that is there is replaced.
    public void write(Path file) throws IOException {
        Files.writeString(file, text());
    }

    /// The same as PDF, to be printed.
    public byte[] pdf() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfPages.write(text(), Map.of(), out);
        return out.toByteArray();
    }

    /// The lines as a table: times in s, what must be done before with semicolons between.
    public DataTable table() {
        DataTable.Builder table =
                new DataTable.Builder("after_s", "lasts_s", "role", "measured", "scene", "path", "before");
        rows.forEach(row -> table.row(
                Integer.toString(row.afterS),
                Integer.toString(row.lastsS),
                row.role,
                Boolean.toString(row.measured),
                row.scene,
                row.path,
                String.join("; ", row.changes)));
        return table.build();
    }

    private String text() throws IOException {
        return template()
                .execute(Map.of(
                        "study",
                        study,
                        "date",
                        date,
                        "runs",
                        rows.stream().filter(Row::measured).count(),
                        "duration",
                        clock(rows.stream().mapToInt(Row::lastsS).sum()) + " h",
                        "rows",
                        rows.stream().map(Row::values).toList(),
                        "safety",
                        SAFETY));
    }

    private static Template template() throws IOException {
        InputStream in = RunSheetPage.class.getResourceAsStream("run-sheet.html");
        if (in == null) {
            throw new IllegalStateException("run-sheet.html is not in the jar");
        }
        try (Reader reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            return Mustache.compiler().compile(reader);
        }
    }
}

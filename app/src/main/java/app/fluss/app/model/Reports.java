package app.fluss.app.model;

import app.fluss.core.work.Progress;
import app.fluss.files.print.PdfPreview;
import app.fluss.files.print.Printing;
import app.fluss.files.share.ProductVersion;
import app.fluss.files.share.Report;
import app.fluss.files.share.ReportFolder;
import app.fluss.files.share.ReportHtml;
import app.fluss.files.share.ReportPdf;
import app.fluss.files.share.ReportWish;
import app.fluss.files.study.Game;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.study.TakenIn;
import app.fluss.files.work.WholeFiles;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javax.print.PrintService;

/// Reports of the open study, studies handed on and taken in: worked out and written off the interface
/// thread.
public final class Reports {
    private final Workbench workbench;

    /// Of the study that is open in a workbench.
    public Reports(Workbench workbench) {
        this.workbench = workbench;
    }

    /// Works a report out with its pages and cards.
    ///
    /// @param failed is told what is wrong, in words
    public void render(ReportWish wish, Consumer<Rendered> done, Consumer<String> failed) {
        workbench.share(ModelText.BUILDING_REPORT, (study, progress) -> rendered(study, wish, progress), done, failed);
    }

    private static Rendered rendered(Study study, ReportWish wish, Progress progress)
            throws StudyException, IOException {
        Report report = Report.of(
                study, wish, ProductVersion.number(), LocalDate.now(ZoneId.systemDefault()), progress.part(0, 0.8));
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        ReportPdf.write(report, pdf);
        progress.check(1);
        return new Rendered(report, pdf.toByteArray(), report.cards());
    }

    /// Writes the whole folder.
    public void writeFolder(Rendered rendered, Path folder, Consumer<String> done, Consumer<String> failed) {
        workbench.share(
                ModelText.WRITING_REPORT,
                (_, progress) -> {
                    ReportFolder.write(rendered.report(), folder, true, progress);
                    return ModelText.REPORT_WRITTEN.formatted(folder);
                },
                done,
                failed);
    }

    /// Writes the printed form.
    public void writePdf(Rendered rendered, Path file, Consumer<String> done, Consumer<String> failed) {
        write(file, to -> Files.write(to, rendered.pdf()), done, failed);
    }

    /// Writes the page.
    public void writePage(Rendered rendered, Path file, Consumer<String> done, Consumer<String> failed) {
        write(file, to -> Files.writeString(to, ReportHtml.of(rendered.report())), done, failed);
    }

    private void write(
            Path file, WholeFiles.Writing<RuntimeException> writing, Consumer<String> done, Consumer<String> failed) {
        workbench.share(
                ModelText.WRITING.formatted(file.getFileName()),
                (_, _) -> {
                    WholeFiles.file(file, writing);
                    return ModelText.WRITTEN_TO.formatted(file);
                },
                done,
                failed);
    }

    /// Draws a page of a preview; a preview that was closed meanwhile draws none.
    ///
    /// @param page from 0
    /// @param dpi pixels an inch
    /// @param as what is made of it, off the interface thread
    public <T> void page(
            PdfPreview preview,
            int page,
            int dpi,
            Function<BufferedImage, T> as,
            Consumer<T> done,
            Consumer<String> failed) {
        workbench.share(
                ModelText.DRAWING_PAGE.formatted(page + 1), (_, _) -> as.apply(preview.page(page, dpi)), done, failed);
    }

    /// Prints pages.
    ///
    /// @param tell is told what happened
    public void print(byte[] pdf, String printer, String title, int copies, Consumer<String> tell) {
        workbench.share(
                ModelText.PRINTING,
                (_, _) -> {
                    PrintService service = Printing.printer(printer)
                            .orElseThrow(() -> new IOException(ModelText.NO_PRINTER.formatted(printer)));
                    Printing.print(pdf, service, title, copies);
                    return ModelText.SENT_TO.formatted(printer);
                },
                tell,
                tell);
    }

    /// Writes games as a study of their own.
    public void handOn(List<Game> games, Path to, Consumer<String> tell) {
        workbench.share(
                ModelText.WRITING.formatted(to.getFileName()),
                (study, _) -> {
                    study.handOn(games, to);
                    return ModelText.HOLDS.formatted(
                            to.getFileName(),
                            String.join(", ", games.stream().map(Game::name).toList()));
                },
                tell,
                tell);
    }

    /// Takes another analyst's study in, as one step that can be undone.
    ///
    /// @param origin how its runs are marked
    public void takeIn(Path other, String origin, Consumer<String> tell) {
        workbench.edits().change(ModelText.TAKING_IN.formatted(other.getFileName()), study -> {
            TakenIn taken = study.takeIn(other, origin);
            Platform.runLater(() -> tell.accept(taken.words()));
        });
    }
}

package app.fluss.app.share;

import app.fluss.app.model.Reports;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.files.print.PdfPreview;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// The pages of a report, one at a time, as they will be printed.
final class PagePreview extends VBox {
    private static final int DPI = 110;

    private final Label number = Labels.of("", "muted");
    private final ImageView view = new ImageView();
    private final Reports reports;
    private final Consumer<String> tell;
    private final ScrollPane scroll;
    private Optional<PdfPreview> pages = Optional.empty();
    private int page;

    /// @param tell is told what went wrong
    PagePreview(Reports reports, Consumer<String> tell) {
        super(8);
        this.reports = reports;
        this.tell = tell;
        setId("report-preview");
        StackPane paper = new StackPane(view);
        paper.setAlignment(Pos.TOP_CENTER);
        scroll = Boxes.scrolling(paper);
        scroll.getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        view.setPreserveRatio(true);
        view.fitWidthProperty().bind(scroll.widthProperty().subtract(24));
        number.setId("report-page");
        number.setMinWidth(USE_PREF_SIZE);
        HBox head = Boxes.row(
                Labels.heading(ShareText.PREVIEW),
                Boxes.spacer(),
                Buttons.quiet("◂", ShareText.PREVIEW_TIP, () -> turn(-1)),
                number,
                Buttons.quiet("▸", ShareText.NEXT_PAGE_TIP, () -> turn(1)));
        getChildren().addAll(head, scroll);
    }

    void show(byte[] pdf) {
        close();
        try {
            pages = Optional.of(new PdfPreview(pdf));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        page = 0;
        turn(0);
    }

    private void turn(int by) {
        pages.ifPresent(all -> {
            page = Math.clamp(page + by, 0, all.pages() - 1);
            int wanted = page;
            reports.page(
                    all,
                    wanted,
                    DPI,
                    PagePreview::image,
                    drawn -> {
                        if (page == wanted && isShown(all)) {
                            view.setImage(drawn);
                            number.setText(ShareText.OF.formatted(wanted + 1, all.pages()));
                            scroll.setVvalue(0);
                        }
                    },
                    problem -> {
                        if (isShown(all)) {
                            tell.accept(problem);
                        }
                    });
        });
    }

    private boolean isShown(PdfPreview asked) {
        return pages.filter(asked::equals).isPresent();
    }

    private static WritableImage image(BufferedImage drawn) {
        int width = drawn.getWidth();
        int height = drawn.getHeight();
        int[] pixels = drawn.getRGB(0, 0, width, height, null, 0, width);
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] |= 0xFF000000;
        }
        WritableImage image = new WritableImage(width, height);
        image.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        return image;
    }

    void close() {
        pages.ifPresent(all -> {
            try {
                all.close();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        pages = Optional.empty();
    }
}

package app.fluss.app.pictures;

import app.fluss.app.model.Jobs;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.FileChoice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.core.measure.Figure;
import app.fluss.files.clip.StillComparison;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// One still against another: an upscaler against the native picture, a decoder against its source.
public final class StillsPanel extends VBox {
    private static final double MAP_PX = 170;

    private final Jobs jobs;
    private final Consumer<String> problems;
    private final Label names = Labels.of("", "muted", "small");
    private final Label psnr = Labels.of("", "figure");
    private final Label ssim = Labels.of("", "figure");
    private final ImageView map = new ImageView();
    private final HBox result;

    /// @param problems is told, in words, what went wrong
    public StillsPanel(Jobs jobs, Consumer<String> problems) {
        super(6);
        this.jobs = jobs;
        this.problems = problems;
        getStyleClass().add("panel");
        setId("stills");
        map.setPreserveRatio(true);
        map.setFitHeight(MAP_PX);
        map.setFitWidth(MAP_PX * 2);
        psnr.setId("psnr");
        result = new HBox(
                22,
                new VBox(-2, psnr, Labels.of(PicturesText.PSNR_DB, "muted", "small")),
                new VBox(-2, ssim, Labels.of(PicturesText.SSIM_1_IS_EQUAL, "muted", "small")),
                new VBox(2, map, Labels.of(PicturesText.DIFFERENCE_MAP, "muted", "small")));
        getChildren()
                .setAll(
                        Boxes.row(
                                Labels.heading(PicturesText.ONE_STILL_AGAINST_ANOTHER),
                                names,
                                Boxes.spacer(),
                                Buttons.quiet(
                                        PicturesText.COMPARE_TWO_STILLS,
                                        PicturesText.COMPARE_TWO_STILLS_TIP,
                                        this::choose)),
                        Labels.wrapped(PicturesText.STILLS_HINT, "muted", "small"));
    }

    private void choose() {
        Optional<Path> reference = file(PicturesText.REFERENCE_STILL);
        Optional<Path> picture = reference.flatMap(_ -> file(PicturesText.STILL));
        picture.ifPresent(other -> compare(reference.orElseThrow(), other));
    }

    private Optional<Path> file(String title) {
        return FileChoice.chosen(FileChoice.files(title, FileChoice.kind(PicturesText.PNG_PICTURES, "png"))
                .showOpenDialog(getScene().getWindow()));
    }

    /// Compares two pictures.
    public void compare(Path reference, Path picture) {
        jobs.start(
                PicturesText.COMPARING_PICTURES,
                _ -> StillComparison.read(reference, picture),
                found -> show(found, PicturesText.AGAINST.formatted(picture.getFileName(), reference.getFileName())),
                e -> problems.accept(String.valueOf(e.getMessage())));
    }

    private void show(StillComparison found, String words) {
        names.setText(words);
        psnr.setText(
                found.quality().meanSquaredError() == 0
                        ? PicturesText.EQUAL
                        : Numbers.text(found.quality().psnrDb(), 2));
        ssim.setText(Numbers.text(Figure.ofFinite(found.quality().ssim(), PicturesText.SMALLER_THAN_ITS_WINDOW), 4));
        WritableImage image = new WritableImage(found.width(), found.height());
        byte[] differences = found.differenceMap();
        int[] argb = new int[differences.length];
        for (int i = 0; i < argb.length; i++) {
            int grey = differences[i] & 0xFF;
            argb[i] = 0xFF000000 | grey << 16 | grey << 8 | grey;
        }
        image.getPixelWriter()
                .setPixels(
                        0, 0, found.width(), found.height(), PixelFormat.getIntArgbInstance(), argb, 0, found.width());
        map.setImage(image);
        if (!getChildren().contains(result)) {
            getChildren().set(1, result);
        }
    }
}

package app.fluss.app.importing;

import app.fluss.app.model.Jobs;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.bench.FactKey;
import app.fluss.core.picture.Area;
import app.fluss.core.picture.Look;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.picture.PictureDifferences;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipDifferences;
import app.fluss.files.log.InputException;
import app.fluss.files.study.StoredPictures;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Counts the distinct pictures of a clip: everywhere, or where the user drags, without an overlay that changes
/// by itself.
final class CountDialog {
    private static final ButtonType ADD = new ButtonType(ClipText.ADD_TO_THIS_RUN, ButtonBar.ButtonData.OK_DONE);

    private final Dialog<ButtonType> dialog;
    private final Jobs jobs;
    private final Path file;
    private final Clip clip;
    private final PictureView picture;
    private final TextField fps = new TextField();
    private final Label result = Labels.wrapped("", "figure");
    private final ToggleButton within = new ToggleButton(ClipText.LOOK_HERE);
    private final ToggleButton without = new ToggleButton(ClipText.LEAVE_OUT);
    private Optional<Area> inside = Optional.empty();
    private Optional<Area> outside = Optional.empty();
    private Optional<PictureDifferences> found = Optional.empty();

    /// @param run the selected run, for people
    CountDialog(Theme theme, Window owner, Jobs jobs, Path file, Clip clip, String run) {
        this.jobs = jobs;
        this.file = file;
        this.clip = clip;
        dialog = Dialogs.make(theme, owner, ClipText.DISTINCT_PICTURES);
        picture = new PictureView(theme, clip.width(), clip.height(), ClipText.COUNTED_AREAS, this::drawn);
        picture.setPrefSize(620, 360);
        picture.setMinHeight(200);
        fps.setText(Double.isNaN(clip.fps()) ? "" : NumberField.text(clip.fps()));
        fps.setPrefColumnCount(5);
        fps.setId("count-fps");
        fps.textProperty().subscribe(() -> tell());
        ToggleGroup areas = new ToggleGroup();
        for (ToggleButton button : List.of(within, without)) {
            button.getStyleClass().add("quiet");
            button.setToggleGroup(areas);
        }
        without.setSelected(true);
        result.setId("count-result");
        dialog.getDialogPane()
                .setContent(new VBox(
                        8,
                        Boxes.row(
                                Labels.of(String.valueOf(file.getFileName()), "heading"),
                                Boxes.spacer(),
                                Labels.of(ClipText.PICTURES_S, "muted"),
                                fps),
                        Boxes.row(
                                Labels.of(ClipText.DRAG_OVER_PICTURE, "muted"),
                                without,
                                Labels.of(ClipText.OVERLAY_HINT, "muted"),
                                within,
                                Buttons.quiet(ClipText.EVERYWHERE, ClipText.EVERYWHERE_TIP, this::everywhere)),
                        picture,
                        result,
                        Boxes.row(Labels.of(ClipText.RECORDED_WITH, "muted"), Labels.of(run, "strong"))));
        dialog.getDialogPane().setId("count-dialog");
        dialog.getDialogPane().getButtonTypes().addAll(ADD, ButtonType.CANCEL);
        jobs.quick(ClipText.READING_PICTURE, this::first, picture::show, this::tell);
        count();
    }

    private byte[] first() throws IOException, InputException {
        byte[] luma = new byte[clip.width() * clip.height()];
        synchronized (clip) {
            clip.luma(0, luma);
        }
        return luma;
    }

    private double rate() {
        return FactKey.number(fps.getText().replace(',', '.'));
    }

    private void drawn(Area area) {
        if (within.isSelected()) {
            inside = Optional.of(area);
        } else {
            outside = Optional.of(area);
        }
        picture.mark(inside, ClipText.LOOK_HERE_AREA, outside, ClipText.LEAVE_OUT_AREA);
        count();
    }

    private void everywhere() {
        inside = Optional.empty();
        outside = Optional.empty();
        picture.mark(inside, ClipText.LOOK_HERE_AREA, outside, ClipText.LEAVE_OUT_AREA);
        count();
    }

    private void count() {
        found = Optional.empty();
        tell();
        Look look = new Look(inside, outside.stream().toList());
        jobs.start(
                ClipText.COUNTING_PICTURES,
                progress -> differences(look, progress),
                seen -> {
                    found = Optional.of(seen);
                    tell();
                },
                this::tell);
    }

    private PictureDifferences differences(Look look, Progress progress) throws IOException, InputException {
        synchronized (clip) {
            if (clip.size() < 3) {
                throw new InputException(
                        file, 0, 0, ClipText.CLIP_OF_PICTURES.formatted(clip.size()), ClipText.THREE_OR_MORE);
            }
            return ClipDifferences.of(clip, look, clip.fps(), progress);
        }
    }

    private void tell(Exception e) {
        result.setText(String.valueOf(e.getMessage()));
    }

    private void tell() {
        dialog.getDialogPane().lookupButton(ADD).setDisable(result().isEmpty());
        if (!StoredPictures.isRate(rate())) {
            result.setText(ClipText.STATE_CLIP_RATE);
            return;
        }
        result.setText(result().map(CountDialog::words).orElse(ClipText.COUNTING));
    }

    private static String words(StoredPictures pictures) {
        PictureCount count = pictures.differences().count();
        return count.kind() == PictureCount.Kind.NOTHING_MOVES
                ? ClipText.NOTHING_MOVES
                : ClipText.PICTURES_DISTINCT.formatted(
                        count.distinct(),
                        count.pictures(),
                        Numbers.text(count.deliveredFps(pictures.fps()), 1),
                        Numbers.text(count.longestHoldMs(pictures.fps()), 0));
    }

    private Optional<StoredPictures> result() {
        return StoredPictures.isRate(rate())
                ? found.map(seen -> new StoredPictures(String.valueOf(file.getFileName()), rate(), lookedAt(), seen))
                : Optional.empty();
    }

    private String lookedAt() {
        String where =
                inside.map(area -> ClipText.WITHIN.formatted(words(area))).orElse(StoredPictures.EVERYWHERE);
        return outside.map(area -> ClipText.WITHOUT.formatted(where, words(area)))
                .orElse(where);
    }

    private static String words(Area area) {
        return "%d,%d,%d,%d".formatted(area.x(), area.y(), area.width(), area.height());
    }

    /// Asks without blocking.
    ///
    /// @param add is told what was counted
    /// @param done is told when the dialog is closed
    void ask(Consumer<StoredPictures> add, Runnable done) {
        dialog.resultProperty().subscribe(chosen -> {
            if (chosen == ADD) {
                result().ifPresent(add);
            }
        });
        dialog.setOnHidden(_ -> done.run());
        Dialogs.open(dialog);
    }
}

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
import app.fluss.core.overlay.GlyphClass;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.Area;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.log.InputException;
import app.fluss.files.overlay.AskedNumber;
import app.fluss.files.overlay.ClipOverlays;
import app.fluss.files.overlay.EngineNamer;
import app.fluss.files.overlay.OverlayMemory;
import app.fluss.files.overlay.Overlays;
import app.fluss.files.overlay.RecordedNumber;
import app.fluss.files.study.StoredPictures;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import javafx.util.StringConverter;

/// Reads the numbers that stand on a recording: the analyst drags over each, says what it is, and looks at what
/// was read; glyphs that could not be told are named once for all pictures.
final class RecordingDialog {
    private static final ButtonType OWN = new ButtonType(RecordingText.KEEP_AS_RUN, ButtonBar.ButtonData.OK_DONE);
    private static final ButtonType ADD = new ButtonType(RecordingText.ADD_TO_SELECTED_RUN, ButtonBar.ButtonData.OTHER);

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Dialog<ButtonType> dialog;
    private final Jobs jobs;
    private final Path file;
    private final Clip clip;
    private final OverlayMemory memory;
    private final RecordingDraft draft;
    private final PictureView picture;
    private final Slider slider = new Slider();
    private final TextField fps = new TextField();
    private final VBox numbers = new VBox(4);
    private final GlyphStrip glyphs;
    private final Label glyphWords = Labels.note("");
    private final Label result = Labels.wrapped("", "recording-result");
    private final Button readButton =
            Buttons.primary(RecordingText.READ_NUMBERS, RecordingText.READ_NUMBERS_TIP, this::read);
    private final HBox running;
    private boolean reading;

    /// @param run the selected run, for people; empty if none is
    RecordingDialog(
            Theme theme, Window owner, Jobs jobs, Path file, Clip clip, OverlayMemory memory, Optional<String> run) {
        this.jobs = jobs;
        this.file = file;
        this.clip = clip;
        this.memory = memory;
        draft = new RecordingDraft(memory.recall(clip.width(), clip.height()));
        dialog = Dialogs.make(theme, owner, RecordingText.NUMBERS_ON_RECORDING);
        picture = new PictureView(theme, clip.width(), clip.height(), RecordingText.READ_AREAS, this::drawn);
        picture.setPrefSize(600, 338);
        picture.setMinHeight(160);
        slider.setMax(Math.max(0, clip.size() - 1));
        slider.setId("recording-slider");
        slider.valueProperty().subscribe(() -> look());
        HBox.setHgrow(slider, Priority.ALWAYS);
        fps.setText(Double.isNaN(clip.fps()) ? "" : NumberField.text(clip.fps()));
        fps.setPrefColumnCount(5);
        fps.setId("recording-fps");
        fps.textProperty().subscribe(() -> show());
        glyphs = new GlyphStrip(theme, this::name);
        result.setId("recording-result");
        readButton.setId("recording-read");
        ProgressBar bar = new ProgressBar();
        bar.progressProperty().bind(jobs.shareProperty());
        bar.setPrefWidth(220);
        running = Boxes.row(
                Labels.of(RecordingText.READING_EVERY_PICTURE, "muted"),
                bar,
                Buttons.quiet(RecordingText.STOP, RecordingText.STOP_TIP, this::stop));
        VBox left = new VBox(
                6,
                picture,
                Boxes.row(
                        Labels.of(RecordingText.PICTURE, "muted"),
                        slider,
                        Labels.of(RecordingText.PICTURES_S, "muted"),
                        fps));
        VBox right = new VBox(
                8,
                Labels.heading(RecordingText.NUMBERS),
                numbers,
                Labels.heading(RecordingText.GLYPHS),
                glyphWords,
                glyphs);
        right.setPrefWidth(372);
        right.setMinWidth(300);
        HBox halves = new HBox(14, left, Boxes.scrolling(right));
        HBox.setHgrow(left, Priority.ALWAYS);
        VBox content = new VBox(
                10,
                Boxes.row(
                        Labels.of(String.valueOf(file.getFileName()), "heading"),
                        Labels.of(
                                RecordingText.PICTURES_OF_TIMES_PX.formatted(clip.size(), clip.width(), clip.height()),
                                "muted")),
                Labels.note(RecordingText.AREAS_HINT),
                halves,
                Boxes.row(readButton, running),
                result);
        VBox.setVgrow(halves, Priority.ALWAYS);
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().setId("recording-dialog");
        dialog.getDialogPane().getButtonTypes().add(OWN);
        run.ifPresent(_ -> dialog.getDialogPane().getButtonTypes().add(ADD));
        run.ifPresent(name ->
                ((Button) dialog.getDialogPane().lookupButton(ADD)).setText(RecordingText.ADD_TO.formatted(name)));
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CANCEL);
        Dialogs.focus(dialog, readButton);
        look();
        show();
    }

    private double rate() {
        return FactKey.number(fps.getText().replace(',', '.'));
    }

    private void look() {
        int shown = (int) Math.rint(slider.getValue());
        if (!reading) {
            jobs.quick(RecordingText.READING_PICTURE, () -> luma(shown), picture::show, this::tell);
        }
    }

    private byte[] luma(int shown) throws IOException, InputException {
        byte[] luma = new byte[clip.width() * clip.height()];
        synchronized (clip) {
            clip.luma(shown, luma);
        }
        return luma;
    }

    private void drawn(Area area) {
        if (!reading && area.width() > 2 && area.height() > 2) {
            draft.draw(area);
            show();
        }
    }

    private void name(GlyphClass look, char name) {
        draft.name(draft.selected(), look, name);
        show();
    }

    private void read() {
        List<AskedNumber> asked = draft.asked();
        double rate = rate();
        reading = true;
        show();
        jobs.start(
                RecordingText.READING_NUMBERS,
                progress -> overlays(asked, rate, progress),
                overlays -> {
                    reading = false;
                    draft.use(overlays);
                    show();
                },
                this::tell);
    }

    private Overlays overlays(List<AskedNumber> asked, double rate, Progress progress)
            throws IOException, InputException {
        synchronized (clip) {
            try (EngineNamer namer = EngineNamer.start()) {
                return ClipOverlays.read(clip, String.valueOf(file.getFileName()), asked, rate, namer, progress);
            }
        }
    }

    /// What a job that is stopped leaves is told to nobody: the dialog is as it was before.
    private void stop() {
        jobs.stop();
        reading = false;
        show();
    }

    private void tell(Exception e) {
        reading = false;
        show();
        result.setText(String.valueOf(e.getMessage()));
    }

    private void show() {
        boolean ready = !draft.asked().isEmpty() && StoredPictures.isRate(rate());
        readButton.setDisable(!ready || reading);
        readButton.setText(
                draft.selected() >= 0 && draft.read(draft.selected()).isPresent()
                        ? RecordingText.READ_AGAIN
                        : RecordingText.READ_NUMBERS);
        running.setVisible(reading);
        // What to do next stands out: reading first, then keeping.
        readButton.getStyleClass().setAll("button", draft.result().isPresent() ? "quiet" : "primary");
        slider.setDisable(reading);
        boolean done = draft.result().isPresent() && !reading;
        for (ButtonType type : List.of(OWN, ADD)) {
            Node button = dialog.getDialogPane().lookupButton(type);
            if (button != null) {
                button.setDisable(!done);
            }
        }
        result.setText(
                reading
                        ? ""
                        : !StoredPictures.isRate(rate())
                                ? RecordingText.STATE_RECORDING_RATE
                                : draft.result().map(RecordingDialog::words).orElse(""));
        List<PictureView.Marked> marked = new ArrayList<>();
        for (int i = 0; i < draft.asked().size(); i++) {
            AskedNumber one = draft.asked().get(i);
            marked.add(new PictureView.Marked(one.area(), title(one), i == draft.selected()));
        }
        picture.mark(marked);
        showNumbers();
        showGlyphs();
    }

    private static String title(AskedNumber one) {
        return one.kind() == OverlayKind.OTHER ? one.name() : one.kind().title();
    }

    private void showNumbers() {
        numbers.getChildren().clear();
        if (draft.asked().isEmpty()) {
            numbers.getChildren().add(Labels.note(RecordingText.NO_AREA_YET));
        }
        for (int i = 0; i < draft.asked().size(); i++) {
            numbers.getChildren().add(row(i));
        }
    }

    private Node row(int number) {
        ChoiceBox<OverlayKind> kind = new ChoiceBox<>();
        kind.getItems().setAll(OverlayKind.values());
        kind.setConverter(new StringConverter<>() {
            @Override
            public String toString(OverlayKind one) {
                return one.unit().isEmpty() ? one.title() : one.title() + ", " + one.unit();
            }

            @Override
            public OverlayKind fromString(String text) {
                throw new UnsupportedOperationException("a choice is not typed");
            }
        });
        kind.setValue(draft.asked().get(number).kind());
        kind.setId("kind-" + number);
        kind.setPrefWidth(168);
        kind.setDisable(reading);
        kind.valueProperty().subscribe((_, chosen) -> {
            draft.call(number, chosen);
            show();
        });
        Label said =
                Labels.of(draft.read(number).map(RecordingDialog::words).orElse(RecordingText.NOT_READ_YET), "muted");
        said.setId("said-" + number);
        said.setMinWidth(0);
        Button remove = Buttons.quiet("×", RecordingText.DO_NOT_READ_TIP, () -> {
            draft.remove(number);
            show();
        });
        remove.setDisable(reading);
        HBox.setHgrow(said, Priority.ALWAYS);
        said.setMaxWidth(Double.MAX_VALUE);
        HBox row = Boxes.row(kind, said, remove);
        row.getStyleClass().add("number-row");
        row.pseudoClassStateChanged(CHOSEN, number == draft.selected());
        row.setOnMousePressed(_ -> {
            draft.select(number);
            show();
        });
        return row;
    }

    private static String words(RecordedNumber number) {
        OverlaySeries series = number.series();
        return series.whyNot().isEmpty()
                ? RecordingText.MEAN_OPEN.formatted(
                        Numbers.text(series.mean(), 1),
                        number.kind().unit(),
                        Numbers.text(100 * series.openShare(), 1) + " %")
                : series.whyNot();
    }

    private void showGlyphs() {
        Optional<RecordedNumber> read = draft.selected() < 0 ? Optional.empty() : draft.read(draft.selected());
        glyphWords.setText(read.map(number ->
                        number.series().classes().isEmpty() ? RecordingText.NO_GLYPHS : RecordingText.GLYPHS_HINT)
                .orElse(RecordingText.GLYPHS_LATER));
        glyphs.show(
                read.map(number -> number.series().classes()).orElse(List.of()),
                look -> draft.told(draft.selected(), look));
    }

    /// What the recording comes to: what the counter said, and what the eye got.
    private static String words(Overlays overlays) {
        PictureCount count = overlays.differences().count();
        String eye = count.isCounted()
                ? RecordingText.DISTINCT_RATE.formatted(
                        Numbers.text(count.deliveredFps(overlays.recorded().fps()), 1))
                : RecordingText.NO_MOTION;
        return overlays.recorded().numbers().stream()
                .filter(number -> number.kind() == OverlayKind.RATE
                        && number.series().mean().isKnown())
                .findFirst()
                .map(number -> RecordingText.COUNTER_SAID_S.formatted(
                        Numbers.text(number.series().mean(), 1), eye))
                .orElse(RecordingText.RECORDING_SHOWS.formatted(eye));
    }

    /// What to do with what was read.
    ///
    /// @param own is told what was read if it is to be a run of its own
    /// @param add is told what was read if it belongs to the selected run
    record Then(Consumer<Overlays> own, Consumer<Overlays> add) {}

    /// Asks without blocking.
    ///
    /// @param done is told when the dialog is closed
    void ask(Then then, Runnable done) {
        dialog.resultProperty().subscribe(chosen -> {
            if (chosen == OWN || chosen == ADD) {
                draft.result().ifPresent(overlays -> {
                    remember();
                    (chosen == OWN ? then.own : then.add).accept(overlays);
                });
            }
        });
        dialog.setOnHidden(_ -> {
            if (reading) {
                jobs.stop();
            }
            done.run();
        });
        Dialogs.open(dialog);
    }

    private void remember() {
        jobs.quick(
                RecordingText.REMEMBERING_NUMBERS,
                () -> {
                    memory.remember(clip.width(), clip.height(), draft.asked());
                    return true;
                },
                _ -> {},
                this::tell);
    }
}

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
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.picture.Area;
import app.fluss.core.picture.AreaSuggestion;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipAreas;
import app.fluss.files.clip.ClipLight;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Latency from a high-speed clip: both places, where the input and where the answer shows, are proposed, or
/// dragged over, and the edges found; or step through the pictures and mark them by hand.
final class ClipDialog {
    private final Dialog<ButtonType> dialog;
    private final Jobs jobs;
    private final Consumer<String> problems;
    private final Clip clip;
    private final PictureView picture;
    private final Slider slider = new Slider();
    private final TextField fps = new TextField();
    private final Label place = Labels.of("", "muted");
    private final Label result = Labels.wrapped("", "figure");
    private final Label proposed = Labels.wrapped("", "muted");
    private final ToggleButton setInput = new ToggleButton(ClipText.INPUT);
    private final ToggleButton setAnswer = new ToggleButton(ClipText.ANSWER);
    private String proposal = "";
    private Optional<Area> input = Optional.empty();
    private Optional<Area> answer = Optional.empty();
    private Optional<Result.Found> found = Optional.empty();
    private final List<int[]> byHand = new ArrayList<>();
    private int pressed = -1;
    private boolean closed;

    /// What the clip gave.
    sealed interface Result {
        /// Brightness of both areas, in which edges were found.
        ///
        /// @param figures of what was found
        record Found(ClipLight light, LatencyFigures figures) implements Result {}

        /// Pictures that were marked by hand.
        ///
        /// @param pictures input and answer, one pair a trial
        /// @param fps pictures a second
        record Marked(List<int[]> pictures, double fps) implements Result {
            @Override
            public LatencyFigures figures() {
                return LatencyFigures.of(
                        pictures.stream()
                                .mapToDouble(pair -> (pair[1] - pair[0]) * 1000 / fps)
                                .toArray(),
                        1000 / fps);
            }
        }

        /// What it comes to.
        LatencyFigures figures();
    }

    /// @param run the selected run; empty if none is
    ClipDialog(
            Theme theme,
            Window owner,
            Jobs jobs,
            Consumer<String> problems,
            Path file,
            Clip clip,
            Optional<SelectedRun> run) {
        this.jobs = jobs;
        this.problems = problems;
        this.clip = clip;
        dialog = Dialogs.make(theme, owner, ClipText.LATENCY_FROM_CLIP);
        picture = new PictureView(theme, clip.width(), clip.height(), ClipText.INPUT_AND_ANSWER_AREAS, this::drawn);
        picture.setPrefSize(620, 360);
        picture.setMinHeight(200);
        slider.setMax(Math.max(0, clip.size() - 1));
        slider.setId("clip-slider");
        slider.valueProperty().subscribe(() -> look());
        HBox.setHgrow(slider, Priority.ALWAYS);
        fps.setText(Double.isNaN(clip.fps()) ? "" : NumberField.text(clip.fps()));
        fps.setPrefColumnCount(5);
        fps.setId("clip-fps");
        fps.textProperty().subscribe(() -> find());
        ToggleGroup areas = new ToggleGroup();
        for (ToggleButton button : List.of(setInput, setAnswer)) {
            button.getStyleClass().add("quiet");
            button.setToggleGroup(areas);
        }
        setInput.setSelected(true);
        VBox content = new VBox(
                8,
                Boxes.row(
                        Labels.of(String.valueOf(file.getFileName()), "heading"),
                        Boxes.spacer(),
                        Labels.of(ClipText.CAMERA_PICTURES_S, "muted"),
                        fps),
                Boxes.row(
                        Labels.of(ClipText.DRAG_OVER_PICTURE, "muted"),
                        setInput,
                        setAnswer,
                        Labels.of(ClipText.INPUT_AND_ANSWER_HINT, "muted"),
                        Boxes.spacer(),
                        Buttons.quiet(ClipText.PROPOSE_AGAIN, ClipText.PROPOSE_AGAIN_TIP, this::proposeAnew)),
                picture,
                proposed,
                Boxes.row(
                        Buttons.quiet("◂", ClipText.PICTURE_BEFORE_TIP, () -> step(-1)),
                        slider,
                        Buttons.quiet("▸", ClipText.NEXT_PICTURE_TIP, () -> step(1)),
                        place),
                Boxes.row(
                        Labels.of(ClipText.BY_HAND, "muted"),
                        Buttons.quiet(ClipText.INPUT_HERE, ClipText.INPUT_HERE_TIP, this::markInput),
                        Buttons.quiet(ClipText.ANSWER_HERE, ClipText.ANSWER_HERE_TIP, this::markAnswer),
                        Buttons.quiet(ClipText.TAKE_BACK, ClipText.TAKE_BACK_TIP, this::takeBack)),
                result);
        result.setId("clip-result");
        proposed.setId("clip-proposal");
        content.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().setId("clip-dialog");
        SelectedRun.ask(run, content, dialog.getDialogPane());
        look();
        tell();
        propose();
    }

    /// Looks for both places, which the analyst then corrects; what was drawn meanwhile stays.
    private void propose() {
        double rate = rate();
        if (!(rate > 0)) {
            return;
        }
        proposal = ClipText.LOOKING_HINT;
        tell();
        jobs.start(ClipText.LOOKING, progress -> suggest(rate, progress), this::use, e -> {
            proposal = "";
            tell(e);
        });
    }

    private void proposeAnew() {
        input = Optional.empty();
        answer = Optional.empty();
        found = Optional.empty();
        picture.mark(input, ClipText.INPUT_AREA, answer, ClipText.ANSWER_AREA);
        propose();
    }

    private AreaSuggestion suggest(double rate, Progress progress) throws IOException, InputException {
        synchronized (clip) {
            return ClipAreas.of(clip, rate, progress);
        }
    }

    private void use(AreaSuggestion suggestion) {
        if (closed) {
            return;
        }
        proposal = suggestion.areas().map(areas -> ClipText.PROPOSED_HINT).orElse(suggestion.whyNot());
        suggestion.areas().filter(_ -> input.isEmpty() && answer.isEmpty()).ifPresent(areas -> {
            input = Optional.of(areas.input());
            answer = Optional.of(areas.answer());
            picture.mark(input, ClipText.INPUT_AREA, answer, ClipText.ANSWER_AREA);
            find();
        });
        tell();
    }

    private void key(KeyEvent event) {
        if (event.getTarget() instanceof TextField) {
            return;
        }
        switch (event.getCode()) {
            case LEFT -> step(-1);
            case RIGHT -> step(1);
            case I -> markInput();
            case L -> markAnswer();
            default -> {
                return;
            }
        }
        event.consume();
    }

    private double rate() {
        return FactKey.number(fps.getText().replace(',', '.'));
    }

    private int at() {
        return (int) Math.rint(slider.getValue());
    }

    private void step(int by) {
        slider.setValue(Math.clamp(at() + (long) by, 0, clip.size() - 1));
    }

    private void look() {
        int shown = at();
        double ms = shown * 1000 / rate();
        place.setText(ClipText.PICTURE_OF.formatted(
                shown + 1, clip.size(), ms >= 0 ? " · " + Numbers.text(ms, 1) + " ms" : ""));
        jobs.quick(ClipText.READING_PICTURE, () -> luma(shown), picture::show, this::tell);
    }

    private byte[] luma(int shown) throws IOException, InputException {
        byte[] luma = new byte[clip.width() * clip.height()];
        synchronized (clip) {
            clip.luma(shown, luma);
        }
        return luma;
    }

    private void drawn(Area area) {
        if (setInput.isSelected()) {
            input = Optional.of(area);
            setAnswer.setSelected(true);
        } else {
            answer = Optional.of(area);
            setInput.setSelected(true);
        }
        proposal = "";
        picture.mark(input, ClipText.INPUT_AREA, answer, ClipText.ANSWER_AREA);
        find();
    }

    private void find() {
        found = Optional.empty();
        double rate = rate();
        if (input.isPresent() && answer.isPresent() && rate > 0) {
            Area press = input.get();
            Area light = answer.get();
            jobs.start(
                    ClipText.LOOKING_AT_CLIP,
                    progress -> measure(press, light, rate, progress),
                    seen -> {
                        found = Optional.of(seen);
                        tell();
                    },
                    this::tell);
        }
        tell();
    }

    private Result.Found measure(Area press, Area light, double rate, Progress progress)
            throws IOException, InputException {
        ClipLight seen;
        synchronized (clip) {
            seen = ClipLight.of(clip, press, light, rate, progress.part(0, 0.9));
        }
        Measurement measured =
                Measurement.of(Measurement.Source.CLIP, seen.recording(), EdgeSettings.DEFAULT, progress.part(0.9, 1));
        return new Result.Found(seen, measured.figures());
    }

    private void markInput() {
        pressed = at();
        tell();
    }

    private void markAnswer() {
        if (pressed >= 0 && at() >= pressed) {
            byHand.add(new int[] {pressed, at()});
            pressed = -1;
        }
        tell();
    }

    private void takeBack() {
        if (pressed >= 0) {
            pressed = -1;
        } else if (!byHand.isEmpty()) {
            byHand.removeLast();
        }
        tell();
    }

    private void tell(Exception e) {
        if (closed) {
            return; // a picture that was still to be read when the dialog, and the clip with it, was closed
        }
        problems.accept(String.valueOf(e.getMessage()));
        result.setText(String.valueOf(e.getMessage()));
    }

    private void tell() {
        Optional<Result> now = result();
        dialog.getDialogPane()
                .getButtonTypes()
                .filtered(type -> type != ButtonType.CANCEL)
                .forEach(type -> dialog.getDialogPane().lookupButton(type).setDisable(now.isEmpty()));
        String waits = pressed >= 0 ? ClipText.INPUT_MARKED.formatted(pressed + 1) : "";
        result.setText(now.map(ClipDialog::words).orElseGet(this::missing) + waits);
        proposed.setText(proposal);
    }

    private String missing() {
        return rate() > 0 ? ClipText.DRAG_HINT : ClipText.STATE_CAMERA_RATE;
    }

    private static String words(Result now) {
        return switch (now) {
            case Result.Found found ->
                ClipText.ANSWERED_MISSED_MEDIAN_MS.formatted(
                        found.figures.n(), found.figures.missed(), Numbers.text(found.figures.median(), 1));
            case Result.Marked(List<int[]> pictures, double fps) ->
                ClipText.BY_HAND_LAST_MS.formatted(
                        pictures.size(), Numbers.text((pictures.getLast()[1] - pictures.getLast()[0]) * 1000 / fps, 1));
        };
    }

    /// What was marked by hand outweighs what was found.
    private Optional<Result> result() {
        if (!(rate() > 0)) {
            return Optional.empty();
        }
        return byHand.isEmpty() ? found.map(seen -> seen) : Optional.of(new Result.Marked(List.copyOf(byHand), rate()));
    }

    /// Asks without blocking.
    ///
    /// @param add adds what the clip gave to the selected run
    /// @param own makes a run of its own of it
    /// @param done is told when the dialog is closed
    void ask(Consumer<Result> add, Consumer<Result> own, Runnable done) {
        dialog.resultProperty().subscribe(chosen -> {
            if (chosen == SelectedRun.ADD) {
                result().ifPresent(add);
            } else if (chosen == SelectedRun.OWN) {
                result().ifPresent(own);
            }
        });
        dialog.setOnHidden(_ -> {
            closed = true;
            done.run();
        });
        Dialogs.open(dialog);
    }
}

package app.fluss.app.blind;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.RatingScale;
import app.fluss.app.theme.Theme;
import app.fluss.core.feel.blind.Side;
import app.fluss.files.study.BlindBlock;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;

/// A blind block while it is played: the path of the trial is set, the scene is played, the player says
/// which it was.
public final class BlindPane extends VBox {
    private final Workbench workbench;
    private final Theme theme;
    private final Consumer<String> tell;
    private final Label title = Labels.of("", "verdict-sentence");
    private final Label meaning = Labels.note("");
    private final VBox sealed = new VBox(4);
    private final SwitchPanel switching;
    private final ToggleGroup said = new ToggleGroup();
    private final ToggleButton saidA = new ToggleButton();
    private final ToggleButton saidB = new ToggleButton();
    private final RatingScale smoothness =
            new RatingScale(BlindText.SMOOTHNESS, BlindText.SHAKES, BlindText.FLOWS, () -> {});
    private final RatingScale response =
            new RatingScale(BlindText.RESPONSE, BlindText.DRAGS, BlindText.FOLLOWS_HAND, () -> {});
    private final Label state = Labels.note("");
    private final Button next;
    private final VBox going;
    private final VBox result = new VBox();
    private Optional<BlindBlock> shown = Optional.empty();
    private boolean isSet;

    /// @param tell is told, in words, what there is to say
    public BlindPane(Workbench workbench, Theme theme, Jobs jobs, Consumer<String> tell) {
        super(10);
        this.workbench = workbench;
        this.theme = theme;
        this.tell = tell;
        setId("blind");
        switching = new SwitchPanel(jobs, tell, () -> {
            isSet = true;
            showState();
        });
        saidA.setId("blind-said-a");
        saidB.setId("blind-said-b");
        for (ToggleButton button : new ToggleButton[] {saidA, saidB}) {
            button.setToggleGroup(said);
            button.getStyleClass().add("quiet");
        }
        said.selectedToggleProperty().subscribe(this::showState);
        next = Buttons.primary(BlindText.KEEP_ANSWER, BlindText.KEEP_ANSWER_TIP, this::keep);
        next.setId("blind-next");
        next.setDefaultButton(true);
        Button end = Buttons.quiet(BlindText.END_EARLY, BlindText.END_EARLY_TIP, this::end);
        end.setId("blind-end");
        going = new VBox(
                10,
                Boxes.panel(title, meaning, sealed),
                Boxes.panel(Labels.heading(BlindText.SET_PATH), switching),
                Boxes.panel(
                        Labels.heading(BlindText.SAY_WHICH),
                        Boxes.row(saidA, saidB),
                        smoothness,
                        response,
                        Labels.note(BlindText.RATINGS_ARE_OPTIONAL)),
                Boxes.row(next, state, Boxes.spacer(), end));
        getChildren().setAll(going);
    }

    /// Shows the block that goes on, or the result of the one that was played last.
    public void show(Contents contents) {
        Optional<BlindBlock> open = contents.people().openBlock();
        Optional<BlindBlock> played = shown.flatMap(before -> contents.people().blocks().stream()
                .filter(block -> block.id() == before.id())
                .findFirst());
        if (played.isPresent()
                && !played.get().isOpen()
                && !played.get().answers().isEmpty()) {
            result.getChildren().setAll(new BlindResultPanel(workbench, played.get()));
            getChildren().setAll(result);
            shown = played;
            return;
        }
        shown = open;
        open.ifPresent(block -> trial(contents, block));
    }

    /// Whether there is something to play or to see.
    public boolean isOffered() {
        return shown.isPresent();
    }

    /// Leaves the result that is shown.
    public void leave() {
        if (shown.filter(block -> !block.isOpen()).isPresent()) {
            shown = Optional.empty();
            show(workbench.contentsProperty().get());
        }
    }

    private void trial(Contents contents, BlindBlock block) {
        getChildren().setAll(going);
        String nameA = contents.path(block.pathA()).name();
        String nameB = contents.path(block.pathB()).name();
        int trial = block.answers().size();
        title.setText(BlindText.TRIAL_OF_PLAYS.formatted(
                trial + 1,
                block.seal().order().size(),
                contents.place(contents.scene(block.sceneId())),
                block.player()));
        meaning.setText(
                BlindText.PATHS_OF_TRIAL.formatted(capital(block.switchedBy().meaning()), nameA, nameB));
        sealed.getChildren()
                .setAll(
                        Labels.of(BlindText.NOTE_HASH, "muted", "small"),
                        BlindResultPanel.line("blind-seal", BlindText.HASH, block.hash()));
        Side side = block.seal().order().get(trial);
        isSet = false;
        switching.show(block.switchedBy(), side, side == Side.A ? nameA : nameB);
        saidA.setText("A · " + nameA);
        saidB.setText("B · " + nameB);
        said.selectToggle(null);
        smoothness.show(0);
        response.show(0);
        showState();
    }

    /// The words as a sentence begins.
    static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private void showState() {
        boolean isSaid = said.getSelectedToggle() != null;
        next.setDisable(!isSet || !isSaid);
        state.setText(!isSet ? BlindText.PATH_NOT_SET : isSaid ? "" : BlindText.WHICH_ONE_WAS_IT);
    }

    private void keep() {
        if (next.isDisabled()) {
            return;
        }
        Side side = saidA.isSelected() ? Side.A : Side.B;
        next.setDisable(true);
        shown.ifPresent(block -> workbench
                .edits()
                .people()
                .answer(block, new BlindBlock.Said(side, rating(smoothness), rating(response))));
    }

    private static OptionalInt rating(RatingScale scale) {
        return scale.value() == 0 ? OptionalInt.empty() : OptionalInt.of(scale.value());
    }

    private void end() {
        shown.ifPresent(block -> {
            if (Dialogs.agreed(
                    theme,
                    getScene().getWindow(),
                    BlindText.END_BLIND_BLOCK,
                    BlindText.END_BLOCK_WARNING,
                    BlindText.END_IT)) {
                workbench.edits().people().end(block);
                tell.accept(block.answers().isEmpty() ? BlindText.ENDED_WITHOUT_ANSWER : BlindText.BLOCK_ENDED);
            }
        });
    }
}

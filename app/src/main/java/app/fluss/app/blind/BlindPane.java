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
    private final RatingScale smoothness = new RatingScale("Smoothness", "shakes", "flows", () -> {});
    private final RatingScale response = new RatingScale("Response", "drags", "follows the hand", () -> {});
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
        next = Buttons.primary("Keep the answer", "Goes on to the next trial (Enter)", this::keep);
        next.setId("blind-next");
        next.setDefaultButton(true);
        Button end = Buttons.quiet("End early…", "The answers so far count, and the order is revealed", this::end);
        end.setId("blind-end");
        going = new VBox(
                10,
                Boxes.panel(title, meaning, sealed),
                Boxes.panel(Labels.heading("1 · Set the path"), switching),
                Boxes.panel(
                        Labels.heading("2 · Play the scene, then say which it was"),
                        Boxes.row(saidA, saidB),
                        smoothness,
                        response,
                        Labels.note("Ratings are optional.")),
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
        title.setText("Trial %d of %d · %s · %s plays"
                .formatted(
                        trial + 1,
                        block.seal().order().size(),
                        contents.place(contents.scene(block.sceneId())),
                        block.player()));
        meaning.setText("%s. A is %s, B is %s. Play the same stretch of the scene in every trial."
                .formatted(capital(block.switchedBy().meaning()), nameA, nameB));
        sealed.getChildren()
                .setAll(
                        Labels.of(
                                "SHA-256 of the hidden order; note it down or give it to somebody now",
                                "muted",
                                "small"),
                        BlindResultPanel.line("blind-seal", "SHA-256 of the hidden order", block.hash()));
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
        state.setText(!isSet ? "The path of this trial is not set yet." : isSaid ? "" : "Which one was it?");
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
                    "End the blind block",
                    "Stopping because of the answers so far weakens the result: decide the number of trials beforehand. The"
                            + " answers so far count, and the order is revealed.",
                    "End it")) {
                workbench.edits().people().end(block);
                tell.accept(
                        block.answers().isEmpty()
                                ? "The blind block ended without an answer."
                                : "The blind block has ended.");
            }
        });
    }
}

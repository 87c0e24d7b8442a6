package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.files.draw.Palette;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.sim.scenario.Scenario;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.TraversalDirection;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.DialogPane;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.TreeView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// The way between the screens: commands by name, keys, other names, removing, what the study has.
class ShellJobTest extends WindowTest {
    private static final int MOST_STEPS = 600;

    @Override
    Path study() throws Exception {
        Path file = folder.resolve("shell" + System.nanoTime() + ".fluss");
        try (Study study = Study.open(file)) {
            addSimulated(study, "native", Chain.NATIVE, lasting("native"), Grade.A);
            addSimulated(
                    study,
                    "engine generation 2×",
                    Chain.of(StageKind.ENGINE_GENERATION),
                    lasting("engine-generation"),
                    Grade.A);
        }
        return file;
    }

    private static Scenario lasting(String name) {
        return ReadyScenario.named(name).lasting(10);
    }

    private void type(String id, String words) throws Exception {
        waitFor(() -> lookup(id).tryQuery().isPresent());
        interact(() -> lookup(id).queryAs(TextField.class).setText(words));
        settle();
    }

    private void press(String dialog, ButtonType button) throws Exception {
        interact(() -> ((ButtonBase) lookup(dialog).queryAs(DialogPane.class).lookupButton(button)).fire());
        settle();
    }

    @Test
    void everythingCanBeDoneByItsName() throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.K);
        type("#palette-find", "switch dark");
        assertThat(lookup("#palette-list").<ListView<?>>query().getItems().size())
                .isEqualTo(1);
        Palette before = window.theme().palette();
        press("#palette", ButtonType.OK);
        until(() -> assertThat(window.theme().palette()).isNotEqualTo(before));
        push(KeyCode.CONTROL, KeyCode.K);
        type("#palette-find", "examine engine");
        press("#palette", ButtonType.OK);
        until(() -> assertThat(
                        window.workbench().selectedProperty().get().path().name())
                .isEqualTo("engine generation 2×"));
    }

    @Test
    void whatTheStudyHasAndWhatIsNext() throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.H);
        until(() -> assertThat(words(look("#study-page"))).contains("1 game", "2 runs", "Tidewarden"));
        fire("#study-next");
        until(() ->
                assertThat(((ToggleButton) look("#work-compare")).isSelected()).isTrue());
    }

    @Test
    void runsAreRenamedAndRemovedAndComeBack() throws Exception {
        settle();
        TreeView<?> tree = (TreeView<?>) look("#runs");
        interact(tree::requestFocus);
        push(KeyCode.F2);
        type("#text", "first of the day");
        DialogPane dialog = lookup(".dialog-pane").query();
        interact(() -> ((ButtonBase) dialog.lookupButton(ButtonType.OK)).fire());
        until(() -> assertThat(contents().runs()).extracting(Run::name).contains("first of the day"));
        interact(() -> tree.getSelectionModel().selectAll());
        push(KeyCode.CONTROL, KeyCode.DELETE);
        until(() -> assertThat(contents().runs()).isEmpty());
        fire("#undo");
        until(() -> assertThat(contents().runs()).hasSize(2));
    }

    /// Runs that were chosen together are tagged, are given another path, and are held against each other.
    @Test
    void severalRunsAreTaggedMovedAndCompared() throws Exception {
        settle();
        TreeView<?> tree = (TreeView<?>) look("#runs");
        command("compare the runs");
        until(() -> assertThat(text("#message")).startsWith("Choose two or more runs"));
        interact(() -> tree.getSelectionModel().selectAll());
        command("state facts of the runs");
        waitFor(() -> lookup("#facts").tryQuery().isPresent());
        interact(() -> lookup("#facts").queryAs(TextArea.class).setText("group = evening"));
        interact(() -> accept("#facts"));
        until(() -> assertThat(contents().runs())
                .allSatisfy(run -> assertThat(run.setup().others()).containsEntry("group", "evening")));
        interact(() -> tree.getSelectionModel().selectAll());
        interact(() -> {
            tree.getContextMenu().getOnShowing().handle(null);
            Menu paths = (Menu) item(tree.getContextMenu().getItems(), "Path");
            item(paths.getItems(), "native").fire();
        });
        until(() -> assertThat(contents().runs())
                .extracting(run -> run.path().name())
                .containsOnly("native"));
        fire("#undo");
        until(() -> assertThat(contents().runs())
                .extracting(run -> run.path().name())
                .containsExactly("native", "engine generation 2×"));
        interact(() -> tree.getSelectionModel().selectAll());
        command("compare the runs");
        waitFor(() -> lookup("#pick-dialog").tryQuery().isPresent());
        assertThat(lookup("#pick-1").<ChoiceBox<String>>query().getValue()).isEqualTo("baseline");
        assertThat(lookup("#pick-2").<ChoiceBox<String>>query().getValue()).isEqualTo("picked");
        interact(() -> ((ButtonBase) lookup("#pick-dialog").query().lookup(".button:default")).fire());
        until(() -> assertThat(text("#basis")).contains("picked"));
    }

    private void accept(String inDialog) {
        DialogPane dialog = (DialogPane) lookup(inDialog).query().getScene().getRoot();
        ((ButtonBase) dialog.lookupButton(ButtonType.OK)).fire();
    }

    private static MenuItem item(List<MenuItem> items, String text) {
        return items.stream()
                .filter(one -> text.equals(one.getText()))
                .findFirst()
                .orElseThrow();
    }

    private void command(String name) throws Exception {
        push(KeyCode.CONTROL, KeyCode.K);
        type("#palette-find", name);
        interact(
                () -> ((ButtonBase) lookup("#palette").queryAs(DialogPane.class).lookupButton(ButtonType.OK)).fire());
    }

    @Test
    void aMessageCoversNothingAndIsPutAway() throws Exception {
        settle();
        double before = inScene("#page").getMinY();
        interact(() -> window.shell().tell("Something is wrong. Do something else."));
        settle();
        assertThat(look("#message").getParent().isVisible()).isTrue();
        until(() -> {
            assertThat(inScene("#page").getMinY()).isEqualTo(before);
            assertThat(inScene("#message").getMinY())
                    .isGreaterThanOrEqualTo(inScene("#page").getMaxY());
        });
        push(KeyCode.ESCAPE);
        until(() -> assertThat(look("#message").getParent().isVisible()).isFalse());
    }

    private Bounds inScene(String id) {
        Node node = look(id);
        return node.localToScene(node.getLayoutBounds());
    }

    /// Every control of every screen can be reached by the keyboard alone, none holds the focus for ever, and each says
    /// what it is.
    @Test
    void theKeyboardReachesEverything() throws Exception {
        settle();
        List<String> problems = new ArrayList<>();
        for (String work : List.of("bench", "plan", "capture", "examine", "compare", "decide", "tune")) {
            interact(() -> ((ToggleButton) look("#work-" + work)).setSelected(true));
            settle();
            interact(() -> tour(work, problems));
        }
        assertThat(problems).isEmpty();
    }

    private void tour(String screen, List<String> problems) {
        Set<Node> wanted = new LinkedHashSet<>();
        collect(window.shell(), wanted);
        look("#work-" + screen).requestFocus();
        Node start = window.shell().getScene().getFocusOwner();
        Set<Node> visited = new LinkedHashSet<>();
        Node at = start;
        for (int step = 0; step < MOST_STEPS && visited.add(at); step++) {
            at.requestFocusTraversal(TraversalDirection.NEXT);
            at = window.shell().getScene().getFocusOwner();
        }
        if (!at.equals(start)) {
            problems.add("%s: the focus stays at %s".formatted(screen, at));
        }
        for (Node control : wanted) {
            if (!isReached(control, visited)) {
                problems.add("%s: not reached: %s".formatted(screen, control));
            }
            if (!isNamed(control)) {
                problems.add("%s: without a name: %s".formatted(screen, control));
            }
        }
    }

    /// Of buttons of which one is chosen the chosen one has the focus; the arrows lead to the others.
    private static boolean isReached(Node control, Set<Node> visited) {
        return visited.contains(control)
                || (control instanceof ToggleButton button
                        && button.getToggleGroup() != null
                        && button.getToggleGroup().getToggles().stream()
                                .anyMatch(one -> one instanceof Node node && visited.contains(node)));
    }

    private static void collect(Node node, Set<Node> wanted) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        boolean control = node instanceof ButtonBase
                || node instanceof TextInputControl
                || node instanceof ChoiceBox<?>
                || node instanceof ComboBoxBase<?>;
        if (control && node.isFocusTraversable()) {
            wanted.add(node);
        }
        boolean inner = node instanceof ListView<?> || node instanceof TreeView<?> || node instanceof ComboBoxBase<?>;
        if (node instanceof Parent parent && !inner) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, wanted));
        }
    }

    /// Text of its own, a name for screen readers, a prompt, or a label that is for it.
    private boolean isNamed(Node control) {
        String text = control instanceof Labeled labeled ? labeled.getText() : "";
        String prompt = control instanceof TextInputControl field ? field.getPromptText() : "";
        boolean labelled = window.shell().lookupAll(".label").stream()
                .anyMatch(label -> label instanceof Label one && control.equals(one.getLabelFor()));
        return labelled
                || (text != null && !text.isBlank())
                || (prompt != null && !prompt.isBlank())
                || (control.getAccessibleText() != null
                        && !control.getAccessibleText().isBlank());
    }
}

package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.bench.BenchScreen;
import app.fluss.app.demo.DemoStudy;
import app.fluss.app.examine.ExamineScreen;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.DialogPane;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.stage.Screen;
import javafx.stage.Window;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/// No screen is cut: every one is laid out in three sizes of window and three sizes of text, and its
/// parts are walked.
class LayoutTest extends WindowTest {
    private static final double[][] SIZES = {{1024, 700}, {1280, 800}, {1920, 1080}};
    private static final List<KeyCode[]> KEYS = List.of(
            new KeyCode[] {KeyCode.CONTROL, KeyCode.R},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.E},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.M},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.K},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.COMMA},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.R},
            new KeyCode[] {KeyCode.F1});
    /// Keys of screens, and what is pressed there.
    private static final List<Map.Entry<KeyCode, String>> BUTTONS = List.of(
            Map.entry(KeyCode.DIGIT1, "Rename…"),
            Map.entry(KeyCode.DIGIT2, "Take apart…"),
            Map.entry(KeyCode.DIGIT2, "Blind block…"),
            Map.entry(KeyCode.DIGIT3, "Repeat…"),
            Map.entry(KeyCode.DIGIT4, "Display…"),
            Map.entry(KeyCode.DIGIT6, "Schools…"));
    private static final Path CLIP = Path.of("../cli/src/test/resources/app/fluss/cli/clips/film.mp4");
    private static final int[] STEPS = {0, 5, 10};

    @BeforeAll
    static void make() throws Exception {
        DemoStudy.make(folder.resolve("demo.fluss"));
    }

    @Override
    Path study() {
        return folder.resolve("demo.fluss");
    }

    @Test
    void nothingIsCutInAnySize() throws Exception {
        settle();
        TreeSet<String> problems = new TreeSet<>();
        for (Map.Entry<String, Runnable> screen : screens().entrySet()) {
            interact(screen.getValue());
            settle();
            for (double[] size : SIZES) {
                for (int steps : STEPS) {
                    interact(() -> {
                        window.theme().resetText();
                        window.theme().scaleText(steps);
                        window.stage().setWidth(size[0]);
                        window.stage().setHeight(size[1]);
                    });
                    settle();
                    String where =
                            "%s %.0f × %.0f at %d %%: ".formatted(screen.getKey(), size[0], size[1], 100 + 10 * steps);
                    interact(() -> {
                        window.shell().applyCss();
                        window.shell().layout();
                        LayoutProblems.of(window.shell()).forEach(problem -> problems.add(where + problem));
                        ScrollPane page = (ScrollPane) look("#page");
                        double over = page.getContent().getLayoutBounds().getHeight()
                                - page.getViewportBounds().getHeight();
                        if (steps == 0 && size[0] >= 1280 && over > 1) {
                            problems.add(where + "scrolls by %.0f px".formatted(over));
                        }
                    });
                }
            }
        }
        assertThat(problems).isEmpty();
    }

    @Test
    void thePlanIsAsHighAsItsGamesHoweverTheyAreChosen() throws Exception {
        settle();
        interact(() -> choose("plan"));
        settle();
        ChoiceBox<?> games = (ChoiceBox<?>) look("#plan-game");
        for (int choice : new int[] {1, 0, 2, 0}) {
            interact(() -> games.getSelectionModel().select(choice));
            settle();
            interact(() -> {
                window.shell().layout();
                Region matrix = (Region) look("#matrix");
                Node at = matrix;
                while (!(at instanceof ScrollPane)) {
                    at = at.getParent();
                }
                assertThat(((ScrollPane) at).getViewportBounds().getHeight())
                        .as("choice %d", choice)
                        .isGreaterThan(Math.min(matrix.getHeight(), choice == 0 ? 380 : 230) - 1);
            });
        }
    }

    @Test
    void whatTakesTheFocusKeepsItsSize() throws Exception {
        settle();
        TreeSet<String> problems = new TreeSet<>();
        for (Map.Entry<String, Runnable> screen : screens().entrySet()) {
            interact(screen.getValue());
            settle();
            interact(() -> {
                window.shell().requestFocus();
                for (ButtonBase button : buttons(window.shell())) {
                    double width = button.prefWidth(-1);
                    double height = button.prefHeight(-1);
                    button.requestFocus();
                    button.applyCss();
                    if (button.isFocused()
                            && (Math.abs(button.prefWidth(-1) - width) > 0.5
                                    || Math.abs(button.prefHeight(-1) - height) > 0.5)) {
                        problems.add("%s: %s grows by %.1f × %.1f px"
                                .formatted(
                                        screen.getKey(),
                                        LayoutProblems.name(button),
                                        button.prefWidth(-1) - width,
                                        button.prefHeight(-1) - height));
                    }
                }
            });
        }
        assertThat(problems).isEmpty();
    }

    @Test
    void dialogsFitOnTheScreen() throws Exception {
        settle();
        TreeSet<String> problems = new TreeSet<>();
        for (int steps : new int[] {0, 10}) {
            interact(() -> {
                window.theme().resetText();
                window.theme().scaleText(steps);
            });
            for (KeyCode[] keys : KEYS) {
                push(keys);
                look(List.of(keys).toString(), steps, problems);
            }
            for (Map.Entry<KeyCode, String> button : BUTTONS) {
                push(KeyCode.CONTROL, button.getKey());
                waitFor(() -> button(window.shell(), button.getValue()).isPresent());
                settle();
                Platform.runLater(() ->
                        button(window.shell(), button.getValue()).orElseThrow().fire());
                look(button.getValue(), steps, problems);
            }
            for (Map.Entry<String, List<Path>> files : files().entrySet()) {
                Platform.runLater(() -> window.shell().drop(files.getValue()));
                look(files.getKey(), steps, problems);
            }
            for (Map.Entry<String, Callable<Void>> way : ways().entrySet()) {
                way.getValue().call();
                look(way.getKey(), steps, problems);
            }
        }
        assertThat(problems).isEmpty();
    }

    private Map<String, List<Path>> files() throws Exception {
        StringBuilder log = new StringBuilder("Elapsed,CPUTime,GPUTime,What\n");
        for (int i = 1; i < 200; i++) {
            log.append("%d.%d,4.1,9.2,%s%n".formatted(i * 11, i % 10, i % 2 == 0 ? "drawn" : "interpolated"));
        }
        Path first = Files.writeString(folder.resolve("first.csv"), log);
        Path second = Files.writeString(folder.resolve("second, of a longer name.csv"), log);
        Path delays = Files.writeString(folder.resolve("delays.csv"), "trial,latency_ms\n1,41.5\n2,44\n3,39.8\n");
        Path counter = Files.writeString(folder.resolve("counter.csv"), "t_s,claimed_fps\n0,71\n20,64\n40,70\n");
        return Map.of(
                "log",
                List.of(first),
                "many",
                List.of(first, second),
                "latency",
                List.of(delays),
                "readings",
                List.of(counter),
                "clip",
                List.of(CLIP));
    }

    /// Dialogs that something else leads to, and what opens them.
    private Map<String, Callable<Void>> ways() {
        Map<String, Callable<Void>> ways = new LinkedHashMap<>();
        for (String use : List.of("numbers", "pictures", "latency")) {
            ways.put("clip for " + use, () -> {
                Platform.runLater(() -> window.shell().drop(List.of(CLIP)));
                Window asked = dialog("use-dialog");
                Platform.runLater(() -> ((ButtonBase) asked.getScene().lookup("#use-" + use)).fire());
                waitFor(() -> !asked.isShowing());
                return null;
            });
        }
        ways.put("runs picked by hand", () -> {
            push(KeyCode.CONTROL, KeyCode.DIGIT5);
            settle();
            Platform.runLater(() ->
                    ((ChoiceBox<?>) look("#compare-by")).getSelectionModel().selectLast());
            return null;
        });
        ways.put("switches", () -> {
            examine(ExamineScreen.View.FRAMES);
            Platform.runLater(() -> {
                MenuButton switches = (MenuButton) look("#switches");
                switches.getOnShowing().handle(new Event(MenuButton.ON_SHOWING));
                switches.getItems().getFirst().fire();
            });
            return null;
        });
        ways.put("probe", () -> {
            select("home stream, cable");
            examine(ExamineScreen.View.PATH);
            waitFor(() -> button(window.shell(), "Probe this link…").isPresent());
            Platform.runLater(() ->
                    button(window.shell(), "Probe this link…").orElseThrow().fire());
            return null;
        });
        return ways;
    }

    private void examine(ExamineScreen.View view) throws Exception {
        push(KeyCode.CONTROL, KeyCode.DIGIT4);
        interact(() -> window.shell().examine().show(view));
        settle();
    }

    private static Window dialog(String id) throws Exception {
        waitFor(() -> shown().getLast().getScene().lookup("#" + id) != null);
        return shown().getLast();
    }

    /// Windows that stay: words come up wherever the mouse happens to rest.
    private static List<Window> shown() {
        return Window.getWindows().stream()
                .filter(one -> !(one instanceof Tooltip))
                .toList();
    }

    /// Waits for a dialog, looks at it, and closes it.
    private void look(String what, int steps, Set<String> problems) throws Exception {
        waitFor(() -> shown().size() > 1);
        settle();
        interact(() -> {
            Window dialog = shown().getLast();
            Rectangle2D screen = Screen.getPrimary().getVisualBounds();
            String where = "dialog of %s at %d %%: ".formatted(what, 100 + 10 * steps);
            if (dialog.getWidth() > screen.getWidth() || dialog.getHeight() > screen.getHeight()) {
                problems.add(where + "larger than the screen");
            }
            Parent root = dialog.getScene().getRoot();
            LayoutProblems.of(root).forEach(problem -> problems.add(where + problem));
            if (steps == 0 && root instanceof DialogPane pane && pane.getContent() instanceof ScrollPane scroll) {
                double over = scroll.getContent().getLayoutBounds().getHeight()
                        - scroll.getViewportBounds().getHeight();
                if (over > 1) {
                    problems.add(where + "scrolls by %.0f px".formatted(over));
                }
            }
            dialog.hide();
        });
        waitFor(() -> shown().size() == 1);
    }

    private static Optional<ButtonBase> button(Parent within, String text) {
        return buttons(within).stream()
                .filter(button -> text.equals(button.getText()))
                .findFirst();
    }

    private static List<ButtonBase> buttons(Parent within) {
        List<ButtonBase> buttons = new ArrayList<>();
        for (Node child : within.getChildrenUnmodifiable()) {
            if (child instanceof ButtonBase button && button.isVisible()) {
                buttons.add(button);
            } else if (child instanceof Parent parent) {
                buttons.addAll(buttons(parent));
            }
        }
        return buttons;
    }

    private Map<String, Runnable> screens() {
        Map<String, Runnable> screens = new LinkedHashMap<>();
        screens.put("bench parts", () -> bench(BenchScreen.View.PARTS));
        screens.put("bench paths", () -> bench(BenchScreen.View.PATHS));
        screens.put("preflight", () -> bench(BenchScreen.View.PREFLIGHT));
        for (String work : List.of("plan", "capture")) {
            screens.put(work, () -> choose(work));
        }
        for (ExamineScreen.View view : ExamineScreen.View.values()) {
            screens.put("examine " + view, () -> {
                choose("examine");
                window.shell().examine().show(view);
            });
        }
        for (String work : List.of("compare", "decide", "tune")) {
            screens.put(work, () -> choose(work));
        }
        screens.put("thresholds", () -> feel("#feel-thresholds"));
        screens.put("drill", () -> feel("#feel-drill"));
        return screens;
    }

    private void feel(String look) {
        choose("feel");
        ((ToggleButton) look(look)).setSelected(true);
    }

    private void bench(BenchScreen.View view) {
        choose("bench");
        window.shell().bench().show(view);
    }

    private void choose(String work) {
        ((ToggleButton) look("#work-" + work)).setSelected(true);
    }
}

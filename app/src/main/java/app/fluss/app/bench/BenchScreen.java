package app.fluss.app.bench;

import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// Bench: what takes part, of what stages the paths are, and whether anything spoils the test.
public final class BenchScreen extends VBox {
    private final Map<View, ToggleButton> buttons = new EnumMap<>(View.class);
    private final Map<View, Region> panes = new EnumMap<>(View.class);
    private final StackPane middle = new StackPane();

    /// What the screen can show.
    public enum View {
        /// Rigs, displays, links, headsets and games.
        PARTS("Parts", "equipment and its facts"),
        /// Paths and their settings.
        PATHS("Paths", "composed in the chain above"),
        /// Requirements.
        PREFLIGHT("Preflight", "requirements before a run");

        private final String title;
        private final String about;

        View(String title, String about) {
            this.title = title;
            this.about = about;
        }
    }

    /// @param problems is told, in words, what went wrong
    public BenchScreen(Workbench workbench, Theme theme, Jobs jobs, Consumer<String> problems) {
        super(12);
        setId("bench");
        panes.put(View.PARTS, new PartsPane(workbench, theme, jobs, problems));
        panes.put(View.PATHS, new PathsPane(workbench, theme, problems));
        panes.put(View.PREFLIGHT, new PreflightPane(workbench));
        var about = Labels.of("", "muted");
        HBox head = Boxes.row(Labels.title(BenchText.BENCH));
        ToggleGroup group = new ToggleGroup();
        for (View view : View.values()) {
            ToggleButton button = new ToggleButton(view.title);
            button.getStyleClass().add("quiet");
            button.setId("bench-" + view.title.toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.selectedProperty().subscribe(selected -> {
                if (selected) {
                    about.setText(view.about);
                    middle.getChildren().setAll(Objects.requireNonNull(panes.get(view)));
                }
            });
            buttons.put(view, button);
            head.getChildren().add(button);
        }
        group.selectedToggleProperty().subscribe((before, now) -> {
            if (now == null && before != null) {
                group.selectToggle(before);
            }
        });
        head.getChildren().add(about);
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().addAll(head, middle);
        show(View.PARTS);
    }

    /// Shows a view.
    public void show(View view) {
        Objects.requireNonNull(buttons.get(view)).setSelected(true);
    }
}

package app.fluss.app.tune;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Tune: what caps, a stream's picture or a headset's render scale would give, ranked by what is wanted of the game.
public final class TuneScreen extends VBox {
    private final Workbench workbench;
    private final CapPane caps;
    private final HeadsetTunePane headset;
    private final Map<What, Node> panes = new EnumMap<>(What.class);
    private final Map<What, ToggleButton> buttons = new EnumMap<>(What.class);
    private final ToggleGroup group = new ToggleGroup();
    private long followed;

    /// What is tuned.
    private enum What {
        CAPS("Caps", "Cap and multiplier, from the native log of the scene"),
        STREAM("Stream", "Picture and rate of a stream, from the run that is selected"),
        HEADSET("Headset", "Render scale and refresh rate, from the run that is selected");

        private final String title;
        private final String tip;

        What(String title, String tip) {
            this.title = title;
            this.tip = tip;
        }
    }

    /// @param problems is told, in words, what went wrong
    /// @param plan goes to the plan
    public TuneScreen(Workbench workbench, Theme theme, Jobs jobs, Consumer<String> problems, Runnable plan) {
        super(8);
        this.workbench = workbench;
        setId("tune");
        caps = new CapPane(workbench, theme, jobs, plan);
        panes.put(What.CAPS, caps);
        panes.put(What.STREAM, new StreamTunePane(workbench));
        headset = new HeadsetTunePane(workbench, jobs, problems);
        panes.put(What.HEADSET, headset);
        HBox row = Boxes.row(Labels.title(TuneText.TUNE));
        for (What what : What.values()) {
            ToggleButton button = new ToggleButton(what.title);
            button.setId("tune-" + what.title.toLowerCase(Locale.ROOT));
            button.getStyleClass().add("quiet");
            Tips.on(button, what.tip);
            button.setToggleGroup(group);
            button.setUserData(what);
            buttons.put(what, button);
            row.getChildren().add(button);
            VBox.setVgrow(panes.get(what), Priority.ALWAYS);
        }
        getChildren().setAll(row, caps);
        group.selectedToggleProperty().subscribe(chosen -> {
            if (chosen != null && chosen.getUserData() instanceof What what) {
                getChildren().set(1, Objects.requireNonNull(panes.get(what)));
                work();
            }
        });
        choose(What.CAPS);
        workbench.analysedProperty().subscribe(this::follow);
    }

    private void choose(What what) {
        Objects.requireNonNull(buttons.get(what)).setSelected(true);
    }

    /// Follows the run that is selected: a stream is tuned as a stream, what is seen in a headset as that. While it is
    /// the
    /// same run, what was chosen stays.
    private void follow(@Nullable AnalysedRun run) {
        if (run != null && run.run().id() != followed) {
            followed = run.run().id();
            boolean worn = workbench.pathWorkProperty().get().headset().isPresent();
            choose(run.stream().isPresent() ? What.STREAM : worn ? What.HEADSET : What.CAPS);
        }
    }

    /// Works out what is shown; a pane that is not shown does nothing.
    public void work() {
        caps.work();
        headset.work();
    }
}

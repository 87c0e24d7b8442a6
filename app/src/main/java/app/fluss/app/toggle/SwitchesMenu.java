package app.fluss.app.toggle;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.RunEdits;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.toggle.Switches;
import app.fluss.core.toggle.ToggleMark;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Says where the path of a run was switched on and off: proposed by kinds or by the rate and confirmed, or set by hand
/// in the middle of what is shown.
public final class SwitchesMenu extends MenuButton {
    private static final ButtonType USE = new ButtonType(ToggleText.USE_THESE_SWITCHES, ButtonBar.ButtonData.OK_DONE);

    private final Workbench workbench;
    private final Theme theme;
    private final Optional<DoubleSupplier> middleMs;
    private @Nullable AnalysedRun shown;

    /// @param middleMs the middle of what is shown, ms since the first image; empty where all is shown at once
    public SwitchesMenu(Workbench workbench, Theme theme, Optional<DoubleSupplier> middleMs) {
        super(ToggleText.SWITCHES);
        this.workbench = workbench;
        this.theme = theme;
        this.middleMs = middleMs;
        setId("switches");
        getStyleClass().add("quiet");
        setMinWidth(USE_PREF_SIZE);
        Tips.on(this, ToggleText.SWITCHES_TIP);
        setOnShowing(_ -> fill());
        fill();
    }

    /// Works on a run.
    public void show(@Nullable AnalysedRun run) {
        shown = run;
    }

    private void fill() {
        AnalysedRun run = shown;
        getItems().clear();
        if (run != null && run.run().hasLog()) {
            item(ToggleText.PROPOSE_BY_KINDS, () -> propose(Switches::byKinds, ToggleText.BY_KINDS));
        }
        item(ToggleText.PROPOSE_BY_RATE, () -> propose(Switches::byRate, ToggleText.BY_RATE));
        middleMs.ifPresent(middle -> {
            item(ToggleText.SWITCHED_ON_HERE, () -> set(middle.getAsDouble(), true));
            item(ToggleText.SWITCHED_OFF_HERE, () -> set(middle.getAsDouble(), false));
        });
        if (run != null && run.run().isToggled()) {
            getItems().add(new SeparatorMenuItem());
            item(
                    ToggleText.SWAP_ON_AND_OFF,
                    () -> keep(marks().stream()
                            .map(mark -> new ToggleMark(mark.atMs(), !mark.turnsOn(), mark.settlesMs()))
                            .toList()));
            item(ToggleText.REMOVE_ALL_SWITCHES, () -> keep(List.of()));
        }
    }

    private void item(String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(_ -> action.run());
        getItems().add(item);
    }

    private List<ToggleMark> marks() {
        AnalysedRun run = shown;
        return run == null ? List.of() : run.run().toggles();
    }

    private void keep(List<ToggleMark> marks) {
        AnalysedRun run = shown;
        if (run != null) {
            workbench.edits().runs().setToggles(run.run(), marks);
        }
    }

    private Optional<FrameLog> images() {
        AnalysedRun run = shown;
        return run == null ? Optional.empty() : run.images();
    }

    private void set(double atMs, boolean on) {
        images().ifPresent(images -> {
            List<ToggleMark> marks = new ArrayList<>(marks());
            marks.add(new ToggleMark(images.present().at(0) + atMs, on, ToggleMark.SETTLES_MS));
            marks.sort(Comparator.comparingDouble(ToggleMark::atMs));
            keep(marks);
        });
    }

    private String byHand() {
        return middleMs.isPresent() ? ToggleText.BY_HAND_HINT : ToggleText.CLIP_SWITCH_RULE;
    }

    private void propose(Function<FrameLog, List<ToggleMark>> find, String how) {
        AnalysedRun run = shown;
        Optional<FrameLog> images = images();
        if (run == null || images.isEmpty()) {
            return;
        }
        FrameLog log = images.get();
        List<ToggleMark> found = find.apply(log);
        RunEdits edits = workbench.edits().runs();
        Dialog<ButtonType> dialog = Dialogs.make(
                theme,
                getScene().getWindow(),
                ToggleText.SWITCHES_OF.formatted(run.run().name()));
        String list = found.stream()
                .map(mark -> "%s s %s"
                        .formatted(
                                Numbers.text((mark.atMs() - log.present().at(0)) / 1000, 1),
                                mark.turnsOn() ? ToggleText.ON : ToggleText.OFF))
                .collect(Collectors.joining(", "));
        dialog.getDialogPane()
                .setContent(new VBox(
                        8,
                        Labels.wrapped(
                                found.isEmpty()
                                        ? ToggleText.NO_SWITCH_WAS_FOUND.formatted(how)
                                        : ToggleText.SWITCHES_WERE_FOUND.formatted(found.size(), how, list)),
                        Labels.note(found.isEmpty() ? byHand() : ToggleText.SCENE_WARNING)));
        dialog.getDialogPane().setPrefWidth(520);
        dialog.getDialogPane().setId("switches-dialog");
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CANCEL);
        if (!found.isEmpty()) {
            dialog.getDialogPane().getButtonTypes().addFirst(USE);
        }
        dialog.resultProperty().subscribe(result -> {
            if (result == USE) {
                edits.setToggles(run.run(), found);
            }
        });
        Dialogs.open(dialog);
    }
}

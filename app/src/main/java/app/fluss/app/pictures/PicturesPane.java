package app.fluss.app.pictures;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WhenLookedAt;
import app.fluss.app.toggle.SwitchesMenu;
import app.fluss.app.toggle.TogglePanel;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.toggle.ToggleComparison;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.StoredPictures;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Distinct pictures in a clip of a run's game, and picture quality of one still against another.
public final class PicturesPane extends VBox {
    private final Workbench workbench;
    private final RateView rates;
    private final HoldsView holds;
    private final VBox counted;
    private final VBox uncounted;
    private final VBox words = new VBox(4);
    private final HBox figures = new HBox(22);
    private final Label source = Labels.of("", "muted", "small");
    private final StillsPanel stills;
    private final SwitchesMenu switches;
    private final VBox toggle = new VBox();
    private @Nullable AnalysedRun run;

    /// @param add lets the user choose a clip to count
    public PicturesPane(Workbench workbench, Theme theme, StillsPanel stills, Runnable add) {
        super(10);
        this.workbench = workbench;
        this.stills = stills;
        setId("pictures");
        rates = new RateView(theme);
        switches = new SwitchesMenu(workbench, theme, Optional.empty());
        switches.managedProperty().bind(switches.visibleProperty());
        toggle.managedProperty().bind(toggle.visibleProperty());
        holds = new HoldsView(theme);
        figures.setId("picture-figures");
        VBox rate = Boxes.panel(
                Boxes.head(
                        theme,
                        PicturesText.DISTINCT_BY_SECOND,
                        rates,
                        Labels.of(PicturesText.OUTLINED_WORST, "muted", "small"),
                        Boxes.spacer(),
                        switches,
                        Buttons.quiet(PicturesText.ANOTHER_CLIP, PicturesText.ANOTHER_CLIP_TIP, add),
                        Buttons.quiet(PicturesText.REMOVE, PicturesText.REMOVE_TIP, this::remove)),
                source,
                figures,
                rates);
        VBox.setVgrow(rates, Priority.ALWAYS);
        VBox.setVgrow(rate, Priority.ALWAYS);
        VBox hold = Boxes.panel(Boxes.head(theme, PicturesText.HOW_LONG_IMAGES_STAYED, holds), holds);
        VBox.setVgrow(holds, Priority.ALWAYS);
        VBox says = Boxes.panel(Labels.heading(PicturesText.WHAT_CLIP_SAYS), words);
        counted = new VBox(10, rate, toggle, Columns.even(theme, 360, hold, says));
        VBox.setVgrow(counted, Priority.ALWAYS);
        uncounted = Boxes.panel(
                Labels.heading(PicturesText.NO_CLIP),
                Labels.note(PicturesText.NO_CLIP_HINT),
                Buttons.primary(PicturesText.COUNT_CLIP, PicturesText.COUNT_CLIP_TIP, add));
        WhenLookedAt.fill(this, () -> show(workbench.analysedProperty().get()), workbench.analysedProperty());
    }

    private void show(@Nullable AnalysedRun now) {
        run = now;
        if (now == null) {
            return;
        }
        if (now.pictures().isEmpty()) {
            getChildren().setAll(uncounted, stills);
            return;
        }
        StoredPictures pictures = now.pictures().get();
        PictureCount count = pictures.differences().count();
        double claimed = now.run().settings().claimed().mean().orNaN();
        // Switches are on the time of the log or of the readings where there is one.
        boolean ownTime = !now.run().hasLog()
                && now.noted().readings().filter(ReadingSeries::isTimed).isEmpty();
        switches.setVisible(ownTime);
        switches.show(now);
        toggle.setVisible(ownTime && now.toggled().isPresent());
        toggle.getChildren()
                .setAll(now
                        .toggled()
                        .filter(_ -> ownTime)
                        .map(seen ->
                                new TogglePanel(seen, seen.differences(now.run().grade())))
                        .stream()
                        .toList());
        rates.show(
                pictures,
                claimed,
                now.toggled()
                        .filter(_ -> ownTime)
                        .map(ToggleComparison::stretches)
                        .orElse(List.of()));
        holds.show(count);
        source.setText(PicturesText.CLIP_ABOUT.formatted(
                pictures.clipName(),
                Numbers.text(count.pictures(), 0),
                Numbers.text(pictures.fps(), 0),
                pictures.lookedAt()));
        figures.getChildren()
                .setAll(
                        figure(
                                PicturesText.DISTINCT_S,
                                count.isCounted()
                                        ? Numbers.text(count.deliveredFps(pictures.fps()), 1)
                                        : Numbers.MISSING),
                        figure(
                                PicturesText.DELIVERED_BY_LOG,
                                Numbers.text(now.ways().distinctByLog(), 1)),
                        figure(
                                PicturesText.LONGEST_HOLD_MS,
                                count.isCounted()
                                        ? Numbers.text(count.longestHoldMs(pictures.fps()), 0)
                                        : Numbers.MISSING),
                        figure(PicturesText.THRESHOLD_OF_255, Numbers.text(count.threshold(), 2)));
        words.getChildren().clear();
        for (Finding finding : Findings.of(count, pictures.fps(), claimed)) {
            words.getChildren().add(Labels.wrapped(finding.text()));
        }
        if (words.getChildren().isEmpty()) {
            words.getChildren().add(Labels.note(PicturesText.NO_FAULT_FOUND));
        }
        getChildren().setAll(counted, stills);
    }

    private static VBox figure(String name, String value) {
        return new VBox(-2, Labels.of(value, "figure"), Labels.of(name, "muted", "small"));
    }

    private void remove() {
        AnalysedRun now = run;
        if (now != null) {
            workbench.edits().evidence().remove(now.run(), EvidenceKinds.CLIP_COUNT);
        }
    }
}

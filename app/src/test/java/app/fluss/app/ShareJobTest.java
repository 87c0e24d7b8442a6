package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.theme.ShareBar;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.files.share.ReportWish.Part;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Study;
import app.fluss.sim.scenario.Scenario;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;

/// From measured runs to something that can be told, through the real window: a report with its pages,
/// and charts that are copied.
class ShareJobTest extends WindowTest {
    @Override
    Path study() throws Exception {
        Path file = folder.resolve("share" + System.nanoTime() + ".fluss");
        try (Study study = Study.open(file)) {
            addSimulated(study, "native", Chain.NATIVE, seeded("native", 1), Grade.A);
            addSimulated(
                    study,
                    "engine generation 2×",
                    Chain.of(StageKind.ENGINE_GENERATION),
                    seeded("engine-generation", 2),
                    Grade.A);
        }
        return file;
    }

    private static Scenario seeded(String name, int seed) {
        return ReadyScenario.named(name).lasting(20).withSeed(seed);
    }

    /// Looks in every window: dialogs are windows of their own.
    private static Optional<Node> found(String id) {
        return Window.getWindows().stream()
                .map(one -> one.getScene().getRoot().lookup(id))
                .flatMap(Stream::ofNullable)
                .findFirst();
    }

    private static String pages() {
        return found("#report-page").map(node -> ((Label) node).getText()).orElse("");
    }

    @Test
    void aReportIsLookedAtPageByPageAndHoldsWhatWasChosen() throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.R);
        until(() -> assertThat(pages()).startsWith("1 of "));
        int all = Integer.parseInt(pages().substring("1 of ".length()));
        Node dialog = found("#report-dialog").orElseThrow();
        for (Part part : Part.values()) {
            CheckBox box = dialog.lookupAll(".check-box").stream()
                    .map(node -> (CheckBox) node)
                    .filter(one -> one.getText().equals(part.title()))
                    .findFirst()
                    .orElseThrow();
            interact(() -> box.setSelected(false));
        }
        interact(() -> ((Button) dialog.lookup("#report-update")).fire());
        until(() -> assertThat(pages()).matches("1 of [1-9]").isNotEqualTo("1 of " + all));
        interact(() -> ((Button) dialog.lookup("#report-print")).fire());
        until(() -> assertThat(words(dialog)).contains("No printer is set up on this system"));
    }

    @Test
    void aChartIsCopiedAsPictureAndAsTable() throws Exception {
        settle();
        select("engine generation 2×");
        push(KeyCode.CONTROL, KeyCode.DIGIT4);
        until(() -> assertThat(bars()).isNotEmpty());
        List<Button> copies = bars().stream()
                .map(bar -> (Button) bar.getChildren().getFirst())
                .filter(button -> button.getText().equals("Copy"))
                .toList();
        assertThat(copies).hasSizeGreaterThan(1);
        for (Button copy : copies) {
            interact(() -> {
                Clipboard.getSystemClipboard().clear();
                copy.fire();
            });
            waitFor(() -> Clipboard.getSystemClipboard().hasImage());
        }
        assertThat(onClipboard(bars().stream()
                        .filter(bar -> bar.getParent().lookupAll(".heading").stream()
                                .anyMatch(node -> ((Label) node).getText().equals("Frame time")))
                        .findFirst()
                        .orElseThrow()))
                .startsWith("elapsed_ms\tframe_time_ms\n");
    }

    @Test
    void verdictsAndTheirClaimsAreCopiedAsTables() throws Exception {
        settle();
        interact(() -> ((ToggleButton) look("#work-decide")).setSelected(true));
        until(() -> assertThat(look(".game-name")).isNotNull());
        assertThat(onClipboard((ShareBar) look("#decide-overview").lookup(".share-bar")))
                .startsWith("game\tschool\tpath\tverdict\t")
                .contains("Tidewarden\t", "\tadded_latency\t");
        fire(".game-name");
        assertThat(onClipboard((ShareBar) look("#claims").lookup(".share-bar")))
                .contains("Tidewarden\t", "\tadded_latency\t", "\tengine generation 2×\t");
    }

    private List<ShareBar> bars() {
        return window.shell().lookupAll(".share-bar").stream()
                .filter(Node::isVisible)
                .map(node -> (ShareBar) node)
                .toList();
    }

    private String onClipboard(ShareBar bar) throws Exception {
        interact(() -> {
            Clipboard.getSystemClipboard().clear();
            ((Button) bar.getChildren().getFirst()).fire();
        });
        waitFor(() -> Clipboard.getSystemClipboard().hasString());
        String[] text = new String[1];
        interact(() -> text[0] = Clipboard.getSystemClipboard().getString());
        return text[0];
    }
}

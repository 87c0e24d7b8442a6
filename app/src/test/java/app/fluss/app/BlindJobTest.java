package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.feel.blind.Seal;
import app.fluss.core.feel.blind.Side;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.BlindBlock;
import app.fluss.files.study.Study;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.util.HexFormat;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.DialogPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.Test;

/// A blind block from Plan over Capture to Compare, by a helper and by a script.
class BlindJobTest extends WindowTest {
    @Override
    Path study() throws Exception {
        Path file = folder.resolve("blind" + System.nanoTime() + ".fluss");
        try (Study study = Study.open(file)) {
            addSimulated(
                    study, "native", Chain.NATIVE, ReadyScenario.named("native").lasting(8), Grade.B);
            addSimulated(
                    study,
                    "engine generation 2×",
                    Chain.of(StageKind.ENGINE_GENERATION),
                    ReadyScenario.named("engine-generation").lasting(8),
                    Grade.B);
        }
        return file;
    }

    private void draw(BlindBlock.SwitchedBy by) throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.DIGIT2);
        settle();
        // The dialog waits for its answer on the interface thread.
        Platform.runLater(() -> ((ButtonBase) look("#plan-blind")).fire());
        waitFor(() -> lookup("#blind-dialog").tryQuery().isPresent());
        interact(() -> {
            lookup("#blind-player").queryAs(TextField.class).setText("Una");
            choose("#blind-trials", 8);
            choose("#blind-by", by);
        });
        DialogPane dialog = lookup("#blind-dialog").queryAs(DialogPane.class);
        assertThat(words(dialog)).contains("7 of 8 right are needed");
        interact(() -> ((ButtonBase) dialog.lookupButton(dialog.getButtonTypes().getFirst())).fire());
        until(() -> assertThat(contents().people().openBlock()).isPresent());
        settle();
        fire("#blind-play");
        settle();
    }

    @SuppressWarnings("unchecked")
    private <T> void choose(String id, T value) {
        ((ChoiceBox<T>) lookup(id).query()).setValue(value);
    }

    private void hold(EventType<MouseEvent> type) {
        interact(() -> Event.fireEvent(
                look("#blind-hold"),
                new MouseEvent(
                        type,
                        2,
                        2,
                        2,
                        2,
                        MouseButton.PRIMARY,
                        1,
                        false,
                        false,
                        false,
                        false,
                        true,
                        false,
                        false,
                        false,
                        false,
                        true,
                        null)));
    }

    private void say(Side side, int trial) throws Exception {
        interact(() -> ((ToggleButton) look(side == Side.A ? "#blind-said-a" : "#blind-said-b")).setSelected(true));
        fire("#blind-next");
        until(() ->
                assertThat(contents().people().blocks().getFirst().answers()).hasSize(trial + 1));
        settle();
    }

    private Seal seal() {
        return contents().people().blocks().getFirst().seal();
    }

    @Test
    void helperSwitchesAndTheOrderIsOpenedAtTheEnd() throws Exception {
        draw(BlindBlock.SwitchedBy.HELPER);
        String hash = ((TextField) look("#blind-seal")).getText();
        String order = seal().letters();
        assertThat(words(look("#blind")))
                .contains("Trial 1 of 8", "Single-blind")
                .doesNotContain(order);
        for (int trial = 0; trial < 8; trial++) {
            Side side = seal().order().get(trial);
            interact(() -> ((ToggleButton) look(side == Side.A ? "#blind-said-a" : "#blind-said-b")).setSelected(true));
            assertThat(look("#blind-next").isDisabled())
                    .as("the path is not set yet")
                    .isTrue();
            hold(MouseEvent.MOUSE_PRESSED);
            assertThat(text("#blind-set")).isEqualTo(side == Side.A ? "A: native" : "B: engine generation 2×");
            hold(MouseEvent.MOUSE_RELEASED);
            assertThat(text("#blind-set")).contains("look away");
            interact(() -> ((ButtonBase) look("#Smoothness-4")).fire());
            say(side, trial);
        }
        until(() -> assertThat(text("#blind-words")).startsWith("8 of 8 right: told apart (one-sided p = 0.004)"));
        String opened = ((TextField) look("#blind-order")).getText();
        assertThat(opened).startsWith(order + ":");
        assertThat(sha256(opened)).isEqualTo(hash).isEqualTo(((TextField) look("#blind-hash")).getText());

        push(KeyCode.CONTROL, KeyCode.DIGIT5);
        settle();
        // One order in 128 has one side only, and then there is nothing to compare.
        String rated = order.contains("A") && order.contains("B") ? "equal in" : "Smoothness: not rated on both paths";
        until(() -> assertThat(words(look("#compare"))).contains("8 of 8 right", "Una", rated));
    }

    private static String sha256(String text) throws Exception {
        return HexFormat.of()
                .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.US_ASCII)));
    }

    @Test
    void scriptSwitchesAndNobodyKnows() throws Exception {
        Path set = folder.resolve("set");
        Path script = folder.resolve("switch.sh");
        Files.writeString(script, "#!/bin/sh\nprintf %s \"$1\" >> '" + set + "'\n");
        Files.setPosixFilePermissions(script, PosixFilePermissions.fromString("rwx------"));
        draw(BlindBlock.SwitchedBy.SCRIPT);
        for (int trial = 0; trial < 8; trial++) {
            interact(() -> ((TextField) look("#blind-script")).setText(script.toString()));
            interact(() -> ((ToggleButton) look("#blind-said-a")).setSelected(true));
            fire("#blind-run");
            until(() -> assertThat(look("#blind-next").isDisabled()).isFalse());
            assertThat(words(look("#blind"))).doesNotContain("A: ", "B: ");
            say(Side.A, trial);
        }
        assertThat(set).hasContent(seal().letters());
        until(() -> assertThat(text("#blind-words")).contains("of 8 right"));
    }

    @Test
    void scriptThatCannotBeRunIsToldAndNothingIsSet() throws Exception {
        draw(BlindBlock.SwitchedBy.SCRIPT);
        interact(() -> ((TextField) look("#blind-script"))
                .setText(folder.resolve("none").toString()));
        fire("#blind-run");
        until(() -> assertThat(text("#message")).contains("none is no program"));
        interact(() -> ((ToggleButton) look("#blind-said-a")).setSelected(true));
        assertThat(look("#blind-next").isDisabled()).isTrue();
    }
}

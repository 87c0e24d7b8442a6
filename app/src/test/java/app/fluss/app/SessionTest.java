package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.demo.DemoStudy;
import app.fluss.core.plan.PlannedStep.Role;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.SheetRow;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.TreeView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/// What can go otherwise in a session: runs to be repeated or discarded, lines passed over, a run that is
/// left, wishes that change; in a copy of the demo study.
class SessionTest extends WindowTest {

    @BeforeAll
    static void makeDemo() throws Exception {
        DemoStudy.make(folder.resolve("demo.fluss"));
    }

    @Override
    Path study() throws Exception {
        Path copy = folder.resolve("copy" + System.nanoTime() + ".fluss");
        return Files.copy(folder.resolve("demo.fluss"), copy);
    }

    @Test
    void aRunThatFailedComesAgainAndOneThatIsDiscardedDoesNotCount() throws Exception {
        goTo(KeyCode.DIGIT3);
        long before = contents().planned().openRuns();
        SheetRow first = contents().planned().open().getFirst();
        until(() -> assertThat(first.role()).isEqualTo(Role.BRACKET));
        push(KeyCode.CONTROL, KeyCode.ENTER);
        settle();
        until(() -> assertThat(text("#message")).as("nothing was typed yet").contains("Nothing to keep"));
        push(KeyCode.CONTROL, KeyCode.P);
        write("75h");
        push(KeyCode.ENTER);
        push(KeyCode.BACK_SPACE);
        push(KeyCode.ENTER);
        settle();
        until(() -> assertThat(contents().attempt().orElseThrow().entries()).hasSize(1));
        end("#repeat", "the cat walked over the keys");
        Run failed = contents().runs().getLast();
        until(() -> assertThat(failed.taking().outcome()).isEqualTo(Outcome.REPEAT));
        until(() -> assertThat(failed.taking().reason()).isEqualTo("the cat walked over the keys"));
        until(() -> assertThat(contents().planned().openRuns())
                .as("the line comes again")
                .isEqualTo(before));
        push(KeyCode.CONTROL, KeyCode.P);
        write("h");
        settle();
        until(() -> assertThat(contents().attempt().orElseThrow().entries())
                .singleElement()
                .isInstanceOfSatisfying(
                        PadEntry.Marked.class,
                        marked -> assertThat(marked.mark()).isEqualTo(PadMark.HITCH)));
        end("#discard", "wrong scene");
        until(() -> assertThat(contents().planned().openRuns()).isEqualTo(before - 1));
        until(() -> assertThat(contents().runs().getLast().isKept()).isFalse());
        until(() -> assertThat(contents().kept(first.sceneId(), first.pathId()))
                .as("neither counts")
                .hasSize(3));
        waitFor(() -> look("#runs").lookupAll(".tree-cell").stream()
                .anyMatch(cell -> cell.getPseudoClassStates().toString().contains("left-out")));
    }

    private void end(String button, String reason) throws Exception {
        int runs = contents().runs().size();
        Platform.runLater(() -> ((Button) look(button)).fire());
        waitFor(() -> lookup("#reason").tryQuery().isPresent());
        Button does = lookup(button.equals("#repeat") ? "Repeat" : "Discard").query();
        assertThat(does.isDisabled()).as("without a reason").isTrue();
        ComboBox<?> typed = lookup("#reason").query();
        waitFor(typed::isFocused);
        push(KeyCode.DOWN);
        until(() -> assertThat(typed.isShowing()).as("the usual reasons").isTrue());
        interact(typed::hide);
        interact(() -> typed.getEditor().setText(reason));
        interact(does::fire);
        waitFor(() -> contents().runs().size() == runs + 1);
        settle();
    }

    /// From the last reading of a repeat to the first of the next: one key keeps the run, one goes to the pad.
    @Test
    void theNextRepeatIsTwoKeysAway() throws Exception {
        goTo(KeyCode.DIGIT3);
        int runs = contents().runs().size();
        push(KeyCode.CONTROL, KeyCode.P);
        write("75");
        push(KeyCode.ENTER);
        until(() -> assertThat(contents().attempt().orElseThrow().entries()).hasSize(1));
        push(KeyCode.CONTROL, KeyCode.ENTER);
        until(() -> assertThat(contents().runs()).hasSize(runs + 1));
        push(KeyCode.CONTROL, KeyCode.P);
        write("76");
        push(KeyCode.ENTER);
        until(() -> assertThat(contents().attempt().orElseThrow().entries()).hasSize(1));
        until(() -> assertThat(contents().runs().getLast().isKept()).isTrue());
    }

    @Test
    void aRunThatIsLeftKeepsWhatWasTypedAndItsLine() throws Exception {
        goTo(KeyCode.DIGIT3);
        long before = contents().planned().openRuns();
        push(KeyCode.CONTROL, KeyCode.P);
        write("w");
        settle();
        press("Leave");
        until(() -> assertThat(contents().attempt()).isEmpty());
        until(() -> assertThat(contents().planned().openRuns()).isEqualTo(before));
        until(() -> assertThat(contents().planned().sheet())
                .filteredOn(row -> row.state() == SheetRow.State.SKIPPED)
                .as("what was typed stays beside the line that was left")
                .hasSize(1));
        goTo(KeyCode.DIGIT4);
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        until(() -> assertThat(contents().attempt().orElseThrow().entries()).hasSize(1));
    }

    @Test
    void wishesChangeThePlanAndDoneLinesStay() throws Exception {
        goTo(KeyCode.DIGIT2);
        waitFor(() -> look("#matrix") != null);
        long done = done();
        until(() -> assertThat(done).isEqualTo(1));
        String cell = cell("capture generation 2×");
        waitFor(() -> look("#count-" + cell) != null);
        until(() -> assertThat(text("#count-" + cell)).isEqualTo("1/3 A"));
        fire("#more-" + cell);
        until(() -> assertThat(text("#count-" + cell)).isEqualTo("1/4 A"));
        fire("#plan-session");
        until(() -> assertThat(contents().planned().open().stream()
                        .filter(row -> row.role() == Role.RUN
                                && contents().path(row.pathId()).name().equals("capture generation 2×")))
                .hasSize(3));
        until(() -> assertThat(done()).isEqualTo(done));
        int lines = contents().planned().open().size();
        press("Skip");
        until(() -> assertThat(contents().planned().open()).hasSize(lines - 1));
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        until(() -> assertThat(contents().planned().open()).hasSize(lines));
    }

    private long done() {
        return contents().planned().sheet().stream()
                .filter(row -> row.state() == SheetRow.State.DONE)
                .count();
    }

    private String cell(String path) {
        long scene = contents().scenes().stream()
                .filter(one -> one.name().equals("reed marsh loop"))
                .findFirst()
                .orElseThrow()
                .id();
        long id = contents().bench().paths().stream()
                .filter(one -> one.name().equals(path))
                .findFirst()
                .orElseThrow()
                .id();
        return scene + "-" + id;
    }

    /// Deleting a word in a text field must not remove the selected run.
    @Test
    @SuppressWarnings("unchecked")
    void keysOfTextBelongToText() throws Exception {
        goTo(KeyCode.DIGIT4);
        interact(() -> ((TreeView<Object>) look("#runs")).getSelectionModel().selectFirst());
        int runs = contents().runs().size();
        push(KeyCode.CONTROL, KeyCode.F);
        write("marsh");
        push(KeyCode.CONTROL, KeyCode.BACK_SPACE);
        settle();
        until(() -> assertThat(contents().runs()).hasSize(runs));
        until(() -> assertThat(((TextField) look("#find")).getText()).isEmpty());
    }

    private void goTo(KeyCode digit) throws Exception {
        waitFor(() -> !contents().runs().isEmpty());
        settle();
        push(KeyCode.CONTROL, digit);
        settle();
    }

    private void press(String text) throws Exception {
        interact(() ->
                from(window.shell()).lookup(text).queryAs(ButtonBase.class).fire());
        settle();
    }
}

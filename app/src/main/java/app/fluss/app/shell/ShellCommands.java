package app.fluss.app.shell;

import app.fluss.app.capture.CaptureScreen;
import app.fluss.app.compare.CompareScreen;
import app.fluss.app.examine.ExamineScreen;
import app.fluss.app.help.HelpPage;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.input.KeyCode;

/// The one list of what can be done in the window by a key or by its name.
///
/// @param ways what can be done from anywhere
/// @param more what the frame of the window does
/// @param chosen what is done with the runs that are chosen
/// @param capture the screen on which runs are measured, made when it is first asked for
record ShellCommands(
        Workbench workbench,
        Theme theme,
        Ways ways,
        More more,
        ChosenRuns chosen,
        ExamineScreen examine,
        CompareScreen compare,
        Supplier<CaptureScreen> capture) {
    private static final Stroke[] REMOVE = {Stroke.of(KeyCode.DELETE), Stroke.of(KeyCode.BACK_SPACE)};

    /// What the frame of the window does.
    interface More {
        void find();

        void stop();
    }

    /// Everything that can be done by a key or by its name.
    List<Command> all() {
        List<Command> all = new ArrayList<>();
        for (Work work : Work.values()) {
            KeyCode digit = KeyCode.valueOf("DIGIT" + (all.size() + 1));
            all.add(Command.of("Go to " + work.title(), () -> ways.go(work), Stroke.of(digit)));
        }
        all.addAll(List.of(
                Command.of("Open a log, a recording or a study", ways::open, Stroke.of(KeyCode.O)),
                Command.of("Enter readings", ways::enterReadings, Stroke.of(KeyCode.E)),
                Command.of("Simulate a measurement", ways::simulate, Stroke.of(KeyCode.R)),
                Command.of("Find a game, path or run", more::find, Stroke.of(KeyCode.F)),
                Command.of("Find a command", ways::palette, Stroke.of(KeyCode.K)),
                Command.of("Undo", () -> workbench.edits().undo(), Stroke.of(KeyCode.Z)),
                Command.of("Redo", () -> workbench.edits().redo(), Stroke.of(KeyCode.Y), Stroke.shifted(KeyCode.Z)),
                Command.of("Show what the study has", ways::overview, Stroke.of(KeyCode.H)),
                Command.of("Make a report", ways::report, Stroke.shifted(KeyCode.R)),
                Command.of("Hand on games", ways::handOn),
                Command.of("Take in a study", ways::takeIn),
                Command.of("Show what can be measured with what there is", ways::means, Stroke.of(KeyCode.M)),
                Command.of("Switch between light and dark", theme::turn, Stroke.of(KeyCode.D)),
                Command.of(
                        "Make text larger",
                        () -> theme.scaleText(1),
                        Stroke.of(KeyCode.PLUS),
                        Stroke.of(KeyCode.EQUALS),
                        Stroke.of(KeyCode.ADD)),
                Command.of(
                        "Make text smaller",
                        () -> theme.scaleText(-1),
                        Stroke.of(KeyCode.MINUS),
                        Stroke.of(KeyCode.SUBTRACT)),
                Command.of("Reset the text size", theme::resetText, Stroke.of(KeyCode.DIGIT0)),
                Command.of("Change settings", ways::settings, Stroke.of(KeyCode.COMMA)),
                Command.of("List the keyboard shortcuts", ways::shortcuts, Stroke.plain(KeyCode.F1)),
                Command.of("Stop what is running, dismiss a message", more::stop, Stroke.plain(KeyCode.ESCAPE))));
        for (HelpPage page : HelpPage.values()) {
            all.add(Command.of("Help: " + page.title(), () -> ways.help(page)));
        }
        view(all, ExamineScreen.View.FRAMES, "Show the frames", KeyCode.B);
        view(all, ExamineScreen.View.LATENCY, "Show the latency", KeyCode.L);
        view(all, ExamineScreen.View.PATH, "Show the path", KeyCode.G);
        view(all, ExamineScreen.View.PICTURES, "Show the pictures", KeyCode.I);
        view(all, ExamineScreen.View.COUNTER, "Show the counter", KeyCode.J);
        for (Work work : List.of(Work.EXAMINE, Work.COMPARE)) {
            all.addAll(List.of(
                    Command.on(work, "Compare the runs that are chosen", chosen::compare),
                    Command.on(work, "State facts of the runs that are chosen", chosen::stateFacts),
                    Command.on(work, "Remove the runs that are chosen", chosen::remove, REMOVE)));
        }
        all.addAll(List.of(
                Command.on(Work.EXAMINE, "Copy the figures", examine::copyFigures, Stroke.shifted(KeyCode.C)),
                Command.on(Work.COMPARE, "Copy the comparison", compare::copyTable, Stroke.shifted(KeyCode.C)),
                Command.on(Work.CAPTURE, "Start the scene", () -> capture.get().start(), Stroke.of(KeyCode.SPACE)),
                Command.on(Work.CAPTURE, "Keep the run", () -> capture.get().keep(), Stroke.of(KeyCode.ENTER)),
                Command.on(
                        Work.CAPTURE,
                        "Mark that the path was switched just now",
                        () -> capture.get().markSwitch(),
                        Stroke.of(KeyCode.T)),
                Command.on(Work.CAPTURE, "Type readings", () -> capture.get().focusPad(), Stroke.of(KeyCode.P))));
        return List.copyOf(all);
    }

    private void view(List<Command> all, ExamineScreen.View view, String title, KeyCode key) {
        all.add(Command.on(Work.EXAMINE, title, () -> examine.show(view), Stroke.of(key)));
    }
}

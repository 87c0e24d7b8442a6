package app.fluss.app.shell;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// What is shown where no run is measured yet: the next step, the way in five steps, the studies opened last.
final class Welcome extends VBox {
    private static final int STUDIES = 4;

    Welcome(Theme theme, Ways ways, RecentStudies recent) {
        super(14);
        setId("welcome");
        Button first = Buttons.primary(ShellText.OPEN_LOG_OR_STUDY, ShellText.OPEN_LOG_OR_STUDY_TIP, ways::open);
        sceneProperty().subscribe(scene -> {
            if (scene != null) {
                Platform.runLater(first::requestFocus);
            }
        });
        Button entering = Buttons.quiet(ShellText.ENTER_READINGS, ShellText.CTRL_E_TIP, ways::enterReadings);
        entering.setId("welcome-enter");
        VBox quick = Boxes.panel(
                Labels.heading(ShellText.COMPARE_WHAT_YOU_HAVE), Labels.wrapped(ShellText.DROP_HINT), first, entering);
        VBox guided = Boxes.panel(
                Labels.heading(ShellText.STEP_BY_STEP),
                step(ShellText.DESCRIBE_BENCH, ShellText.BENCH, () -> ways.go(Work.BENCH)),
                step(ShellText.STEP_PLAN, ShellText.PLAN, () -> ways.go(Work.PLAN)),
                step(ShellText.MEASURE_LINE_BY_LINE, ShellText.CAPTURE, () -> ways.go(Work.CAPTURE)),
                Labels.note(ShellText.STEP_DECIDE));
        Button demo = Buttons.quiet(ShellText.OPEN_DEMO, ShellText.OPEN_DEMO_TIP, ways::openDemo);
        demo.setId("welcome-demo");
        VBox look = Boxes.panel(
                Labels.heading(ShellText.LOOK_AROUND),
                demo,
                Buttons.quiet(ShellText.SIMULATE_MEASUREMENT, ShellText.SIMULATE_MEASUREMENT_TIP, ways::simulate),
                Buttons.quiet(ShellText.WHAT_CAN_I_MEASURE, ShellText.WHAT_CAN_I_MEASURE_TIP, ways::means));
        VBox last = Boxes.panel(Labels.heading(ShellText.RECENT_STUDIES));
        recent.list().stream().limit(STUDIES).forEach(file -> {
            Button open =
                    Buttons.quiet(String.valueOf(file.getFileName()), file.toString(), () -> ways.openStudy(file));
            open.setMnemonicParsing(false);
            open.setMinWidth(0);
            last.getChildren()
                    .add(recent.sketch(file)
                            .<Node>map(sketch -> Boxes.row(
                                    new SketchView(theme, sketch), new VBox(2, open, Labels.note(sketch.words()))))
                            .orElse(open));
        });
        if (recent.list().isEmpty()) {
            last.getChildren().add(Labels.note(ShellText.NONE_YET));
        }
        getChildren()
                .setAll(
                        Labels.title(ShellText.NO_RUNS_YET),
                        Columns.even(theme, 330, quick, guided),
                        Columns.even(theme, 330, look, last));
    }

    private static VBox step(String words, String button, Runnable does) {
        Label label = Labels.wrapped(words);
        return new VBox(3, label, Buttons.quiet(button, words, does));
    }
}

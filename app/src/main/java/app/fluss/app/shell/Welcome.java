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
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/// What is shown where no run is measured yet: the next step, the way in five steps, the studies opened last.
final class Welcome extends VBox {
    private static final int STUDIES = 4;

    Welcome(Theme theme, Ways ways, RecentStudies recent) {
        super(14);
        setId("welcome");
        Button first = Buttons.primary("Open log or study…", "Ctrl+O", ways::open);
        sceneProperty().subscribe(scene -> {
            if (scene != null) {
                Platform.runLater(first::requestFocus);
            }
        });
        Button entering = Buttons.quiet("Enter readings…", "Ctrl+E", ways::enterReadings);
        entering.setId("welcome-enter");
        VBox quick = Boxes.panel(
                Labels.heading("Compare what you have"),
                Labels.wrapped("Drop frame logs here, CSV files of any header: one of the native path, one with"
                        + " generation on. With numbers from an overlay or a tool, enter them as they are."),
                first,
                entering);
        VBox guided = Boxes.panel(
                Labels.heading("First measurement, step by step"),
                step("1  Describe the bench", "Bench", () -> ways.go(Work.BENCH)),
                step("2  Choose game, scene and paths, plan the runs", "Plan", () -> ways.go(Work.PLAN)),
                step("3  Measure line by line", "Capture", () -> ways.go(Work.CAPTURE)),
                Labels.note("4  Compare and decide: both are filled from what was measured."));
        Button demo = Buttons.quiet("Open the demo", "Simulated runs of invented games", ways::openDemo);
        demo.setId("welcome-demo");
        VBox look = Boxes.panel(
                Labels.heading("Look around"),
                demo,
                Buttons.quiet("Simulate a measurement…", "Ctrl+R", ways::simulate),
                Buttons.quiet("What can I measure with what I have?", "Ctrl+M", ways::means));
        VBox last = Boxes.panel(Labels.heading("Recent studies"));
        recent.list().stream().limit(STUDIES).forEach(file -> {
            Button open =
                    Buttons.quiet(String.valueOf(file.getFileName()), file.toString(), () -> ways.openStudy(file));
            open.setMnemonicParsing(false);
            open.setMinWidth(0);
            open.setTooltip(new Tooltip(file.toString()));
            last.getChildren()
                    .add(recent.sketch(file)
                            .<Node>map(sketch -> Boxes.row(
                                    new SketchView(theme, sketch), new VBox(2, open, Labels.note(sketch.words()))))
                            .orElse(open));
        });
        if (recent.list().isEmpty()) {
            last.getChildren().add(Labels.note("None yet."));
        }
        getChildren()
                .setAll(
                        Labels.title("No runs yet"),
                        Columns.even(theme, 330, quick, guided),
                        Columns.even(theme, 330, look, last));
    }

    private static VBox step(String words, String button, Runnable does) {
        Label label = Labels.wrapped(words);
        return new VBox(3, label, Buttons.quiet(button, words, does));
    }
}

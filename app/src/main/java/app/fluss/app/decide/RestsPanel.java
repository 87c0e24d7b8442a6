package app.fluss.app.decide;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.study.Run;
import app.fluss.files.verdict.GameCases;
import java.util.List;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// The runs that a verdict rests on, one click away, and what speaks against resting on them.
final class RestsPanel extends VBox {
    private final DecideScreen.Ways ways;

    RestsPanel(GameCases.OfPath path, Verdict verdict, DecideScreen.Ways ways) {
        super(6);
        this.ways = ways;
        getStyleClass().add("panel");
        setId("rests");
        getChildren().add(Labels.heading(DecideText.RUNS_AND_FINDINGS));
        for (GameCases.OfScene scene : path.scenes()) {
            getChildren()
                    .addAll(
                            Boxes.row(
                                    Labels.of(scene.known().scene(), "strong"),
                                    Boxes.spacer(),
                                    Buttons.quiet(
                                            DecideText.COMPARE,
                                            DecideText.COMPARE_TIP,
                                            () -> ways.compare(scene.runs().getFirst()))),
                            runs(DecideText.NATIVE, scene.natives()),
                            runs(path.name(), scene.runs()));
            scene.notes().forEach(note -> getChildren().add(Labels.wrapped(note, "small")));
        }
        verdict.reserves().forEach(words -> getChildren().add(warned(words)));
        verdict.doubts().forEach(words -> getChildren().add(warned(words)));
    }

    private FlowPane runs(String name, List<Run> runs) {
        FlowPane line = new FlowPane(6, 0, Labels.of(name + ":", "muted", "small"));
        for (Run run : runs) {
            Hyperlink link = new Hyperlink("%s (%s)".formatted(run.name(), run.grade()));
            link.getStyleClass().setAll("link");
            link.setOnAction(_ -> ways.examine(run));
            line.getChildren().add(link);
        }
        return line;
    }

    private static Label warned(String words) {
        Label label = Labels.wrapped(words, "small", "finding", "finding-warning");
        label.setMaxWidth(Double.MAX_VALUE);
        return label;
    }
}

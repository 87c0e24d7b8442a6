package app.fluss.app.shell;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.latency.chain.ChainEstimate;
import app.fluss.core.latency.chain.LatencyStage;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.core.path.StageKind;
import app.fluss.files.known.AnalysedLatency;
import app.fluss.files.study.DeliveryPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// The chain of the selected run, from the game to the eye. After each stage stands the rate that leaves it;
/// a solid border says that it was measured, a dotted one that it was inferred.
final class ChainBar extends WrappingRow {
    ChainBar() {
        super(0);
        setId("chain");
    }

    void show(@Nullable AnalysedRun run) {
        getChildren().clear();
        if (run == null) {
            Label none = new Label("Select a run to see its path.");
            none.getStyleClass().add("muted");
            getChildren().add(none);
            return;
        }
        Analysis analysis = run.analysis();
        Optional<ChainEstimate> times = run.latency().estimate();
        DeliveryPath path = run.run().path();
        List<Node> nodes = new ArrayList<>();
        nodes.add(stage(
                "game",
                "draws images",
                time(times, LatencyStage.Part.GAME),
                false,
                "The game's own images, by the kind column or the native path."));
        nodes.add(flow("rendered", analysis.rates().rendered()));
        if (!path.isNative()) {
            nodes.add(stage(
                    path.name(),
                    set(path),
                    time(times, LatencyStage.Part.PATH),
                    false,
                    "What happens between the game and the display."));
            nodes.add(flow("presented", analysis.rates().presented()));
        }
        boolean inferred = analysis.ledger()
                .map(ledger -> ledger.basis() == RefreshLedger.Basis.INFERRED)
                .orElse(false);
        String mode = run.run()
                .display()
                .map(display -> Numbers.text(display.refreshHz(), 0) + " Hz "
                        + display.sync().label())
                .orElse("refresh not stated");
        nodes.add(stage(
                run.headset().isPresent() ? "headset" : "display",
                mode,
                time(times, LatencyStage.Part.DISPLAY),
                inferred,
                inferred ? "Inferred from present times and the sync mode." : "From the display times in the log."));
        nodes.add(flow("delivered", analysis.rates().delivered()));
        nodes.add(eye(run.latency()));
        getChildren().setAll(nodes);
    }

    private static String set(DeliveryPath path) {
        if (Double.isNaN(path.multiplier())) {
            return "multiplier not stated";
        }
        if (path.multiplier() != 1) {
            return "set to " + Numbers.text(path.multiplier(), 0) + "×";
        }
        boolean repeats = path.chain().has(StageKind.VR_REPROJECTION);
        if (path.chain().has(StageKind.HOME_STREAM)) {
            return repeats ? "repeats, sends" : "encodes, sends, decodes";
        }
        return repeats ? "repeats, turned to the head" : "makes no images";
    }

    /// The eye, with the time from input to light: the measured median, else what the stages add up to.
    private static Node eye(AnalysedLatency latency) {
        Label title = Labels.heading("eye");
        Optional<Figure> median =
                latency.measured().map(seen -> seen.figures().median()).filter(Figure::isKnown);
        Optional<ChainEstimate> stages = latency.estimate();
        String total = median.map(ms -> Numbers.text(ms, 1) + " ms")
                .or(() -> stages.map(stack -> (stack.isWhole() ? "~ " : "> ")
                        + Numbers.text(stack.total().mean(), 1) + " ms"))
                .orElse("");
        Label under = Labels.of(total, median.isPresent() ? "strong" : "muted");
        under.setId("chain-latency");
        under.setMinWidth(Region.USE_PREF_SIZE);
        VBox box = new VBox(-1, title, under);
        box.setPadding(new Insets(0, 0, 0, 8));
        Tooltip.install(
                box,
                new Tooltip(
                        median.isPresent()
                                ? "Median of the measured latency, input to light."
                                : "What the stages add up to on average; > where some are not stated, so that it is at least this."));
        return box;
    }

    private static String time(Optional<ChainEstimate> times, LatencyStage.Part part) {
        return times.map(stack -> stack.meanMs(part))
                .filter(Figure::isKnown)
                .map(ms -> "~ " + Numbers.text(ms, 1) + " ms")
                .orElse("");
    }

    private static Node stage(String name, String detail, String time, boolean inferred, String rests) {
        Label title = new Label(name);
        title.getStyleClass().add("heading");
        title.setMinWidth(Region.USE_PREF_SIZE);
        Label under = new Label(time.isEmpty() ? detail : detail + " · " + time);
        under.getStyleClass().addAll("muted", "small");
        under.setMinWidth(Region.USE_PREF_SIZE);
        VBox box = new VBox(-1, title, under);
        box.getStyleClass().add("stage-box");
        if (inferred) {
            box.getStyleClass().add("stage-inferred");
        }
        Tooltip tip = new Tooltip(
                time.isEmpty() ? rests : rests + "\nThe time is what its stages add on average, estimated.");
        Tooltip.install(box, tip);
        box.setFocusTraversable(true);
        box.setAccessibleText(name + ", " + under.getText() + ". " + rests);
        box.setOnMouseClicked(_ -> {
            Bounds at = box.localToScreen(box.getBoundsInLocal());
            tip.show(box, at.getMinX(), at.getMaxY() + 4);
        });
        return box;
    }

    private static Node flow(String name, Figure rate) {
        Label value = new Label(Numbers.text(rate, 1) + (rate.isKnown() ? " /s" : ""));
        value.getStyleClass().add("strong");
        Label under = new Label(name);
        under.getStyleClass().addAll("muted", "small");
        VBox text = new VBox(-1, value, under);
        text.setAlignment(Pos.CENTER);
        Region before = line();
        Region after = line();
        HBox flow = new HBox(7, before, text, after);
        flow.setAlignment(Pos.CENTER);
        HBox.setHgrow(flow, Priority.ALWAYS);
        flow.setMaxWidth(Double.MAX_VALUE);
        String reason = Numbers.reason(rate);
        Tooltip.install(flow, new Tooltip(name + " images per second." + (reason.isEmpty() ? "" : "\n" + reason)));
        return flow;
    }

    private static Region line() {
        Region line = new Region();
        line.setMinSize(12, 2);
        line.setMaxHeight(2);
        line.setStyle("-fx-background-color: -fluss-slate;");
        HBox.setHgrow(line, Priority.ALWAYS);
        return line;
    }
}

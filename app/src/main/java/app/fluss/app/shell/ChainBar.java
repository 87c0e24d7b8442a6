package app.fluss.app.shell;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Tips;
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
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
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
            Label none = new Label(ShellText.SELECT_RUN);
            none.getStyleClass().add("muted");
            getChildren().add(none);
            return;
        }
        Analysis analysis = run.analysis();
        Optional<ChainEstimate> times = run.latency().estimate();
        DeliveryPath path = run.run().path();
        List<Node> nodes = new ArrayList<>();
        nodes.add(stage(
                ShellText.GAME,
                ShellText.DRAWS_IMAGES,
                time(times, LatencyStage.Part.GAME),
                false,
                ShellText.GAME_BOX_TIP));
        nodes.add(flow(ShellText.RENDERED, analysis.rates().rendered()));
        if (!path.isNative()) {
            nodes.add(
                    stage(path.name(), set(path), time(times, LatencyStage.Part.PATH), false, ShellText.PATH_BOX_TIP));
            nodes.add(flow(ShellText.PRESENTED, analysis.rates().presented()));
        }
        boolean inferred = analysis.ledger()
                .map(ledger -> ledger.basis() == RefreshLedger.Basis.INFERRED)
                .orElse(false);
        String mode = run.run()
                .display()
                .map(display -> Numbers.text(display.refreshHz(), 0) + " Hz "
                        + display.sync().label())
                .orElse(ShellText.REFRESH_NOT_STATED);
        nodes.add(stage(
                run.headset().isPresent() ? ShellText.HEADSET : ShellText.DISPLAY,
                mode,
                time(times, LatencyStage.Part.DISPLAY),
                inferred,
                inferred ? ShellText.INFERRED : ShellText.FROM_DISPLAY_TIMES));
        nodes.add(flow(ShellText.DELIVERED, analysis.rates().delivered()));
        nodes.add(eye(run.latency()));
        getChildren().setAll(nodes);
    }

    private static String set(DeliveryPath path) {
        if (Double.isNaN(path.multiplier())) {
            return ShellText.MULTIPLIER_NOT_STATED;
        }
        if (path.multiplier() != 1) {
            return ShellText.SET_TO_TIMES.formatted(Numbers.text(path.multiplier(), 0));
        }
        boolean repeats = path.chain().has(StageKind.VR_REPROJECTION);
        if (path.chain().has(StageKind.HOME_STREAM)) {
            return repeats ? ShellText.REPEATS_SENDS : ShellText.ENCODES_SENDS_DECODES;
        }
        return repeats ? ShellText.REPROJECTS : ShellText.MAKES_NO_IMAGES;
    }

    /// The eye, with the time from input to light: the measured median, else what the stages add up to.
    private static Node eye(AnalysedLatency latency) {
        Label title = Labels.heading(ShellText.EYE);
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
        Tips.on(box, median.isPresent() ? ShellText.MEASURED_TIP : ShellText.ESTIMATED_TIP);
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
        Tips.on(box, time.isEmpty() ? rests : ShellText.STAGE_TIME_TIP.formatted(rests));
        box.setFocusTraversable(true);
        box.setAccessibleText(name + ", " + under.getText() + ". " + rests);
        box.setOnMouseClicked(_ -> Tips.show(box));
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
        Tips.on(flow, ShellText.IMAGES_PER_SECOND_TIP.formatted(name, reason.isEmpty() ? "" : "\n" + reason));
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

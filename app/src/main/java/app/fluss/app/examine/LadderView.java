package app.fluss.app.examine;

import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Shareable;
import app.fluss.app.theme.Tips;
import app.fluss.core.compare.Level;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Rates;
import app.fluss.files.chart.RatesChart;
import app.fluss.files.draw.Picture;
import app.fluss.files.table.DataTable;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// The rate ladder: claimed, rendered, presented, delivered, each as a rung as long as its rate.
final class LadderView extends VBox implements Shareable {
    private static final double PICTURE_PX = 720;

    private Optional<RatesChart> shown = Optional.empty();

    LadderView() {
        super(7);
        setId("ladder");
    }

    /// One rung.
    private record Rung(Measure measure, String name, Figure rate, String style, String between) {
        boolean isHeadline() {
            return measure == Measure.DELIVERED;
        }

        String id() {
            return "rate-" + measure.name().toLowerCase(Locale.ROOT);
        }
    }

    void clear() {
        getChildren().clear();
        shown = Optional.empty();
    }

    @Override
    public Optional<Picture> picture() {
        return shown.map(chart -> chart.picture(PICTURE_PX));
    }

    @Override
    public Optional<DataTable> data() {
        return shown.map(RatesChart::data);
    }

    /// @param run name of the run, for its picture
    void show(String run, Rates rates, Claimed claimed) {
        shown = Optional.of(new RatesChart(List.of(new RatesChart.Row(
                run,
                alone(rates.claimed()),
                alone(rates.rendered()),
                alone(rates.presented()),
                alone(rates.delivered())))));
        List<Rung> rungs = List.of(
                new Rung(Measure.CLAIMED, ExamineText.CLAIMED, rates.claimed(), "slate", range(claimed)),
                new Rung(Measure.RENDERED, ExamineText.RENDERED, rates.rendered(), "water", ""),
                new Rung(
                        Measure.PRESENTED,
                        ExamineText.PRESENTED,
                        rates.presented(),
                        "foam",
                        gap("+", rates.generated(), ExamineText.GENERATED)),
                new Rung(
                        Measure.DELIVERED,
                        ExamineText.DELIVERED,
                        rates.delivered(),
                        "water",
                        gap("−", rates.unseen(), ExamineText.NOT_SEEN)));
        double longest = rungs.stream()
                .mapToDouble(rung -> rung.rate.orNaN())
                .filter(Double::isFinite)
                .max()
                .orElse(1);
        getChildren().setAll(rungs.stream().map(rung -> row(rung, longest)).toList());
    }

    private static Level alone(Figure figure) {
        return Level.without(figure, ExamineText.OF_ONE_RUN);
    }

    /// The range of what was read.
    private static String range(Claimed claim) {
        return claim.lowest().isKnown() && !claim.lowest().equals(claim.highest())
                ? Numbers.range(claim.lowest(), claim.highest(), 0)
                : "";
    }

    /// What was gained or lost since the rung above, /s.
    private static String gap(String sign, Figure gap, String word) {
        String size = Numbers.text(gap, 1);
        return gap.orNaN() > 0 && !size.equals(Numbers.text(0, 1)) ? sign + size + " " + word : "";
    }

    private static HBox row(Rung rung, double longest) {
        Label name = new Label(rung.name);
        name.getStyleClass().addAll("muted", "rung-name");
        Label value = new Label(Numbers.text(rung.rate, 1));
        value.setId(rung.id());
        value.getStyleClass().add(rung.isHeadline() ? "great" : "figure");
        value.getStyleClass().add("rung-value");
        value.setAlignment(Pos.CENTER_RIGHT);
        StackPane track = new StackPane();
        track.setAlignment(Pos.CENTER_LEFT);
        track.setMinWidth(30);
        track.setPrefWidth(30);
        HBox.setHgrow(track, Priority.ALWAYS);
        Region bar = new Region();
        double share = rung.rate.isKnown() ? rung.rate.orNaN() / longest : 0;
        bar.setStyle("-fx-background-color: -fluss-" + rung.style + "; -fx-background-radius: 1 7 1 7;");
        bar.setMinHeight(rung.isHeadline() ? 14 : 9);
        bar.setMaxHeight(bar.getMinHeight());
        bar.maxWidthProperty().bind(track.widthProperty().multiply(share));
        track.getChildren().add(bar);
        Label between = new Label(rung.between);
        between.getStyleClass().addAll("muted", "small");
        between.getStyleClass().add("rung-between");
        between.setMinWidth(0);
        HBox row = new HBox(8, name, value, track, between);
        row.setAlignment(Pos.CENTER_LEFT);
        String reason = Numbers.reason(rung.rate);
        Tips.on(row, rung.measure.description().definition() + (reason.isEmpty() ? "" : "\n" + reason));
        return row;
    }
}

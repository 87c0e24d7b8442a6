package app.fluss.app.compare;

import app.fluss.app.model.Comparison;
import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Measure;
import app.fluss.files.chart.TradeMap;
import app.fluss.files.draw.Pen;
import app.fluss.files.table.DataTable;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.MouseEvent;

/// The trade map of a game; a click chooses a path.
final class TradeMapView extends CanvasView {
    private List<Comparison> comparisons = List.of();
    private TradeMap map = new TradeMap(List.of(), Optional.empty());

    /// @param choose is told which path the user wants to see
    TradeMapView(Theme theme, Consumer<Comparison> choose) {
        super(theme, CompareText.TRADE_MAP);
        setId("trade-map");
        addEventHandler(
                MouseEvent.MOUSE_CLICKED,
                event -> map.nearest(event.getX(), event.getY(), getWidth(), getHeight(), scaled(1))
                        .flatMap(arrow -> comparisons.stream()
                                .filter(one -> one.name().equals(arrow.name()))
                                .findFirst())
                        .ifPresent(choose));
    }

    void show(List<Comparison> shown, Optional<Comparison> chosen) {
        comparisons = List.copyOf(shown);
        map = new TradeMap(
                shown.stream()
                        .map(one -> new TradeMap.Arrow(
                                one.name(),
                                one.runs().measure(Measure.DELIVERED),
                                one.latency(),
                                one.latencyEstimated(),
                                one.runs().grade()))
                        .toList(),
                chosen.map(Comparison::name));
        setAccessibleText(map.alternative());
        redraw();
    }

    /// Whether no path has both a delivered gain and an added latency.
    boolean isEmpty() {
        return map.arrows().isEmpty();
    }

    @Override
    public Optional<DataTable> data() {
        return isEmpty() ? Optional.empty() : Optional.of(map.data());
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        if (!isEmpty()) {
            map.draw(pen, width, height);
        }
    }
}

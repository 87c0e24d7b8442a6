package app.fluss.app.path;

import app.fluss.app.model.SecondCard;
import app.fluss.app.path.FigureTable.Cell;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Difference;
import app.fluss.core.gpu.CopyRoute;
import app.fluss.core.gpu.GainPrice;
import app.fluss.core.gpu.LargestSize;
import app.fluss.core.gpu.LoadModel;
import app.fluss.core.gpu.Output;
import app.fluss.core.gpu.Slot;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.path.Outcome;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What a second card can carry, and what it costs.
final class SecondCardPanel extends VBox {
    private static final int[] MULTIPLIERS = {2, 3, 4, 5};
    private static final double USUAL_TARGET_PCT = 90;

    private final Theme theme;
    private final SecondCard card;

    SecondCardPanel(Theme theme, SecondCard card) {
        super(10);
        this.theme = theme;
        this.card = card;
        setId("second-card");
        getChildren().addAll(copies(), load(), money());
    }

    private VBox copies() {
        VBox panel = Boxes.panel(Labels.heading(SecondCardText.COPIES));
        if (card.route().isEmpty()) {
            panel.getChildren().add(Labels.note(SecondCardText.NOT_STATED.formatted(card.noRoute())));
            return panel;
        }
        FigureTable table = new FigureTable(
                "copies",
                SecondCardText.DISPLAYS_CABLE_IN,
                SecondCardText.COPIES_PER_FRAME,
                SecondCardText.ADDS_MS,
                SecondCardText.HIGHEST_BASE_S,
                SecondCardText.SLOT_BUSY);
        CopyRoute route = card.route().orElseThrow();
        boolean second = route.cableInSecond();
        CopyRoute other = card.otherRoute().orElseThrow();
        route(table, second ? route : other, second);
        route(table, second ? other : route, !second);
        panel.getChildren()
                .addAll(
                        table,
                        Labels.note(SecondCardText.SLOT_CARRIES.formatted(
                                route.slot().generation(),
                                route.slot().lanes(),
                                Numbers.text(route.slot().payloadGigabytes(), 2))),
                        formats(route.slot()));
        return panel;
    }

    /// Every usual output over this slot, in both formats that are copied.
    private static FigureTable formats(Slot slot) {
        FigureTable table = new FigureTable(
                "formats",
                SecondCardText.ONE_COPY,
                SecondCardText.BITS_MS,
                SecondCardText.HIGHEST_S,
                SecondCardText.SIXTEEN_BITS_MS,
                SecondCardText.HIGHEST_S);
        for (Output output : Output.USUAL) {
            List<Cell> cells = new ArrayList<>();
            for (int bytes : new int[] {4, 8}) {
                CopyRoute route = CopyRoute.of(slot, output.widthPx(), output.heightPx(), bytes, true, 1);
                cells.add(Cell.of(Figure.of(route.copyMs()), 2, ""));
                cells.add(Cell.of(Figure.of(route.highestBaseFps()), 0, ""));
            }
            table.row(output.title(), "", cells.toArray(new Cell[0]));
        }
        return table;
    }

    private void route(FigureTable table, CopyRoute route, boolean asSet) {
        Figure busy = card.renderedFps().map(route::busyShare);
        table.row(
                route.cableInSecond() ? SecondCardText.SECOND_CARD : SecondCardText.FIRST_CARD_CABLE,
                asSet ? SecondCardText.AS_SET : SecondCardText.FOR_COMPARISON,
                new Cell(
                        route.cableInSecond()
                                ? SecondCardText.OVER
                                : SecondCardText.OVER_BACK.formatted(route.copiesBack()),
                        "",
                        SecondCardText.MUST_COME_BACK),
                Cell.of(Figure.of(route.addedMs()), 2, ""),
                Cell.of(Figure.of(route.highestBaseFps()), 0, ""),
                Cell.of(busy, (busy.orNaN() > 1 ? "▲ " : "") + Numbers.percent(busy, 0)));
    }

    private VBox load() {
        VBox panel = Boxes.panel(Labels.heading(SecondCardText.CARRIES));
        if (card.load().isEmpty()) {
            panel.getChildren().add(Labels.note(SecondCardText.NO_FIT.formatted(card.noLoad())));
            return panel;
        }
        LoadModel model = card.load().orElseThrow();
        LoadView view = new LoadView(theme, model, USUAL_TARGET_PCT);
        VBox sizes = new VBox();
        ChoiceBox<Double> target =
                Choice.of("target-load", SecondCardText.LOAD_TO_AIM_AT, pct -> Numbers.text(pct, 0) + " %");
        target.getItems().setAll(80.0, 85.0, 90.0, 95.0);
        target.valueProperty().subscribe(pct -> {
            if (pct != null) {
                view.show(pct);
                sizes.getChildren().setAll(sizes(model, pct));
            }
        });
        target.setValue(USUAL_TARGET_PCT);
        Label law = Labels.note(SecondCardText.LOAD_LAW.formatted(
                fitted(model.idlePct(), 1),
                fitted(model.perWork(), 4),
                model.points().size(),
                model.idlePct().interval().isEmpty() ? SecondCardText.THREE_GIVE_INTERVAL : "."));
        law.setId("load-law");
        VBox left = new VBox(6, view, new ShareBar(theme, SecondCardText.CARRIES, view), law);
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setMinWidth(0);
        left.setPrefWidth(240);
        VBox right = new VBox(6, Boxes.row(Labels.of(SecondCardText.LARGEST_SIZE, "muted"), target), sizes);
        right.setMinWidth(USE_PREF_SIZE);
        panel.getChildren().add(new HBox(14, left, right));
        return panel;
    }

    private static String fitted(LoadModel.Fitted fit, int decimals) {
        return Numbers.text(fit.value(), decimals)
                + fit.interval()
                        .map(i -> Cell.ends(i, 1, decimals))
                        .filter(ends -> !ends.isEmpty())
                        .map(ends -> " (" + ends + ")")
                        .orElse("");
    }

    private FigureTable sizes(LoadModel model, double targetPct) {
        String base = Numbers.text(card.renderedFps(), 0);
        FigureTable table = new FigureTable("sizes", SecondCardText.AT_BASE.formatted(base), "2×", "3×", "4×", "5×");
        for (Output output : Output.USUAL) {
            Cell[] cells = new Cell[MULTIPLIERS.length];
            for (int i = 0; i < cells.length; i++) {
                cells[i] = size(model, output.megapixels(), MULTIPLIERS[i], targetPct);
            }
            table.row(output.title(), "", cells);
        }
        return table;
    }

    private Cell size(LoadModel model, double megapixels, int multiplier, double targetPct) {
        return switch (card.renderedFps()) {
            case Figure.Missing(String reason) -> new Cell(Numbers.MISSING, "", reason);
            case Figure.Known(double base) -> {
                LargestSize largest = LargestSize.of(model, megapixels, base, multiplier, targetPct);
                yield new Cell(
                        (largest.isUseful() ? "" : "✕ ") + Numbers.text(largest.size() * 100, 0) + " %",
                        largest.interval().map(i -> Cell.ends(i, 100, 0)).orElse(""),
                        largest.isUseful() ? SecondCardText.PER_AXIS_TIP : SecondCardText.TOO_SMALL_TIP);
            }
        };
    }

    private VBox money() {
        VBox panel = Boxes.panel(Labels.heading(SecondCardText.WHAT_IT_TAKES));
        card.withoutCard().ifPresent(comparison -> {
            Difference rate = comparison.runs().measure(Measure.RENDERED);
            panel.getChildren()
                    .add(Labels.wrapped(SecondCardText.CARD_IN_AND_OUT.formatted(
                            Numbers.text(rate.a().mean(), 1),
                            Numbers.text(rate.b().mean(), 1),
                            Numbers.text(rate.difference(), 2),
                            rate.interval()
                                    .map(i -> Cell.ends(i, 1, 2))
                                    .filter(ends -> !ends.isEmpty())
                                    .map(ends -> " (95 % " + ends + ")")
                                    .orElse(""))));
        });
        panel.getChildren()
                .add(Labels.wrapped(SecondCardText.CONNECTORS.formatted(
                        card.supply().state() == Outcome.State.MET
                                ? SecondCardText.SUPPLY
                                : card.supply().state() == Outcome.State.NOT_MET
                                        ? SecondCardText.SUPPLY_EXCEEDED
                                        : SecondCardText.SUPPLY_UNKNOWN,
                        card.supply().seen(),
                        card.connectors().orElse(SecondCardText.NOT_STATED_HERE))));
        Label safety = Labels.wrapped(SecondCardText.MAINS_SAFETY, "safety");
        if (card.price().isPresent() || card.fasterPrice().isPresent()) {
            FigureTable table = new FigureTable(
                    "prices",
                    SecondCardText.FOR_MONEY,
                    SecondCardText.PRICE,
                    SecondCardText.DELIVERED_S_MORE,
                    SecondCardText.PER_S,
                    SecondCardText.MS_LESS,
                    SecondCardText.PER_MS);
            card.price()
                    .ifPresent(price -> price(table, SecondCardText.SECOND_CARD, SecondCardText.MEASURED_GAIN, price));
            card.fasterPrice()
                    .ifPresent(price -> price(
                            table, SecondCardText.FASTER_FIRST_CARD_INSTEAD, SecondCardText.ESTIMATED_GAIN, price));
            panel.getChildren().add(table);
        } else {
            panel.getChildren().add(Labels.note(SecondCardText.NO_PRICES));
        }
        panel.getChildren().add(safety);
        return panel;
    }

    private static void price(FigureTable table, String name, String about, GainPrice price) {
        table.row(
                name,
                about,
                Cell.of(Figure.of(price.price()), 0, ""),
                Cell.of(price.addedFps(), 1, ""),
                Cell.of(price.perFps(), 2, ""),
                Cell.of(price.addedMs().map(ms -> -ms), 1, ""),
                Cell.of(price.perSavedMs(), 2, ""));
    }
}

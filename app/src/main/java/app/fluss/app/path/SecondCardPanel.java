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
        VBox panel = Boxes.panel(Labels.heading("Copies to the second card"));
        if (card.route().isEmpty()) {
            panel.getChildren().add(Labels.note("Not stated: " + card.noRoute() + "."));
            return panel;
        }
        FigureTable table = new FigureTable(
                "copies",
                "display's cable in",
                "copies per frame",
                "adds ms",
                "highest base /s",
                "slot busy at this base");
        CopyRoute route = card.route().orElseThrow();
        boolean second = route.cableInSecond();
        CopyRoute other = card.otherRoute().orElseThrow();
        route(table, second ? route : other, second);
        route(table, second ? other : route, !second);
        panel.getChildren()
                .addAll(
                        table,
                        Labels.note(
                                "PCIe %d × %d carries %s GB/s each way, of which copies reach about 85 %% (common practice)."
                                        .formatted(
                                                route.slot().generation(),
                                                route.slot().lanes(),
                                                Numbers.text(route.slot().payloadGigabytes(), 2))),
                        formats(route.slot()));
        return panel;
    }

    /// Every usual output over this slot, in both formats that are copied.
    private static FigureTable formats(Slot slot) {
        FigureTable table =
                new FigureTable("formats", "one copy", "8 bits, ms", "highest /s", "16 bits, ms", "highest /s");
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
                route.cableInSecond() ? "second card" : "first card: a double copy",
                asSet ? "as this path is set" : "for comparison",
                new Cell(
                        route.cableInSecond() ? "1 over" : "1 over, %d back".formatted(route.copiesBack()),
                        "",
                        "What the first card shows must come back to it."),
                Cell.of(Figure.of(route.addedMs()), 2, ""),
                Cell.of(Figure.of(route.highestBaseFps()), 0, ""),
                Cell.of(busy, (busy.orNaN() > 1 ? "▲ " : "") + Numbers.percent(busy, 0)));
    }

    private VBox load() {
        VBox panel = Boxes.panel(Labels.heading("What the card can carry"));
        if (card.load().isEmpty()) {
            panel.getChildren().add(Labels.note("No fit: " + card.noLoad() + "."));
            return panel;
        }
        LoadModel model = card.load().orElseThrow();
        LoadView view = new LoadView(theme, model, USUAL_TARGET_PCT);
        VBox sizes = new VBox();
        ChoiceBox<Double> target = Choice.of("target-load", "Load to aim at", pct -> Numbers.text(pct, 0) + " %");
        target.getItems().setAll(80.0, 85.0, 90.0, 95.0);
        target.valueProperty().subscribe(pct -> {
            if (pct != null) {
                view.show(pct);
                sizes.getChildren().setAll(sizes(model, pct));
            }
        });
        target.setValue(USUAL_TARGET_PCT);
        Label law = Labels.note("load = %s + %s × made Mpx/s × size², from %d runs of this scene%s"
                .formatted(
                        fitted(model.idlePct(), 1),
                        fitted(model.perWork(), 4),
                        model.points().size(),
                        model.idlePct().interval().isEmpty() ? "; three give an interval." : "."));
        law.setId("load-law");
        VBox left = new VBox(6, view, new ShareBar(theme, "What the card can carry", view), law);
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setMinWidth(0);
        left.setPrefWidth(240);
        VBox right = new VBox(6, Boxes.row(Labels.of("largest size for a load of", "muted"), target), sizes);
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
        FigureTable table = new FigureTable("sizes", "at a base of " + base + "/s", "2×", "3×", "4×", "5×");
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
                        largest.isUseful()
                                ? "Per axis, with its 95 % interval below."
                                : "Too small to be of use: below 70 % generated motion suffers (common practice).");
            }
        };
    }

    private VBox money() {
        VBox panel = Boxes.panel(Labels.heading("What it takes"));
        card.withoutCard().ifPresent(comparison -> {
            Difference rate = comparison.runs().measure(Measure.RENDERED);
            panel.getChildren()
                    .add(Labels.wrapped(
                            "Native rate with the card in %s/s, with it out %s/s: a difference of %s/s%s. Lanes are shared."
                                    .formatted(
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
                .add(Labels.wrapped((card.supply().state() == Outcome.State.MET
                                ? "● Supply: "
                                : card.supply().state() == Outcome.State.NOT_MET ? "▲ Supply: " : "◌ Supply: ")
                        + card.supply().seen()
                        + "; each connector on its own cable: "
                        + card.connectors().orElse("not stated")
                        + "."));
        Label safety = Labels.wrapped(
                "Mains inside: switch off and unplug before touching a card, let it cool, and follow the makers' manuals and your"
                        + " local electrical rules. The sum is no substitute for them.",
                "safety");
        if (card.price().isPresent() || card.fasterPrice().isPresent()) {
            FigureTable table = new FigureTable(
                    "prices", "for the money", "price", "delivered /s more", "per /s", "ms less", "per ms");
            card.price().ifPresent(price -> price(table, "second card", "from runs of this path", price));
            card.fasterPrice()
                    .ifPresent(price ->
                            price(table, "faster first card instead", "estimate: native frames played again", price));
            panel.getChildren().add(table);
        } else {
            panel.getChildren()
                    .add(Labels.note("State prices on the bench (Rig, Cost) to see what each delivered image costs."));
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

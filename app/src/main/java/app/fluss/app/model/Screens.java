package app.fluss.app.model;

import app.fluss.core.bench.Answer;
import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.display.ModeLag;
import app.fluss.core.display.SmoothedMotion;
import app.fluss.core.display.SmoothingAdvice;
import app.fluss.core.display.VariableWindow;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Cadence;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.StageKind;
import app.fluss.core.path.WorkedOut;
import app.fluss.files.study.Item;
import app.fluss.files.study.Run;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// Works out what belongs to the display of a run.
final class Screens {
    private static final double USUAL_PANEL_HZ = 120;

    private Screens() {}

    static ScreenPicture of(Contents contents, Run run, Analysis analysis) {
        boolean smooths = run.path().chain().has(StageKind.DISPLAY_SMOOTHING);
        double stated = run.setup().number(FactKey.PANEL_HZ);
        double panelHz = Double.isNaN(stated) ? USUAL_PANEL_HZ : stated;
        Optional<SmoothingAdvice> advice = analysis.ledger().map(SmoothingAdvice::of);
        boolean acts = smooths && advice.map(SmoothingAdvice::acts).orElse(false);
        Optional<Item> display = display(contents, run);
        Optional<VariableWindow> window = run.display()
                .filter(mode -> mode.sync() == SyncMode.VRR && mode.vrrFloorHz() > 0)
                .map(mode -> new VariableWindow(mode.vrrFloorHz(), mode.refreshHz()));
        return new ScreenPicture(
                display.map(Item::name),
                modes(contents, run, display),
                advice,
                acts
                        ? analysis.ledger().map(ledger -> SmoothedMotion.of(analysis.slice(), ledger, panelHz))
                        : Optional.empty(),
                panelHz,
                cadence(run, analysis),
                window,
                window.map(range -> showings(range, analysis.rates().delivered()))
                        .orElseGet(() -> Figure.missing(ModelText.REFRESH_IS_FIXED)),
                display.map(item -> WorkedOut.of(BenchPart.DISPLAY, facts(item)))
                        .orElse(List.of()));
    }

    private static Figure showings(VariableWindow window, Figure delivered) {
        return switch (delivered) {
            case Figure.Known(double fps) -> window.showings(fps);
            case Figure.Missing missing -> missing;
        };
    }

    /// The one it was measured on; of a run that does not say, the one that is set to the same refresh and sync.
    private static Optional<Item> display(Contents contents, Run run) {
        Optional<String> name = run.setup().item(BenchPart.DISPLAY);
        if (name.isPresent()) {
            return contents.bench().items(BenchPart.DISPLAY).stream()
                    .filter(item -> item.name().equals(name.get()))
                    .findFirst();
        }
        return run.display()
                .flatMap(mode -> contents.bench().items(BenchPart.DISPLAY).stream()
                        .filter(item -> facts(item).number(FactKey.OUTPUT_HZ) == mode.refreshHz()
                                && facts(item)
                                        .value(FactKey.SYNC)
                                        .equals(Optional.of(mode.sync().label())))
                        .findFirst());
    }

    private static Setup facts(Item item) {
        return Setup.EMPTY.with(item.facts().values());
    }

    private static Optional<Cadence> cadence(Run run, Analysis analysis) {
        double delivered = analysis.rates().delivered().orNaN();
        return run.display()
                .map(DisplayMode::refreshHz)
                .filter(hz -> delivered > 0 && delivered <= hz)
                .map(hz -> new Cadence(delivered, hz));
    }

    /// What was stated of this run, and the picture modes that stand on the bench.
    private static List<ModeLag> modes(Contents contents, Run run, Optional<Item> display) {
        List<ModeLag> modes = new ArrayList<>();
        for (Item mode : contents.bench().items(BenchPart.PICTURE_MODE)) {
            if (display.isEmpty() || mode.parent().orElse(-1) != display.get().id()) {
                continue;
            }
            Optional.ofNullable(mode.facts().get(FactKey.LAG_MS))
                    .ifPresent(lag -> modes.add(new ModeLag(
                            mode.name(),
                            FactKey.number(lag.value()),
                            lag.source() == FactSource.MEASURED,
                            Optional.ofNullable(mode.facts().get(FactKey.OFFERS_SMOOTHING))
                                    .map(Fact::value)
                                    .map(Answer.YES.word()::equals))));
        }
        modes.sort(Comparator.comparingDouble(ModeLag::lagMs));
        double ofRun = run.setup().recorded().number(FactKey.LAG_MS);
        if (!Double.isNaN(ofRun)) {
            modes.addFirst(new ModeLag(ModelText.THIS_RUN, ofRun, false, Optional.empty()));
        }
        return modes;
    }
}

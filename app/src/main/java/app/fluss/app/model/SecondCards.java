package app.fluss.app.model;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.compare.Measure;
import app.fluss.core.gpu.CopyRoute;
import app.fluss.core.gpu.GainPrice;
import app.fluss.core.gpu.LoadModel;
import app.fluss.core.gpu.Slot;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.CardLoads;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Check;
import app.fluss.core.path.StageKind;
import app.fluss.core.tune.FasterCard;
import app.fluss.core.tune.TuneBench;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Works out what belongs to a path with a second card.
final class SecondCards {
    private static final int USUAL_IN_FLIGHT = 2;

    private final Study study;
    private final Contents contents;
    private final Analyses analyses;

    SecondCards(Study study, Contents contents, Analyses analyses) {
        this.study = study;
        this.contents = contents;
        this.analyses = analyses;
    }

    SecondCard of(Run run, Setup setup, List<Run> ofScene, List<Comparison> comparisons) throws StudyException {
        String noRoute = PathWorks.missing(
                setup,
                FactKey.SECOND_SLOT_GENERATION,
                FactKey.SECOND_SLOT_LANES,
                FactKey.WIDTH_PX,
                FactKey.HEIGHT_PX,
                FactKey.COPY_BYTES);
        boolean inSecond = !setup.value(FactKey.CABLE_IN).equals(Optional.of("first card"));
        List<SecondCard.Measured> measured = measured(run, ofScene);
        List<LoadModel.Point> points =
                measured.stream().map(SecondCard.Measured::point).toList();
        Optional<String> noLoad = points.isEmpty()
                ? Optional.of("no run of this scene has the second card's load: log second_gpu_load_pct")
                : LoadModel.refusal(points);
        Optional<FasterCard> faster = faster(run, setup);
        Optional<Comparison> own = comparisons.stream()
                .filter(comparison -> comparison.path().id() == run.path().id())
                .findFirst();
        return new SecondCard(
                noRoute.isEmpty() ? Optional.of(route(setup, run.path().chain(), inSecond)) : Optional.empty(),
                noRoute.isEmpty() ? Optional.of(route(setup, run.path().chain(), !inSecond)) : Optional.empty(),
                noRoute,
                analyses.analysis(study, run).rates().rendered(),
                measured,
                noLoad.isEmpty() ? Optional.of(LoadModel.of(points)) : Optional.empty(),
                noLoad.orElse(""),
                comparisons.stream()
                        .filter(comparison -> comparison.path().isNative())
                        .findFirst(),
                Check.SUPPLY_CARRIES_CARDS.judge(setup),
                setup.value(FactKey.OWN_CABLES),
                own.flatMap(comparison -> price(
                        setup,
                        FactKey.SECOND_CARD_PRICE,
                        comparison.runs().measure(Measure.DELIVERED).difference(),
                        comparison.latency().shiftMs())),
                own.flatMap(comparison -> faster.flatMap(card -> price(
                        setup,
                        FactKey.FASTER_CARD_PRICE,
                        comparison.runs().measure(Measure.DELIVERED).a().map(before -> card.deliveredFps() - before),
                        Figure.of(card.addedMs())))),
                faster);
    }

    private static Optional<GainPrice> price(Setup setup, FactKey key, Figure addedFps, Figure addedMs) {
        double price = setup.number(key);
        return Double.isNaN(price) ? Optional.empty() : Optional.of(new GainPrice(price, addedFps, addedMs));
    }

    private static CopyRoute route(Setup setup, Chain chain, boolean inSecond) {
        Slot slot = new Slot(
                (int) setup.number(FactKey.SECOND_SLOT_GENERATION), (int) setup.number(FactKey.SECOND_SLOT_LANES));
        double multiplier = chain.multiplier();
        return CopyRoute.of(
                slot,
                (int) setup.number(FactKey.WIDTH_PX),
                (int) setup.number(FactKey.HEIGHT_PX),
                (int) setup.number(FactKey.COPY_BYTES),
                inSecond,
                Double.isNaN(multiplier) ? 1 : (int) Math.rint(multiplier));
    }

    /// Runs with the card's load, of paths that work alike but for multiplier and size.
    private List<SecondCard.Measured> measured(Run run, List<Run> ofScene) throws StudyException {
        List<SecondCard.Measured> all = new ArrayList<>();
        Optional<String> mode = setting(run, FactKey.PERFORMANCE_MODE);
        for (Run other : ofScene) {
            Chain chain = other.path().chain();
            if (!chain.has(StageKind.SECOND_GPU)
                    || !setting(other, FactKey.PERFORMANCE_MODE).equals(mode)) {
                continue;
            }
            Analysis analysis = analyses.analysis(study, other);
            Setup facts = Setup.EMPTY.withNamed(study.facts(other)).with(chain.settings());
            double megapixels = facts.number(FactKey.WIDTH_PX) * facts.number(FactKey.HEIGHT_PX) / 1e6;
            double size = facts.number(FactKey.MOTION_ESTIMATION_PCT) / 100;
            double generated = analysis.rates().generated().orNaN();
            double load = CardLoads.of(analysis).second().orNaN();
            if (megapixels * size * generated * load >= 0 && load <= 100) {
                all.add(new SecondCard.Measured(
                        other.path().name(), LoadModel.Point.measured(generated, megapixels, size, load)));
            }
        }
        return all;
    }

    private static Optional<String> setting(Run run, FactKey key) {
        return Optional.ofNullable(run.path().chain().settings().get(key));
    }

    /// A faster first card, from the frames of the first native run.
    private Optional<FasterCard> faster(Run run, Setup setup) throws StudyException {
        double speed = setup.number(FactKey.FASTER_CARD_SPEED);
        Optional<Run> from = contents.baselineRuns(run.sceneId()).stream()
                .filter(one -> one.grade().hasLog() && one.display().isPresent())
                .findFirst();
        if (Double.isNaN(speed) || from.isEmpty()) {
            return Optional.empty();
        }
        double inFlight = setup.number(FactKey.FRAMES_IN_FLIGHT);
        TuneBench bench = new TuneBench(
                0,
                false,
                from.get().display().orElseThrow(),
                Double.isNaN(inFlight) ? USUAL_IN_FLIGHT : (int) inFlight);
        return FasterCard.of(analyses.analysis(study, from.get()).slice(), bench, speed);
    }
}

package app.fluss.app.model;

import app.fluss.core.bench.CardsIn;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.gpu.GainPrice;
import app.fluss.core.gpu.LoadModel;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.CardLoads;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Check;
import app.fluss.core.path.StageKind;
import app.fluss.core.path.StatedCopy;
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
    private final Study study;
    private final Contents contents;
    private final Analyses analyses;

    SecondCards(Study study, Contents contents, Analyses analyses) {
        this.study = study;
        this.contents = contents;
        this.analyses = analyses;
    }

    SecondCard of(Run run, List<Run> ofScene, List<Comparison> comparisons) throws StudyException {
        Setup setup = run.setup();
        boolean inSecond = StatedCopy.isCableInSecond(setup);
        double multiplier = run.path().chain().multiplier();
        List<SecondCard.Measured> measured = measured(run, ofScene);
        List<LoadModel.Point> points =
                measured.stream().map(SecondCard.Measured::point).toList();
        Optional<String> noLoad = points.isEmpty() ? Optional.of(ModelText.NO_SECOND_LOAD) : LoadModel.refusal(points);
        Optional<FasterCard> faster = faster(run, setup);
        Optional<Comparison> own = comparisons.stream()
                .filter(comparison -> comparison.path().id() == run.path().id())
                .findFirst();
        return new SecondCard(
                StatedCopy.route(setup, inSecond, multiplier),
                StatedCopy.route(setup, !inSecond, multiplier),
                String.join(
                        ", ",
                        StatedCopy.missing(setup).stream().map(FactKey::title).toList()),
                analyses.analysis(study, run).rates().rendered(),
                measured,
                noLoad.isEmpty() ? Optional.of(LoadModel.of(points)) : Optional.empty(),
                noLoad.orElse(""),
                comparisons.stream()
                        .filter(comparison -> isWithoutCard(run.sceneId(), comparison))
                        .findFirst(),
                Check.SUPPLY_CARRIES_CARDS.judge(setup),
                setup.value(FactKey.OWN_CABLES),
                own.flatMap(comparison -> price(
                        setup,
                        FactKey.SECOND_CARD_PRICE,
                        comparison.runs().measure(Measure.DELIVERED).difference(),
                        comparison.latency().difference())),
                own.flatMap(comparison -> faster.flatMap(card -> price(
                        setup,
                        FactKey.FASTER_CARD_PRICE,
                        comparison
                                .runs()
                                .measure(Measure.DELIVERED)
                                .a()
                                .mean()
                                .map(before -> card.deliveredFps() - before),
                        Figure.of(card.addedMs())))),
                faster);
    }

    private static Optional<GainPrice> price(Setup setup, FactKey key, Figure addedFps, Figure addedMs) {
        double price = setup.number(key);
        return Double.isNaN(price) ? Optional.empty() : Optional.of(new GainPrice(price, addedFps, addedMs));
    }

    /// Whether native runs with the card out are held against native runs with it in, as their facts say.
    private boolean isWithoutCard(long sceneId, Comparison comparison) {
        return comparison.path().isNative()
                && contents.kept(sceneId, comparison.path().id()).stream()
                        .allMatch(run -> run.setup().is(FactKey.CARDS_IN, CardsIn.FIRST_ONLY))
                && contents.baselineRuns(sceneId).stream()
                        .allMatch(run -> run.setup().is(FactKey.CARDS_IN, CardsIn.BOTH));
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
            Setup facts = other.setup();
            LoadModel.Point.measured(
                            analysis.rates().generated(),
                            facts.number(FactKey.WIDTH_PX) * facts.number(FactKey.HEIGHT_PX),
                            facts.number(FactKey.MOTION_ESTIMATION_PCT),
                            CardLoads.of(analysis).second())
                    .ifPresent(point ->
                            all.add(new SecondCard.Measured(other.path().name(), point)));
        }
        return all;
    }

    private static Optional<String> setting(Run run, FactKey key) {
        return Optional.ofNullable(run.path().chain().settings().get(key));
    }

    /// A faster first card, from the frames of the first native run.
    private Optional<FasterCard> faster(Run run, Setup setup) throws StudyException {
        double speed = setup.number(FactKey.FASTER_CARD_SPEED);
        Optional<Run> from = contents.baselineLog(run.sceneId());
        if (Double.isNaN(speed) || from.isEmpty()) {
            return Optional.empty();
        }
        TuneBench bench = TuneBench.stated(0, false, from.get().display().orElseThrow(), setup);
        return FasterCard.of(analyses.analysis(study, from.get()).slice(), bench, speed);
    }
}

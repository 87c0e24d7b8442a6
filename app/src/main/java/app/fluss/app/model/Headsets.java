package app.fluss.app.model;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.RateHeld;
import app.fluss.core.bench.RefreshRates;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.School;
import app.fluss.core.vr.CompositorRule;
import app.fluss.core.vr.HeadsetReplay;
import app.fluss.core.vr.PixelLaw;
import app.fluss.core.vr.RefreshChoice;
import app.fluss.core.vr.RenderTarget;
import app.fluss.core.vr.ScaleOutlook;
import app.fluss.files.known.AnalysedLatency;
import app.fluss.files.known.Worn;
import app.fluss.files.study.Item;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Works out what belongs to a run in a headset.
final class Headsets {
    /// For each axis: 1.22 and 1.42 draw one and a half times and twice the pixels.
    private static final List<Double> SCALES = List.of(0.8, 1.0, 1.22, 1.42, 1.6);
    private static final int USUAL_IN_FLIGHT = 2;

    private final Study study;
    private final Contents contents;
    private final Analyses analyses;

    Headsets(Study study, Contents contents, Analyses analyses) {
        this.study = study;
        this.contents = contents;
        this.analyses = analyses;
    }

    /// What was shown.
    ///
    /// @return empty if the run was not seen in a headset, or its refresh rate is not stated
    static Optional<HeadsetSeen> seen(Run run, Analysis whole, List<Analysis> sections) {
        return Worn.of(run, whole)
                .map(shown -> new HeadsetSeen(
                        shown,
                        sections.stream()
                                .map(section -> Worn.of(run, section).orElseThrow())
                                .toList()));
    }

    HeadsetWork of(AnalysedRun run, List<Run> ofScene) throws StudyException {
        Setup setup = run.run().setup();
        AnalysedLatency latency = run.latency();
        Optional<RenderTarget> target = RenderTarget.stated(setup);
        Optional<HeadsetReplay.Work> work = HeadsetReplay.Work.of(run.analysis().slice());
        double lead = orElse(setup.number(FactKey.COMPOSITOR_MS), 0);
        int inFlight = (int) orElse(setup.number(FactKey.FRAMES_IN_FLIGHT), USUAL_IN_FLIGHT);
        List<PixelLaw.Point> points = points(ofScene);
        Optional<String> noLaw = points.isEmpty() ? Optional.of(ModelText.STATE_PANEL) : PixelLaw.refusal(points);
        Optional<PixelLaw> law = noLaw.isEmpty() ? Optional.of(PixelLaw.of(points)) : Optional.empty();
        List<Double> rates = Worn.refreshRates(run.run());
        Optional<HeadsetReplay.Work> played = work.filter(_ -> !rates.isEmpty());
        Optional<HeadsetReplay> now = rates.isEmpty()
                ? Optional.empty()
                : Optional.of(new HeadsetReplay(
                        orElse(setup.number(FactKey.HEADSET_HZ), rates.getFirst()),
                        lead,
                        CompositorRule.newest(setup.is(FactKey.REPROJECTION_LOCK, RateHeld.HALF)),
                        inFlight));
        return new HeadsetWork(
                latency.headMs(),
                latency.measured().isPresent()
                        ? latency.measured().get().figures().mean()
                        : latency.estimate()
                                .map(stages -> stages.total().mean())
                                .orElseGet(() -> Figure.missing(latency.noEstimate())),
                latency.measured().isPresent(),
                target,
                RenderTarget.missing(setup),
                work,
                lead,
                inFlight,
                played.map(frames -> RefreshChoice.of(frames, 1, rates, lead, inFlight, School.FULL_RATE_ONLY)),
                played.map(frames -> RefreshChoice.of(frames, 1, rates, lead, inFlight, School.STEADY_HALF_RATE)),
                law,
                noLaw.orElse(""),
                law.isPresent() && work.isPresent() && target.isPresent() && now.isPresent()
                        ? ScaleOutlook.of(law.get(), work.get(), target.get(), now.get(), SCALES)
                        : List.of(),
                law.isPresent() && work.isPresent() && target.isPresent()
                        ? others(setup, law.get(), work.get(), target.get(), inFlight)
                        : List.of());
    }

    private static double orElse(double value, double otherwise) {
        return Double.isNaN(value) ? otherwise : value;
    }

    /// Each run of the scene whose pixels are known, by its GPU work.
    private List<PixelLaw.Point> points(List<Run> ofScene) throws StudyException {
        List<PixelLaw.Point> points = new ArrayList<>();
        for (Run run : ofScene) {
            Optional<RenderTarget> target = RenderTarget.stated(run.setup());
            Analysis analysis = analyses.analysis(study, run);
            Optional<HeadsetReplay.Work> work = HeadsetReplay.Work.of(analysis.slice());
            if (Worn.is(run) && target.isPresent() && work.isPresent()) {
                PixelLaw.Point.measured(
                                target.get().megapixels(),
                                work.get().gpuMs(),
                                analysis.times().elapsedMs())
                        .ifPresent(points::add);
            }
        }
        return points;
    }

    private List<HeadsetWork.Other> others(
            Setup setup, PixelLaw law, HeadsetReplay.Work work, RenderTarget measured, int inFlight) {
        List<HeadsetWork.Other> all = new ArrayList<>();
        for (Item item : contents.bench().items(BenchPart.HEADSET)) {
            Setup theirs = setup.with(item.facts().values());
            Optional<RenderTarget> target = RenderTarget.stated(theirs);
            List<Double> rates = RefreshRates.of(
                    Setup.EMPTY.with(item.facts().values()), FactKey.HEADSET_REFRESH_LIST, FactKey.HEADSET_HZ);
            if (target.isPresent() && !rates.isEmpty()) {
                double pixels = target.get().megapixels();
                Optional<PixelLaw.Predicted> rate = law.rate(pixels);
                Figure times = law.multiplier(pixels, measured.megapixels());
                all.add(new HeadsetWork.Other(
                        item.name(),
                        pixels,
                        rate.map(predicted -> Figure.of(predicted.value()))
                                .orElseGet(() -> Figure.missing(ModelText.FRAME_TIME_OPEN)),
                        rate.map(PixelLaw.Predicted::interval),
                        RefreshChoice.of(
                                        work,
                                        1 / orElse(times.orNaN(), 1),
                                        rates,
                                        orElse(theirs.number(FactKey.COMPOSITOR_MS), 0),
                                        inFlight,
                                        School.FULL_RATE_ONLY)
                                .outlooks()));
            }
        }
        return List.copyOf(all);
    }
}

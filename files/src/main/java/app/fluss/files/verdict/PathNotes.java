package app.fluss.files.verdict;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.tune.FasterCard;
import app.fluss.core.tune.TuneBench;
import app.fluss.core.verdict.School;
import app.fluss.core.vr.HeadsetReplay;
import app.fluss.core.vr.RefreshChoice;
import app.fluss.files.compare.Pair;
import app.fluss.files.known.StreamWork;
import app.fluss.files.known.Worn;
import app.fluss.files.study.Run;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/// What is worth knowing of a path beside its claims: what hitches of a stream come from, what a second card costs
/// beside a faster one, which refresh rate of a headset suits.
final class PathNotes {
    private static final int USUAL_IN_FLIGHT = 2;

    private final Pair.Figures figures;

    PathNotes(Pair.Figures figures) {
        this.figures = figures;
    }

    List<String> of(Pair pair, RunComparison compared, Optional<StreamWork> stream) throws StudyException {
        Run first = pair.b().getFirst();
        Chain chain = first.path().chain();
        List<String> notes = new ArrayList<>();
        stream.ifPresent(one -> stream(notes, one));
        if (chain.has(StageKind.SECOND_GPU)) {
            prices(notes, pair, compared);
        }
        if (Worn.is(first)) {
            refresh(notes, first);
        }
        return List.copyOf(notes);
    }

    private static void stream(List<String> notes, StreamWork stream) {
        stream.blame().ifPresent(blamed -> {
            String causes = Blame.totals(blamed.hitches()).entrySet().stream()
                    .filter(one -> one.getValue() > 0)
                    .map(one -> "%s %d".formatted(one.getKey().title(), one.getValue()))
                    .collect(Collectors.joining(", "));
            notes.add(causes.isEmpty() ? "No hitch at the client." : "Hitches by cause: %s.".formatted(causes));
        });
        if (!Double.isNaN(stream.bufferMs())) {
            notes.add(String.format(Locale.ROOT, "The client holds %.1f ms back.", stream.bufferMs()));
        }
    }

    private void prices(List<String> notes, Pair pair, RunComparison compared) throws StudyException {
        Setup setup = pair.b().getFirst().setup();
        double price = setup.number(FactKey.SECOND_CARD_PRICE);
        Figure added = compared.measure(Measure.DELIVERED).difference();
        if (!Double.isNaN(price)) {
            notes.add("The second card costs %s%s.".formatted(money(price), gain(added)));
        }
        double faster = setup.number(FactKey.FASTER_CARD_PRICE);
        if (!Double.isNaN(faster)) {
            notes.add("A faster single card costs %s%s.".formatted(money(faster), gain(faster(pair, setup))));
        }
    }

    private static String money(double price) {
        return String.format(Locale.ROOT, "%.0f", price);
    }

    private static String gain(Figure added) {
        return added.isKnown() ? String.format(Locale.ROOT, " for %+.0f delivered images/s", added.orNaN()) : "";
    }

    /// What it would deliver more, from the frames of the first native run.
    private Figure faster(Pair pair, Setup setup) throws StudyException {
        double speed = setup.number(FactKey.FASTER_CARD_SPEED);
        Run from = pair.a().getFirst();
        if (!(speed > 0) || from.display().isEmpty() || !from.hasLog()) {
            return Figure.missing("its speed is not stated, or there is no native log");
        }
        TuneBench bench = TuneBench.stated(0, false, from.display().orElseThrow(), setup);
        Optional<FasterCard> card = FasterCard.of(figures.of(from).slice(), bench, speed);
        return Figure.ofFinite(card.map(FasterCard::deliveredFps).orElse(Double.NaN), "the log has no work of frames")
                .with(figures.of(from).rates().delivered(), (then, now) -> then - now);
    }

    /// By both schools of headsets, from the frames of this run.
    private void refresh(List<String> notes, Run run) throws StudyException {
        Setup setup = run.setup();
        List<Double> rates = Worn.refreshRates(run);
        Optional<HeadsetReplay.Work> work =
                HeadsetReplay.Work.of(figures.of(run).slice());
        if (work.isEmpty() || rates.isEmpty()) {
            return;
        }
        double lead = setup.number(FactKey.COMPOSITOR_MS);
        double inFlight = setup.number(FactKey.FRAMES_IN_FLIGHT);
        for (School school : List.of(School.FULL_RATE_ONLY, School.STEADY_HALF_RATE)) {
            Figure chosen = RefreshChoice.of(
                            work.get(),
                            1,
                            rates,
                            Double.isNaN(lead) ? 0 : lead,
                            Double.isNaN(inFlight) ? USUAL_IN_FLIGHT : (int) inFlight,
                            school)
                    .chosenHz();
            notes.add(
                    switch (chosen) {
                        case Figure.Known(double hz) ->
                            String.format(
                                    Locale.ROOT,
                                    "By %s its frames suit %.0f Hz at most (estimated).",
                                    school.title(),
                                    hz);
                        case Figure.Missing(String why) -> "By %s %s (estimated).".formatted(school.title(), why);
                    });
        }
    }
}

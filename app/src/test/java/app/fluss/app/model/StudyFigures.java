package app.fluss.app.model;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Measure;
import app.fluss.core.work.Progress;
import app.fluss.files.bench.Requirements;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Every figure that the window works out of a study, a line each, to hold one state of the program against
/// another.
final class StudyFigures {
    private final List<String> lines = new ArrayList<>();

    static List<String> of(Study study) throws Exception {
        StudyFigures figures = new StudyFigures();
        Contents now = Contents.of(study, 1);
        Analyses analyses = new Analyses(Requirements.all());
        for (Run run : now.runs()) {
            figures.run(study, now, analyses, run);
        }
        return figures.lines;
    }

    private void run(Study study, Contents now, Analyses analyses, Run run) throws Exception {
        String name = now.place(run) + " · " + run.name();
        AnalysedRun worked = analyses.analyse(study, now, run);
        Analysis analysis = worked.analysis();
        line(name, "grade", run.grade());
        for (Measure measure : Measure.COMPARED) {
            line(name, measure.name(), measure.of(analysis));
        }
        line(name, "tenth percent low", analysis.tenthPercentLow());
        line(name, "spread", analysis.spread());
        line(name, "pacing", analysis.pacing());
        line(name, "limits", analysis.limits());
        line(name, "headroom", analysis.headroom());
        line(name, "motion", analysis.motion());
        analysis.ledger().ifPresent(ledger -> {
            line(name, "holds", ledger.holdCounts());
            line(name, "lost", ledger.lost());
        });
        line(name, "ways", worked.ways());
        worked.latency().measured().ifPresent(seen -> {
            line(name, "latency", seen.figures());
            line(name, "budget ms", seen.budget().expandedMs());
        });
        worked.latency().estimate().ifPresent(stages -> line(name, "estimate", stages.total()));
        line(name, "shares", worked.latency().shares());
        line(name, "head", worked.latency().headMs());
        worked.latency().unexplained().ifPresent(left -> line(name, "unexplained", left));
        worked.headset().ifPresent(seen -> line(name, "headset", seen));
        worked.stream().ifPresent(seen -> line(name, "hitches", seen.blame().map(b -> b.hitches())));
        List<Comparison> compared = analyses.compare(study, now, run, Progress.NONE);
        for (Comparison comparison : compared) {
            String against = name + " | " + comparison.path().name();
            comparison
                    .runs()
                    .measures()
                    .forEach((measure, one) -> line(
                            against,
                            measure.name(),
                            List.of(one.a().mean(), one.b().mean(), one.interval(), one.ratioInterval())));
            line(against, "generation", comparison.runs().generation());
            line(
                    against,
                    "latency",
                    List.of(
                            comparison.latency().difference(),
                            comparison.latency().method(),
                            comparison.latency().interval()));
        }
        PathWork work = new PathWorks(study, now, analyses).of(worked, compared);
        work.ladders().forEach(ladder -> line(name, "ladder", ladder.rungs().size()));
        work.secondCard()
                .ifPresent(
                        card -> line(name, "second card", List.of(card.route(), card.otherRoute(), card.measured())));
        work.screen().ifPresent(screen -> line(name, "screen", screen));
        work.headset().ifPresent(seen -> line(name, "headset target", seen.target() + " " + seen.scales()));
        line(name, "power", work.power());
    }

    private void line(String name, String what, Object value) {
        String text =
                value instanceof Optional<?> maybe ? maybe.map(Object::toString).orElse("-") : value.toString();
        lines.add(name + " | " + what + " | " + text.replaceAll("@[0-9a-f]{4,}", "@"));
    }
}

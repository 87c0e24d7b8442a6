package app.fluss.app.model;

import app.fluss.core.frame.Channel;
import app.fluss.core.means.Question;
import app.fluss.core.means.Way;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.path.Chain;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.files.log.InputException;
import app.fluss.files.log.Summary;
import app.fluss.files.study.Claim;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredNumbers;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What counters and tools said of a run, reading by reading where that is there.
///
/// @param claimed what it comes to
/// @param readings what a counter said over time; empty if none was read, or it cannot be read again
/// @param loads mean of each sensor that was noted
/// @param known how well each question is answered; a question that is not is left out
/// @param open what it cannot tell, each with the quickest way to know it on its path
public record NotedRun(
        Claimed claimed,
        Optional<ReadingSeries> readings,
        Map<Channel, Figure> loads,
        Map<Question, Grade> known,
        List<Next> open) {
    /// A question with the quickest way to a better answer than there is.
    ///
    /// @param question what is asked
    /// @param way how to answer it
    public record Next(Question question, Way way) {}

    /// @param recorded the numbers on a recording of it
    static NotedRun of(Study open, Run run, Optional<StoredNumbers> recorded) throws StudyException {
        Optional<ReadingSeries> readings = readings(open, run);
        Map<Channel, Figure> loads = new EnumMap<>(Channel.class);
        readings.ifPresent(series -> loads.putAll(series.loads()));
        Optional<Summary> summary = open.evidence(run, EvidenceKinds.SUMMARY);
        summary.ifPresent(told -> loads.putAll(told.loads()));
        recorded.ifPresent(numbers -> numbers.series()
                .forEach((name, series) -> OverlayKind.of(name)
                        .channel()
                        .filter(_ -> series.mean().isKnown())
                        .ifPresent(channel -> loads.put(channel, series.mean()))));
        Map<Question, Grade> known = known(run);
        return new NotedRun(
                run.claimed(), readings, loads, known, open(known, run.path().chain()));
    }

    /// Readings that an older Fluss took and this one would refuse keep their figures, without their course.
    private static Optional<ReadingSeries> readings(Study open, Run run) throws StudyException {
        try {
            return open.evidence(run, EvidenceKinds.READINGS);
        } catch (StudyException e) {
            if (e.getCause() instanceof InputException) {
                return Optional.empty();
            }
            throw e;
        }
    }

    private static Map<Question, Grade> known(Run run) {
        Map<Question, Grade> known = new EnumMap<>(Question.class);
        Optional<Grade> claim =
                run.claims().stream().map(one -> one.kind().grade()).min(Grade::compareTo);
        claim.ifPresent(grade -> known.put(Question.RATES, grade));
        run.claims().stream()
                .filter(one -> one.said().onePercentLow().isKnown())
                .map(Claim::kind)
                .findFirst()
                .ifPresent(kind -> known.put(Question.LOWS, kind.grade()));
        if (run.has(EvidenceKinds.LATENCY)) {
            known.put(Question.LATENCY, Grade.A);
        }
        if (run.has(EvidenceKinds.CLIP_COUNT)) {
            known.put(Question.DISTINCT, Grade.D);
            known.put(Question.EVENNESS, Grade.D);
        }
        return known;
    }

    private static List<Next> open(Map<Question, Grade> known, Chain path) {
        List<Next> open = new ArrayList<>();
        for (Question question : Question.values()) {
            if (!known.containsKey(question)) {
                Way.quickest(question, path).ifPresent(way -> open.add(new Next(question, way)));
            }
        }
        return open;
    }
}

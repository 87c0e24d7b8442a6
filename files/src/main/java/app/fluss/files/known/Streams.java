package app.fluss.files.known;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.path.StageKind;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.StreamOutlooks;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.stream.blame.TwoLanes;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.Optional;

/// Works out what belongs to a run over a stream.
public final class Streams {
    private Streams() {}

    /// What its logs and its probe tell.
    ///
    /// @return empty if the run's path has no stream, or the run has no log
    public static Optional<StreamWork> of(Study study, Run run, Analysis analysis) throws StudyException {
        if (!run.path().chain().has(StageKind.HOME_STREAM) || !run.hasLog()) {
            return Optional.empty();
        }
        Optional<ProbeTrace> trace = study.evidence(run, EvidenceKinds.LINK_PROBE);
        Setup setup = run.setup();
        Optional<ProbeReport> report = trace.map(ProbeReport::of);
        Optional<StreamBudget> budget = StreamBudget.stated(setup, report.map(ProbeReport::arrivals));
        return Optional.of(new StreamWork(
                report,
                trace.map(ProbeTrace::simulated).orElse(false),
                budget,
                budget.map(StreamOutlooks::of),
                StreamBudget.missing(setup),
                setup.number(FactKey.BUFFER_MS),
                study.evidence(run, EvidenceKinds.HOST_LOG)
                        .map(host -> blamed(host, analysis.slice().log()))));
    }

    private static StreamWork.Blamed blamed(FrameLog host, FrameLog client) {
        Alignment alignment = Alignment.of(host, client);
        return new StreamWork.Blamed(
                alignment, Blame.of(host, client, alignment), TwoLanes.of(host, client, alignment));
    }
}

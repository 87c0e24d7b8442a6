package app.fluss.app.model;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.StreamFindings;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.path.StageKind;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.stream.blame.TwoLanes;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Works out what belongs to a run over a stream.
final class Streams {
    private Streams() {}

    /// What its logs and its probe tell.
    ///
    /// @return empty if the run's path has no stream, or the run has no log
    static Optional<StreamWork> of(Study study, Run run, Setup setup, Analysis analysis)
            throws StudyException, IOException {
        if (!run.path().chain().has(StageKind.HOME_STREAM) || !run.grade().hasLog()) {
            return Optional.empty();
        }
        Optional<ProbeTrace> trace = study.stream().probe(run);
        Optional<ProbeReport> report = trace.map(ProbeReport::of);
        return Optional.of(new StreamWork(
                report,
                trace.map(ProbeTrace::simulated).orElse(false),
                StreamBudget.stated(setup, report.map(ProbeReport::arrivals)),
                StreamBudget.missing(setup),
                setup.number(FactKey.BUFFER_MS),
                study.stream()
                        .hostLog(run)
                        .map(host -> blamed(host, analysis.slice().log()))));
    }

    private static StreamWork.Blamed blamed(FrameLog host, FrameLog client) {
        Alignment alignment = Alignment.of(host, client);
        return new StreamWork.Blamed(
                alignment, Blame.of(host, client, alignment), TwoLanes.of(host, client, alignment));
    }

    static List<Finding> findings(StreamWork stream) {
        List<Finding> all = new ArrayList<>();
        stream.blame().ifPresent(blamed -> all.addAll(StreamFindings.of(blamed.hitches(), blamed.alignment())));
        stream.probe().ifPresent(probe -> all.addAll(StreamFindings.of(probe, stream.bufferMs())));
        return all;
    }
}

package app.fluss.files.study;

import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Excerpt;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.log.InputException;
import app.fluss.files.study.EvidenceKind.Rows;
import app.fluss.files.study.StoredLatency.HandMark;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import java.io.IOException;
import java.util.Optional;

/// What the analyst says of measured latency. Every method has committed when it returns.
public final class LatencyRecords {
    private final Steps steps;
    private final EvidenceShelf shelf;

    LatencyRecords(Steps steps, EvidenceShelf shelf) {
        this.steps = steps;
        this.shelf = shelf;
    }

    /// The light around a trial; empty for samples that came as samples.
    public Optional<Excerpt> excerpt(StoredLatency latency, JudgedTrial trial) throws StudyException {
        return steps.read(() -> steps
                .sql()
                .list(
                        "SELECT from_ms, step_ms, data FROM excerpt WHERE sha256 = ? AND swapped = ? AND number = ?",
                        LatencyKind::excerpt,
                        latency.sha256(),
                        latency.swapped(),
                        trial.number())
                .stream()
                .findFirst());
    }

    /// Says whether a trial counts.
    ///
    /// @param accepted empty to take back what was said
    public void judge(JudgedTrial trial, Optional<Boolean> accepted) throws StudyException {
        String what = accepted.map(yes -> yes ? "accept" : "reject").orElse("take back the judgement of");
        steps.change(
                "%s trial %d".formatted(what, trial.number()),
                () -> steps.sql().run("UPDATE trial SET judged = ? WHERE id = ?", accepted.orElse(null), trial.id()));
    }

    /// Sets the mark of a trial's light by hand.
    ///
    /// @param mark empty to put it back where it was found
    public void mark(JudgedTrial trial, Optional<HandMark> mark) throws StudyException {
        String what = mark.isPresent() ? "set the mark of trial %d" : "put the mark of trial %d back";
        steps.change(
                what.formatted(trial.number()),
                () -> steps.sql()
                        .run(
                                "UPDATE trial SET hand_ms = ?, hand_within_ms = ? WHERE id = ?",
                                mark.map(HandMark::photonMs).orElse(null),
                                mark.map(HandMark::withinMs).orElse(null),
                                trial.id()));
    }

    /// Looks at the evidence again with other settings; what was said of trials goes.
    ///
    /// @param swapped whether to take the channels in each other's place
    public void lookAgain(Run run, EdgeSettings settings, boolean swapped, Progress progress)
            throws StudyException, IOException {
        Attached attached = run.attached(EvidenceKinds.LATENCY).orElseThrow();
        try (Packing packing = new Packing()) {
            LatencyReading reading = EvidenceKinds.LATENCY.withRaw(
                    shelf.kept(),
                    attached.sha256(),
                    attached.fileName(),
                    raw -> LatencyReading.of(raw, swapped, settings, progress));
            Rows rows = EvidenceKinds.LATENCY.pack(reading, packing);
            steps.change("look at the latency of %s again".formatted(run.name()), () -> {
                shelf.delete(EvidenceKinds.LATENCY, run.id());
                return rows.insert(shelf.kept(), run.id(), attached.sha256());
            });
        } catch (InputException e) {
            throw new StudyException(String.valueOf(e.getMessage()), e);
        }
    }
}

package app.fluss.files.study;

import app.fluss.core.toggle.ToggleMark;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// Adds runs with their evidence. What is heavy is done before the step, so that a quick commit never waits for it.
final class RunAdder {
    private final Steps steps;
    private final RunRows rows;
    private final EvidenceShelf shelf;

    RunAdder(Steps steps, RunRows rows, EvidenceShelf shelf) {
        this.steps = steps;
        this.rows = rows;
        this.shelf = shelf;
    }

    /// Adds evidence to a run, which `run` may make within the step.
    Run add(String label, List<? extends RunEvidence<?>> evidence, Progress progress, UndoLog.Work<Long> run)
            throws StudyException, IOException {
        steps.requireWritable();
        try (Packing packing = new Packing()) {
            List<EvidenceShelf.Packet> packets = shelf.pack(evidence, packing, progress);
            List<ToggleMark> switches = Switched.of(evidence);
            return steps.change(label, () -> {
                long id = run.run();
                shelf.add(id, packets, packing);
                if (!switches.isEmpty()) {
                    rows.setToggles(id, switches);
                }
                return rows.numbered(id).orElseThrow();
            });
        }
    }

    private record Waiting(RunDraft draft, List<EvidenceShelf.Packet> packets, List<ToggleMark> switches) {}

    /// Adds many runs in one step; each is made when its turn comes.
    List<Run> addAll(List<NewRun.Source> added, Progress progress) throws StudyException, IOException, InputException {
        steps.requireWritable();
        try (Packing packing = new Packing()) {
            List<Waiting> waiting = new ArrayList<>();
            for (NewRun.Source one : added) {
                Progress turn =
                        progress.part((double) waiting.size() / added.size(), (waiting.size() + 1.0) / added.size());
                NewRun run = one.make(turn.part(0, 0.5));
                waiting.add(new Waiting(
                        run.draft(),
                        shelf.pack(run.evidence(), packing, turn.part(0.5, 1)),
                        Switched.of(run.evidence())));
            }
            return steps.change("add %d runs".formatted(added.size()), () -> {
                List<Run> runs = new ArrayList<>();
                for (Waiting one : waiting) {
                    long id = rows.insert(one.draft);
                    shelf.add(id, one.packets, packing);
                    rows.setToggles(id, one.switches);
                    runs.add(rows.numbered(id).orElseThrow());
                }
                return runs;
            });
        }
    }

    /// Puts a run that was typed elsewhere, with other readings.
    Run correct(Run run, NewRun corrected, Progress progress) throws StudyException, IOException {
        steps.requireWritable();
        try (Packing packing = new Packing()) {
            List<EvidenceShelf.Packet> packets = shelf.pack(corrected.evidence(), packing, progress);
            return steps.change("correct run " + run.name(), () -> {
                rows.place(run.id(), corrected.draft());
                shelf.delete(EvidenceKinds.READINGS, run.id());
                shelf.delete(EvidenceKinds.SUMMARY, run.id());
                shelf.add(run.id(), packets, packing);
                return rows.numbered(run.id()).orElseThrow();
            });
        }
    }
}

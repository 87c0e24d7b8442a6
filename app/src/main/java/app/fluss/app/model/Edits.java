package app.fluss.app.model;

import java.util.Optional;
import java.util.function.Consumer;

/// Changes of the study that was open when this was asked for, and of no other: a screen or a dialog that
/// outlives its study changes nothing. Asked for where a dialog is opened, or at the moment of a click.
public final class Edits {
    private final Workbench workbench;
    private final Optional<Open> made;

    Edits(Workbench workbench, Optional<Open> made) {
        this.workbench = workbench;
        this.made = made;
    }

    /// Runs: what they were measured on, whether they count, their sections.
    public RunEdits runs() {
        return new RunEdits(this);
    }

    /// Evidence, on its way in and afterwards.
    public EvidenceEdits evidence() {
        return new EvidenceEdits(this);
    }

    /// The bench, its games, scenes and paths.
    public BenchEdits bench() {
        return new BenchEdits(this);
    }

    /// The plan.
    public PlanEdits plan() {
        return new PlanEdits(this);
    }

    /// Schools, and which of them games are judged by.
    public SchoolEdits schools() {
        return new SchoolEdits(this);
    }

    /// What is known of people.
    public PeopleEdits people() {
        return new PeopleEdits(this);
    }

    /// What is measured right now.
    public CaptureEdits capture() {
        return new CaptureEdits(this);
    }

    /// Takes the last step back.
    public void undo() {
        change(ModelText.UNDO, study -> study.undo());
    }

    /// Does the last step again that was taken back.
    public void redo() {
        change(ModelText.REDO, study -> study.redo());
    }

    void change(String name, Workbench.Change change) {
        made.ifPresent(open -> workbench.change(open, name, change));
    }

    void note(String name, Workbench.Change change) {
        note(name, change, () -> {});
    }

    void note(String name, Workbench.Change change, Runnable done) {
        made.ifPresent(open -> workbench.note(open, name, change, done));
    }

    void add(String name, Workbench.Addition add, Consumer<Exception> failed) {
        made.ifPresent(open -> workbench.add(open, name, add, failed));
    }
}

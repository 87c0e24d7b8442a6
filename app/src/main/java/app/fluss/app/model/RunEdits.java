package app.fluss.app.model;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Section;
import app.fluss.core.toggle.ToggleMark;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.StoredSection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// Changes of runs.
public final class RunEdits {
    private final Edits edits;

    RunEdits(Edits edits) {
        this.edits = edits;
    }

    /// States the recorded facts of a run anew, by their names in files; what stays as it was keeps its source.
    public void state(Run run, Map<String, String> facts) {
        Setup before = run.setup();
        Setup stated = Setup.EMPTY
                .with(before.facts().stream()
                        .filter(fact -> fact.value().equals(facts.get(fact.key().id()))
                                || !fact.source().isRecorded())
                        .toList())
                .withItems(before.items());
        Map<String, String> more = new TreeMap<>(facts);
        stated.facts().stream()
                .filter(fact -> fact.source().isRecorded())
                .forEach(fact -> more.remove(fact.key().id()));
        set(ModelText.STATING_FACTS, run, stated.withNamed(more, FactSource.TYPED));
    }

    /// States the display mode that a run was measured on.
    public void state(Run run, DisplayMode mode) {
        set(ModelText.STATING_DISPLAY, run, run.setup().withDisplay(mode, FactSource.TYPED));
    }

    /// Takes over what the bench has now, where the run itself does not say otherwise.
    public void takeBench(Run run, Setup bench) {
        set(ModelText.TAKING_BENCHS_FACTS, run, bench.overlaid(run.setup().recorded()));
    }

    private void set(String name, Run run, Setup setup) {
        edits.change(name, study -> study.setSetup(run, setup));
    }

    /// Says where the path of a run was switched on and off while it went on; nowhere makes it a whole run again.
    public void setToggles(Run run, List<ToggleMark> marks) {
        edits.change(ModelText.MARKING_SWITCHES, study -> study.setToggles(run, marks));
    }

    /// Says whether runs count.
    ///
    /// @param reason why not; empty if they do
    public void setOutcome(List<Run> runs, Outcome outcome, String reason) {
        edits.change(ModelText.MARKING_RUNS, study -> study.gamesAndRuns().setOutcome(runs, outcome, reason));
    }

    /// Gives a run another name.
    public void rename(Run run, String name) {
        edits.change(ModelText.RENAMING_RUN, study -> study.gamesAndRuns().rename(run, name));
    }

    /// Says that runs are of another scene.
    public void move(List<Run> runs, Scene scene) {
        edits.change(ModelText.MOVING_RUNS, study -> study.gamesAndRuns().move(runs, scene));
    }

    /// Says that runs were measured on another path.
    public void setPath(List<Run> runs, DeliveryPath path) {
        edits.change(ModelText.MOVING_RUNS, study -> study.gamesAndRuns().setPath(runs, path));
    }

    /// Says that runs were measured in the scene of another and on its path.
    public void join(List<Run> runs, Run other) {
        edits.change(ModelText.MOVING_RUNS, study -> study.gamesAndRuns().join(runs, other));
    }

    /// States facts of several runs, by their names in files; what is not named stays.
    public void state(List<Run> runs, Map<String, String> facts) {
        edits.change(ModelText.STATING_FACTS, study -> study.gamesAndRuns().state(runs, facts));
    }

    /// Removes runs.
    public void remove(List<Run> runs) {
        edits.change(ModelText.REMOVING_RUNS, study -> study.gamesAndRuns().remove(runs));
    }

    /// Marks a section of a run.
    public void mark(Run run, Section section) {
        edits.change(ModelText.MARKING_SECTION, study -> study.addSection(run, section));
    }

    /// Says how heavy a section is.
    public void setWeight(StoredSection section, Section.Weight weight) {
        edits.change(ModelText.SETTING_WEIGHT, study -> study.setWeight(section, weight));
    }

    /// Gives a section another name.
    public void rename(StoredSection section, String name) {
        edits.change(ModelText.RENAMING_SECTION, study -> study.renameSection(section, name));
    }

    /// Removes the mark of a section.
    public void remove(StoredSection section) {
        edits.change(ModelText.REMOVING_MARK, study -> study.removeSection(section));
    }
}

package app.fluss.app.model;

import app.fluss.core.measure.Analysis;
import app.fluss.core.path.Requirement;
import app.fluss.core.work.Progress;
import app.fluss.files.bench.Requirements;
import app.fluss.files.study.Attempt;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;

/// The open study, what is selected in it, and what was worked out for that. Lives on the interface thread; the
/// work goes to [Jobs].
public final class Workbench {
    private final Jobs jobs;
    private final Consumer<String> problems;
    private final ReadOnlyObjectWrapper<@Nullable Study> study = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Contents> contents = new ReadOnlyObjectWrapper<>(Contents.EMPTY);
    private final ObjectProperty<@Nullable Run> selected = new SimpleObjectProperty<>();
    private final ReadOnlyObjectWrapper<@Nullable AnalysedRun> analysed = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<Comparison>> comparisons = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<PathWork> pathWork = new ReadOnlyObjectWrapper<>(PathWork.NONE);
    private final ObjectProperty<@Nullable DeliveryPath> path = new SimpleObjectProperty<>();
    private final List<Requirement> requirements = Requirements.all();
    private final Analyses analyses = new Analyses(requirements);
    private final AtomicLong version = new AtomicLong();

    /// @param problems is told, in words, what went wrong
    public Workbench(Jobs jobs, Consumer<String> problems) {
        this.jobs = jobs;
        this.problems = problems;
        selected.subscribe(this::show);
        contents.subscribe(this::refreshPath);
    }

    /// Changes the study.
    @FunctionalInterface
    public interface Change {
        /// Does it.
        void on(Study study) throws StudyException, IOException;
    }

    /// Adds a run to the study.
    @FunctionalInterface
    public interface Addition {
        /// Does it.
        Run to(Study study, Progress progress) throws Exception;
    }

    /// Takes over an open study and closes the one before.
    public void use(Study opened) {
        Study before = study.get();
        study.set(opened);
        selected.set(null);
        jobs.start(
                "Opening " + opened.file().getFileName(),
                _ -> {
                    analyses.forget();
                    if (before != null) {
                        before.close();
                    }
                    return read(opened);
                },
                now -> {
                    contents.set(now);
                    now.runs().stream().findFirst().ifPresent(selected::set);
                },
                this::tell);
    }

    private void refreshPath(Contents now) {
        DeliveryPath shown = path.get();
        if (shown != null) {
            path.set(now.bench().paths().stream()
                    .filter(other -> other.id() == shown.id())
                    .findFirst()
                    .orElse(null));
        }
    }

    /// Closes the study.
    public void close() {
        Study open = study.get();
        if (open != null) {
            try {
                open.close();
            } catch (StudyException e) {
                tell(e);
            }
        }
    }

    private void tell(Exception e) {
        problems.accept(String.valueOf(e.getMessage()));
    }

    /// Changes the study and shows it as it then is. The work goes to the worker, for another change may still
    /// be at it.
    public void change(String name, Change change) {
        Study open = study.get();
        if (open == null) {
            return;
        }
        jobs.start(
                name,
                _ -> {
                    change.on(open);
                    return read(open);
                },
                this::take,
                e -> {
                    tell(e);
                    take(contents.get());
                });
    }

    /// Changes something that no figure of a run rests on: the bench, the plan, what is being measured. It is
    /// committed at once, also while a long job runs.
    public void note(String name, Change change) {
        note(name, change, () -> {});
    }

    /// The same.
    ///
    /// @param done is told once it is committed and shown
    public void note(String name, Change change, Runnable done) {
        Study open = study.get();
        if (open == null) {
            return;
        }
        jobs.quick(
                name,
                () -> {
                    change.on(open);
                    return read(open);
                },
                now -> {
                    if (!isLate(now)) {
                        contents.set(now);
                    }
                    done.run();
                },
                this::tell);
    }

    /// Adds a run and looks at it.
    ///
    /// @param add adds it to the study
    /// @param failed is told why it could not
    public void add(String name, Addition add, Consumer<Exception> failed) {
        Study open = study.get();
        if (open == null) {
            return;
        }
        jobs.start(
                name,
                progress -> {
                    Run run = add.to(open, progress);
                    return new Added(run, read(open));
                },
                added -> {
                    take(added.contents);
                    selected.set(added.run);
                },
                failed);
    }

    private Contents read(Study open) throws StudyException {
        return Contents.of(open, version.incrementAndGet());
    }

    /// Two threads read the study: what was read before what is shown is passed over.
    private boolean isLate(Contents now) {
        return now.version() < contents.get().version();
    }

    private void take(Contents now) {
        if (!isLate(now)) {
            contents.set(now);
        }
        Run run = selected.get();
        Optional<Run> still = run == null
                ? Optional.empty()
                : contents.get().runs().stream().filter(r -> r.id() == run.id()).findFirst();
        if (run != null && still.isPresent() && still.get().equals(run)) {
            show(run);
        } else {
            selected.set(still.orElse(null));
        }
    }

    private void show(@Nullable Run run) {
        if (run != null) {
            path.set(run.path());
        }
        Study open = study.get();
        if (run == null || open == null) {
            analysed.set(null);
            comparisons.set(List.of());
            pathWork.set(PathWork.NONE);
            return;
        }
        Contents now = contents.get();
        jobs.start(
                "Working out " + now.place(run),
                progress -> {
                    AnalysedRun worked = analyses.analyse(open, now, run);
                    progress.check(0.1);
                    List<Comparison> compared = analyses.compare(open, now, run, progress.part(0.1, 0.8));
                    return new Worked(worked, compared, new PathWorks(open, now, analyses).of(worked, compared));
                },
                worked -> {
                    if (run.equals(selected.get())) {
                        analysed.set(worked.run);
                        comparisons.set(worked.comparisons);
                        pathWork.set(worked.pathWork);
                    }
                },
                this::tell);
    }

    /// The open study.
    public ReadOnlyObjectProperty<@Nullable Study> studyProperty() {
        return study.getReadOnlyProperty();
    }

    /// What it holds.
    public ReadOnlyObjectProperty<Contents> contentsProperty() {
        return contents.getReadOnlyProperty();
    }

    /// The run that is looked at.
    public ObjectProperty<@Nullable Run> selectedProperty() {
        return selected;
    }

    /// The path that is looked at: that of the run, or one that was chosen by itself.
    public ObjectProperty<@Nullable DeliveryPath> pathProperty() {
        return path;
    }

    /// What the analyst says of the requirements of a path in a game, and of an attempt.
    public void said(long gameId, long pathId, Optional<Attempt> attempt, Consumer<Map<String, Boolean>> then) {
        Study open = study.get();
        if (open != null) {
            jobs.quick("Looking up answers", () -> open.capture().said(gameId, pathId, attempt), then, this::tell);
        }
    }

    /// Every requirement there is.
    public List<Requirement> requirements() {
        return requirements;
    }

    /// Looks at figures of runs off the interface thread.
    ///
    /// @param look makes something of the figures of any run
    public <T> void look(String name, Look<T> look, Consumer<T> done) {
        Study open = study.get();
        if (open != null) {
            jobs.start(name, progress -> look.at(run -> analyses.analysis(open, run), progress), done, this::tell);
        }
    }

    /// Gives the figures of a run.
    @FunctionalInterface
    public interface Figures {
        /// The figures.
        Analysis of(Run run) throws StudyException;
    }

    /// Makes something of figures.
    @FunctionalInterface
    public interface Look<T> {
        /// Does it.
        T at(Figures figures, Progress progress) throws StudyException;
    }

    /// The figures of the run that is looked at.
    public ReadOnlyObjectProperty<@Nullable AnalysedRun> analysedProperty() {
        return analysed.getReadOnlyProperty();
    }

    /// Every path of its scene against the native one.
    public ReadOnlyObjectProperty<List<Comparison>> comparisonsProperty() {
        return comparisons.getReadOnlyProperty();
    }

    /// What else is worked out for its path and its scene; set after what it rests on.
    public ReadOnlyObjectProperty<PathWork> pathWorkProperty() {
        return pathWork.getReadOnlyProperty();
    }

    private record Added(Run run, Contents contents) {}

    private record Worked(AnalysedRun run, List<Comparison> comparisons, PathWork pathWork) {}
}

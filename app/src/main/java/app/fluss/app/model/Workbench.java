package app.fluss.app.model;

import app.fluss.core.latency.edge.Excerpt;
import app.fluss.core.measure.Analysis;
import app.fluss.core.path.Requirement;
import app.fluss.core.work.Progress;
import app.fluss.files.bench.Requirements;
import app.fluss.files.compare.StudyComparison.Toggled;
import app.fluss.files.study.Attempt;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;

/// The open study, what is selected in it, and what was worked out for that. Lives on the interface
/// thread; the work goes to [Jobs]. Study and contents are one value ([Open]); edits are made by [Edits],
/// which know what study they were made for. What is shown of a run is that run's or nothing.
public final class Workbench {
    private final Jobs jobs;
    private final Consumer<String> problems;
    private final ReadOnlyObjectWrapper<@Nullable Open> open = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Contents> contents = new ReadOnlyObjectWrapper<>(Contents.EMPTY);
    private final ObjectProperty<@Nullable Run> selected = new SimpleObjectProperty<>();
    private final ReadOnlyObjectWrapper<@Nullable AnalysedRun> analysed = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<Comparison>> comparisons = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<List<Toggled>> toggled = new ReadOnlyObjectWrapper<>(List.of());
    private final ObjectProperty<Comparing> comparing = new SimpleObjectProperty<>(Comparing.PATHS);
    private final ReadOnlyObjectWrapper<PathWork> pathWork = new ReadOnlyObjectWrapper<>(PathWork.NONE);
    private final ObjectProperty<@Nullable DeliveryPath> path = new SimpleObjectProperty<>();
    private final List<Requirement> requirements = Requirements.all();
    private final Analyses analyses = new Analyses(requirements);
    private final AtomicLong version = new AtomicLong();
    private final ReadOnlyBooleanWrapper opening = new ReadOnlyBooleanWrapper();
    private Runnable afterAdding = () -> {};
    private @Nullable Study coming;
    private int openings;
    private final List<Runnable> waiting = new ArrayList<>();

    /// @param problems is told, in words, what went wrong
    public Workbench(Jobs jobs, Consumer<String> problems) {
        this.jobs = jobs;
        this.problems = problems;
        open.subscribe(now -> contents.set(now == null ? Contents.EMPTY : now.contents()));
        selected.subscribe(this::show);
        comparing.subscribe((_, _) -> show(selected.get()));
        contents.subscribe(this::refreshPath);
    }

    /// Changes the study.
    @FunctionalInterface
    interface Change {
        void on(Study study) throws StudyException, IOException;
    }

    /// Adds to the study.
    @FunctionalInterface
    interface Addition {
        Run to(Study study, Progress progress) throws Exception;
    }

    /// Opens a study, which may take a moment.
    @FunctionalInterface
    public interface Opening {
        Study open() throws StudyException, IOException;
    }

    /// Opens a study and takes it over. What is open stays so if it cannot be.
    ///
    /// @param name of the study, for people
    /// @param opened is told once it is open
    public void open(String name, Opening opening, Consumer<Study> opened) {
        coming(true);
        jobs.start(
                ModelText.OPENING.formatted(name),
                _ -> opening.open(),
                study -> {
                    use(study);
                    coming(false);
                    opened.accept(study);
                },
                e -> {
                    coming(false);
                    tell(e);
                });
    }

    private void coming(boolean begins) {
        openings += begins ? 1 : -1;
        opening.set(openings > 0);
        if (openings == 0) {
            List<Runnable> now = List.copyOf(waiting);
            waiting.clear();
            now.forEach(Runnable::run);
        }
    }

    /// Does something at once, or when the study is open that is being opened: it is meant for that one.
    public void whenOpen(Runnable then) {
        if (openings == 0) {
            then.run();
        } else {
            waiting.add(then);
        }
    }

    /// Takes over an open study and closes the one before. Nothing is shown and nothing can be edited
    /// until the new one was read.
    public void use(Study opened) {
        Open before = open.get();
        Study passed = coming;
        coming = opened;
        selected.set(null);
        open.set(null);
        comparing.set(Comparing.PATHS);
        coming(true);
        jobs.start(
                ModelText.OPENING.formatted(opened.file().getFileName()),
                _ -> {
                    analyses.forget();
                    return read(opened);
                },
                now -> {
                    retire(before, passed);
                    if (opened != coming) {
                        coming(false);
                        return;
                    }
                    open.set(now);
                    opened.notices().forEach(problems);
                    // Each fills half of the window: in turns of their own.
                    Platform.runLater(() -> {
                        if (opened == coming && selected.get() == null) {
                            contents.get().runs().stream().findFirst().ifPresent(selected::set);
                        }
                        coming(false);
                    });
                },
                e -> {
                    coming(false);
                    retire(before, passed);
                    tell(e);
                });
    }

    /// Lets something be done whenever a run was added, or added to, and is selected.
    public void setAfterAdding(Runnable then) {
        afterAdding = then;
    }

    /// Whether a study is being opened or read.
    public ReadOnlyBooleanProperty openingProperty() {
        return opening.getReadOnlyProperty();
    }

    /// Closes what was open after the quick edits that were still on their way to it.
    private void retire(@Nullable Open before, @Nullable Study passed) {
        jobs.quick(
                ModelText.CLOSING,
                () -> {
                    if (before != null) {
                        before.study().close();
                    } else if (passed != null) {
                        passed.close();
                    }
                    return true;
                },
                _ -> {},
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
        Study last = coming;
        if (last != null) {
            try {
                last.close();
            } catch (StudyException e) {
                tell(e);
            }
        }
    }

    private void tell(Exception e) {
        problems.accept(String.valueOf(e.getMessage()));
    }

    /// Edits of the study that is open now.
    public Edits edits() {
        return new Edits(this, Optional.ofNullable(open.get()));
    }

    /// Whether the study that is open now can be changed.
    public boolean canEdit() {
        Open now = open.get();
        return now != null && now.readOnly().isEmpty();
    }

    private boolean isOver(Open made) {
        Open now = open.get();
        if (now != null && now.isSameStudy(made)) {
            return false;
        }
        problems.accept(ModelText.CLOSED_MEANWHILE.formatted(made.name()));
        return true;
    }

    /// Changes the study and shows it as it then is. The work goes to the worker, for another change may
    /// still be at it.
    void change(Open made, String name, Change change) {
        if (isOver(made)) {
            return;
        }
        jobs.start(
                name,
                _ -> {
                    change.on(made.study());
                    return read(made.study());
                },
                this::take,
                e -> {
                    tell(e);
                    take(made);
                });
    }

    /// Changes something that no figure of a run rests on: the bench, the plan, what is being measured.
    /// It is committed at once, also while a long job runs.
    ///
    /// @param done is told once it is committed and shown
    void note(Open made, String name, Change change, Runnable done) {
        if (isOver(made)) {
            return;
        }
        jobs.quick(
                name,
                () -> {
                    change.on(made.study());
                    return read(made.study());
                },
                now -> {
                    takeContents(now);
                    done.run();
                },
                this::tell);
    }

    /// Adds a run, or to a run, and looks at it.
    ///
    /// @param failed is told why it could not
    void add(Open made, String name, Addition add, Consumer<Exception> failed) {
        if (isOver(made)) {
            return;
        }
        jobs.start(
                name,
                progress -> {
                    Run run = add.to(made.study(), progress);
                    return new Added(run.id(), read(made.study()));
                },
                added -> {
                    if (take(added.open)) {
                        contents.get().runs().stream()
                                .filter(run -> run.id() == added.run)
                                .findFirst()
                                .ifPresent(run -> {
                                    selected.set(run);
                                    afterAdding.run();
                                });
                    }
                },
                failed);
    }

    private Open read(Study study) throws StudyException {
        return new Open(study, Contents.of(study, version.incrementAndGet()));
    }

    /// Two threads read the study: what was read before what is shown, or of another study, is passed
    /// over.
    private boolean takeContents(Open read) {
        Open now = open.get();
        boolean current = now != null && now.isSameStudy(read);
        if (current && read.contents().version() >= now.contents().version()) {
            open.set(read);
        }
        return current;
    }

    private boolean take(Open read) {
        if (!takeContents(read)) {
            return false;
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
        return true;
    }

    private void show(@Nullable Run run) {
        if (run != null) {
            path.set(run.path());
        }
        AnalysedRun shown = analysed.get();
        if (run == null || shown == null || shown.run().id() != run.id()) {
            showNothing();
        }
        Open now = open.get();
        if (run == null || now == null) {
            return;
        }
        Comparing how = comparing.get();
        jobs.start(
                ModelText.ANALYSING.formatted(now.contents().place(run)),
                progress -> {
                    AnalysedRun worked = analyses.analyse(now.study(), now.contents(), run);
                    progress.check(0.1);
                    List<Comparison> paths =
                            analyses.compare(now.study(), now.contents(), run, progress.part(0.1, 0.7));
                    List<Comparison> wanted = how.equals(Comparing.PATHS)
                            ? paths
                            : analyses.compare(now.study(), now.contents(), run, how, progress.part(0.7, 0.8));
                    return new Worked(
                            worked,
                            wanted,
                            analyses.toggled(now.study(), now.contents(), run),
                            new PathWorks(now.study(), now.contents(), analyses).of(worked, paths));
                },
                worked -> {
                    if (run.equals(selected.get()) && how.equals(comparing.get())) {
                        toggled.set(worked.toggled);
                        comparisons.set(worked.comparisons);
                        pathWork.set(worked.pathWork);
                        analysed.set(worked.run);
                    }
                },
                this::tell);
    }

    private void showNothing() {
        toggled.set(List.of());
        comparisons.set(List.of());
        pathWork.set(PathWork.NONE);
        analysed.set(null);
    }

    /// The open study with what it holds; nothing while one is being opened.
    public ReadOnlyObjectProperty<@Nullable Open> openProperty() {
        return open.getReadOnlyProperty();
    }

    /// What the open study holds.
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
        Open now = open.get();
        if (now != null) {
            jobs.quick(
                    ModelText.READING_ANSWERS,
                    () -> now.study().capture().said(gameId, pathId, attempt),
                    then,
                    this::tell);
        }
    }

    /// The light around a trial of measured latency.
    public void excerpt(StoredLatency latency, JudgedTrial trial, Consumer<Optional<Excerpt>> then) {
        Open now = open.get();
        if (now != null) {
            jobs.quick(ModelText.READING_TRIAL, () -> now.study().latency().excerpt(latency, trial), then, this::tell);
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
        Open now = open.get();
        if (now != null) {
            jobs.start(
                    name, progress -> look.at(run -> analyses.analysis(now.study(), run), progress), done, this::tell);
        }
    }

    /// Works something out of the open study off the interface thread.
    <T> void work(String name, StudyWork<T> work, Consumer<T> done) {
        Open now = open.get();
        if (now != null) {
            jobs.start(
                    name,
                    progress -> work.on(now.study(), now.contents(), analyses, progress),
                    result -> {
                        if (open.get() != null && now.isSameStudy(open.get())) {
                            done.accept(result);
                        }
                    },
                    this::tell);
        }
    }

    /// Works something out of a study.
    @FunctionalInterface
    interface StudyWork<T> {
        T on(Study study, Contents contents, Analyses analyses, Progress progress) throws StudyException;
    }

    /// Tells others of the open study, off the interface thread.
    ///
    /// @param failed is told what went wrong, in words
    <T> void share(String name, Sharing<T> work, Consumer<T> done, Consumer<String> failed) {
        Open now = open.get();
        if (now != null) {
            jobs.start(
                    name,
                    progress -> work.of(now.study(), progress),
                    done,
                    e -> failed.accept(String.valueOf(e.getMessage())));
        }
    }

    /// Makes something of a study for others.
    @FunctionalInterface
    interface Sharing<T> {
        T of(Study study, Progress progress) throws StudyException, IOException;
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

    /// The figures of the run that is looked at; nothing while they are worked out for the first time. Set after all
    /// else
    /// that is worked out for it.
    public ReadOnlyObjectProperty<@Nullable AnalysedRun> analysedProperty() {
        return analysed.getReadOnlyProperty();
    }

    /// What is compared: paths, or any fact in which runs differ.
    public ObjectProperty<Comparing> comparingProperty() {
        return comparing;
    }

    /// Every group of its scene against the baseline.
    public ReadOnlyObjectProperty<List<Comparison>> comparisonsProperty() {
        return comparisons.getReadOnlyProperty();
    }

    /// Runs of its scene whose path was switched while they ran; set before the comparisons.
    public ReadOnlyObjectProperty<List<Toggled>> toggledProperty() {
        return toggled.getReadOnlyProperty();
    }

    /// What else is worked out for its path and its scene; set after the comparisons.
    public ReadOnlyObjectProperty<PathWork> pathWorkProperty() {
        return pathWork.getReadOnlyProperty();
    }

    private record Added(long run, Open open) {}

    private record Worked(AnalysedRun run, List<Comparison> comparisons, List<Toggled> toggled, PathWork pathWork) {}
}

package app.fluss.app.model;

import app.fluss.core.compare.Confound;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.ComparisonFindings;
import app.fluss.core.finding.RunFindings;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.work.Progress;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.StoredSection;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;

/// The open study, what is selected in it, and what was worked out for that. Lives on the interface thread; the
/// work goes to [Jobs].
public final class Workbench {
    /// Facts that a path is meant to change, so that they are no confounds.
    private static final Set<String> CHANGED_BY_PATH = Set.of("generation", "multiplier");

    private final Jobs jobs;
    private final Consumer<String> problems;
    private final ReadOnlyObjectWrapper<@Nullable Study> study = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Contents> contents = new ReadOnlyObjectWrapper<>(Contents.EMPTY);
    private final ObjectProperty<@Nullable Run> selected = new SimpleObjectProperty<>();
    private final ReadOnlyObjectWrapper<@Nullable AnalysedRun> analysed = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<Comparison>> comparisons = new ReadOnlyObjectWrapper<>(List.of());
    private final Map<Run, Analysis> analyses = new ConcurrentHashMap<>();

    /// @param problems is told, in words, what went wrong
    public Workbench(Jobs jobs, Consumer<String> problems) {
        this.jobs = jobs;
        this.problems = problems;
        selected.subscribe(this::show);
    }

    /// What a study holds.
    ///
    /// @param games by name
    /// @param scenes by name
    /// @param runs in the order they were added
    /// @param facts recorded facts, run number to name to value
    /// @param undo what would be undone next
    /// @param redo what would be redone next
    public record Contents(
            List<Game> games,
            List<Scene> scenes,
            List<Run> runs,
            Map<Long, Map<String, String>> facts,
            Optional<String> undo,
            Optional<String> redo) {
        static final Contents EMPTY =
                new Contents(List.of(), List.of(), List.of(), Map.of(), Optional.empty(), Optional.empty());

        /// The runs of a scene.
        public List<Run> runs(Scene scene) {
            return runs.stream().filter(run -> run.sceneId() == scene.id()).toList();
        }

        /// The game and scene of a run, for people.
        public String place(Run run) {
            Scene scene = scenes.stream()
                    .filter(s -> s.id() == run.sceneId())
                    .findFirst()
                    .orElseThrow();
            Game game = games.stream()
                    .filter(g -> g.id() == scene.gameId())
                    .findFirst()
                    .orElseThrow();
            return game.name() + " · " + scene.name();
        }
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
                    analyses.clear();
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

    private static Contents read(Study open) throws StudyException {
        return new Contents(open.games(), open.scenes(), open.runs(), open.facts(), open.nextUndo(), open.nextRedo());
    }

    private void take(Contents now) {
        contents.set(now);
        Run run = selected.get();
        Optional<Run> still = run == null
                ? Optional.empty()
                : now.runs().stream().filter(r -> r.id() == run.id()).findFirst();
        if (run != null && still.isPresent() && still.get().equals(run)) {
            show(run);
        } else {
            selected.set(still.orElse(null));
        }
    }

    private void show(@Nullable Run run) {
        Study open = study.get();
        if (run == null || open == null) {
            analysed.set(null);
            comparisons.set(List.of());
            return;
        }
        Contents now = contents.get();
        jobs.start(
                "Working out " + now.place(run),
                progress -> {
                    AnalysedRun worked = analyse(open, run);
                    progress.check(0.1);
                    return new Worked(worked, compare(open, now, run, progress.part(0.1, 1)));
                },
                worked -> {
                    if (run.equals(selected.get())) {
                        analysed.set(worked.run);
                        comparisons.set(worked.comparisons);
                    }
                },
                this::tell);
    }

    private AnalysedRun analyse(Study open, Run run) throws StudyException {
        Analysis analysis = analysis(open, run);
        List<StoredSection> sections = open.sections(run);
        List<Analysis> ofSections = sections.stream()
                .map(stored -> run.grade().hasLog()
                        ? Analysis.of(
                                analysis.slice()
                                        .log()
                                        .between(
                                                stored.section().fromMs(),
                                                stored.section().toMs()),
                                run.settings())
                        : analysis)
                .toList();
        return new AnalysedRun(
                run, analysis, RunFindings.of(analysis), BandLevels.of(analysis.times()), sections, ofSections);
    }

    private Analysis analysis(Study open, Run run) throws StudyException {
        Analysis known = analyses.get(run);
        if (known == null) {
            known = run.logId().isPresent()
                    ? Analysis.of(open.log(run).all(), run.settings())
                    : Analysis.withoutLog(run.settings());
            analyses.put(run, known);
        }
        return known;
    }

    private List<Comparison> compare(Study open, Contents now, Run selectedRun, Progress progress)
            throws StudyException {
        List<Run> ofScene = now.runs().stream()
                .filter(run -> run.sceneId() == selectedRun.sceneId())
                .toList();
        List<Run> baseline =
                ofScene.stream().filter(run -> run.path().isNative()).toList();
        Map<DeliveryPath, List<Run>> byPath = new LinkedHashMap<>();
        for (Run run : ofScene) {
            if (!run.path().isNative()) {
                byPath.computeIfAbsent(run.path(), _ -> new ArrayList<>()).add(run);
            }
        }
        List<Comparison> compared = new ArrayList<>();
        if (baseline.isEmpty()) {
            return compared;
        }
        for (var entry : byPath.entrySet()) {
            List<Run> others = entry.getValue();
            double step = 1.0 / byPath.size();
            double from = compared.size() * step;
            RunComparison runs = RunComparison.of(
                    analyses(open, baseline),
                    analyses(open, others),
                    entry.getKey().multiplier(),
                    Confound.between(open.facts(baseline.getFirst()), open.facts(others.getFirst()), CHANGED_BY_PATH),
                    progress.part(from, from + step));
            boolean simulated = baseline.stream().anyMatch(Run::simulated)
                    || others.stream().anyMatch(Run::simulated);
            compared.add(new Comparison(entry.getKey(), runs, ComparisonFindings.of(runs), simulated));
        }
        return List.copyOf(compared);
    }

    private List<Analysis> analyses(Study open, List<Run> runs) throws StudyException {
        List<Analysis> all = new ArrayList<>();
        for (Run run : runs) {
            all.add(analysis(open, run));
        }
        return all;
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

    /// The figures of the run that is looked at.
    public ReadOnlyObjectProperty<@Nullable AnalysedRun> analysedProperty() {
        return analysed.getReadOnlyProperty();
    }

    /// Every path of its scene against the native one.
    public ReadOnlyObjectProperty<List<Comparison>> comparisonsProperty() {
        return comparisons.getReadOnlyProperty();
    }

    private record Added(Run run, Contents contents) {}

    private record Worked(AnalysedRun run, List<Comparison> comparisons) {}
}

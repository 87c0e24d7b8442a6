package app.fluss.app.many;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Edits;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Theme;
import app.fluss.core.path.NameGuess;
import app.fluss.core.work.Progress;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.stage.Window;

/// From a folder, or a handful of files, to runs.
public final class ManyFlow {
    /// The most files that are taken at once: {@value}.
    static final int MOST_FILES = 200;

    private static final int DEEP = 4;

    private final Workbench workbench;
    private final Jobs jobs;
    private final Theme theme;
    private final MappingMemory memory;
    private final Supplier<Window> owner;
    private final Consumer<String> problems;

    /// @param problems is told, in words, what went wrong
    public ManyFlow(
            Workbench workbench,
            Jobs jobs,
            Theme theme,
            MappingMemory memory,
            Supplier<Window> owner,
            Consumer<String> problems) {
        this.workbench = workbench;
        this.jobs = jobs;
        this.theme = theme;
        this.memory = memory;
        this.owner = owner;
        this.problems = problems;
    }

    /// Whether files are looked at together: several, or a folder that holds more than the pictures of a clip.
    public static boolean isMany(List<Path> files) {
        return files.size() > 1
                || (files.size() == 1 && Files.isDirectory(files.getFirst()) && !isPictures(files.getFirst()));
    }

    private static boolean isPictures(Path folder) {
        try (Stream<Path> inside = Files.list(folder)) {
            return inside.allMatch(
                    file -> file.toString().toLowerCase(Locale.ROOT).endsWith(".png"));
        } catch (IOException e) {
            return true; // then the way of a single clip says what is wrong
        }
    }

    /// Offers to add files.
    public void offer(List<Path> dropped) {
        if (!workbench.canEdit()) {
            problems.accept(ManyText.STUDY_READ_ONLY);
            return;
        }
        Edits edits = workbench.edits();
        Contents contents = workbench.contentsProperty().get();
        jobs.start(
                ManyText.LOOKING_AT_FILES,
                progress -> look(dropped, contents, progress),
                seen -> {
                    if (seen.more > 0) {
                        problems.accept(ManyText.TOO_MANY_FILES.formatted(MOST_FILES, seen.more));
                    }
                    if (seen.files.isEmpty()) {
                        problems.accept(ManyText.NO_FILE);
                        return;
                    }
                    new ManyDialog(theme, owner.get(), seen.files, contents, memory)
                            .ask(runs -> edits.evidence()
                                    .addFiles(runs, e -> problems.accept(String.valueOf(e.getMessage()))));
                },
                e -> problems.accept(ManyText.FILES_NOT_LISTED.formatted(e.getMessage())));
    }

    /// What was seen of files.
    ///
    /// @param files those that are shown
    /// @param more how many were too many
    private record Looked(List<SeenFile> files, int more) {}

    private Looked look(List<Path> dropped, Contents contents, Progress progress) throws IOException {
        List<String> games = contents.games().stream().map(Game::name).toList();
        List<String> paths =
                contents.bench().paths().stream().map(DeliveryPath::name).toList();
        List<Path> found = files(dropped);
        List<Path> files = found.subList(0, Math.min(found.size(), MOST_FILES));
        List<NameGuess> guesses = NameGuess.together(files.stream()
                .map(file -> NameGuess.of(String.valueOf(file.getFileName()), folder(file), games, paths))
                .toList());
        List<SeenFile> seen = new ArrayList<>();
        for (int i = 0; i < files.size(); i++) {
            progress.check((double) i / files.size());
            seen.add(SeenFile.look(files.get(i), guesses.get(i), memory));
        }
        return new Looked(seen, found.size() - files.size());
    }

    private static String folder(Path file) {
        Path folder = file.toAbsolutePath().getParent();
        return folder == null || folder.getFileName() == null
                ? ""
                : folder.getFileName().toString();
    }

    private static List<Path> files(List<Path> dropped) throws IOException {
        List<Path> files = new ArrayList<>();
        for (Path one : dropped) {
            try (Stream<Path> inside = Files.walk(one, DEEP)) {
                inside.filter(Files::isRegularFile)
                        .filter(file -> !String.valueOf(file.getFileName()).startsWith("."))
                        .sorted()
                        .forEach(files::add);
            }
        }
        return files;
    }
}

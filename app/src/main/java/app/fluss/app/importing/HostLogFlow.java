package app.fluss.app.importing;

import app.fluss.app.model.Workbench;
import app.fluss.app.theme.FileChoice;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.log.Sample;
import app.fluss.files.study.Run;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.stage.Window;

/// Adds the log of a stream's host to the run that is looked at. Its columns are mapped as they were
/// the last time, else as the data itself says.
public final class HostLogFlow {
    private final Workbench workbench;
    private final MappingMemory memory;
    private final Supplier<Window> owner;
    private final Consumer<String> problems;

    /// @param problems is told, in words, what went wrong
    public HostLogFlow(Workbench workbench, MappingMemory memory, Supplier<Window> owner, Consumer<String> problems) {
        this.workbench = workbench;
        this.memory = memory;
        this.owner = owner;
        this.problems = problems;
    }

    /// Lets the user choose the file.
    public void choose() {
        FileChoice.chosen(FileChoice.files(
                                ImportText.FRAME_LOG_OF_HOST,
                                FileChoice.kind(ImportText.FRAME_LOGS, "csv", "txt", "tsv"))
                        .showOpenDialog(owner.get()))
                .ifPresent(this::add);
    }

    /// Adds a file.
    public void add(Path file) {
        Run run = workbench.selectedProperty().get();
        if (run == null) {
            problems.accept(ImportText.HOST_LOG_NEEDS_RUN);
            return;
        }
        workbench
                .edits()
                .evidence()
                .addHostLog(
                        file,
                        run,
                        log -> memory.recall(Sample.read(log).header())
                                .map(ImportOptions.guess()::with)
                                .orElseGet(ImportOptions::guess),
                        e -> problems.accept(String.valueOf(e.getMessage())));
    }
}

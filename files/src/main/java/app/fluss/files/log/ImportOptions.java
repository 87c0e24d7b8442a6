package app.fluss.files.log;

import java.util.Optional;

/// What the user says about a log before it is read.
///
/// @param mapping what its columns mean; guessed if empty
/// @param process the program whose images are wanted; the one with the most rows if empty
/// @param memoryLimitBytes how much memory the columns may take
public record ImportOptions(Optional<Mapping> mapping, Optional<String> process, long memoryLimitBytes) {
    private static final double SHARE_OF_HEAP = 0.6;

    /// Nothing is said; the columns may take three fifths of the heap, for an analysis takes as much again in
    /// part.
    public static ImportOptions guess() {
        return new ImportOptions(
                Optional.empty(), Optional.empty(), (long) (Runtime.getRuntime().maxMemory() * SHARE_OF_HEAP));
    }

    /// The same, with a mapping.
    public ImportOptions with(Mapping stated) {
        return new ImportOptions(Optional.of(stated), process, memoryLimitBytes);
    }

    /// The same, for one program.
    public ImportOptions forProcess(String name) {
        return new ImportOptions(mapping, Optional.of(name), memoryLimitBytes);
    }
}

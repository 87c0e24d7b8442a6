package app.fluss.app.model;

import app.fluss.files.study.ReadOnlyReason;
import app.fluss.files.study.Study;
import java.nio.file.Path;
import java.util.Optional;

/// The open study and what it holds, as one value: what the window shows and what an edit is made for can so never be
/// of two studies.
public final class Open {
    private final Study study;
    private final Contents contents;

    Open(Study study, Contents contents) {
        this.study = study;
        this.contents = contents;
    }

    Study study() {
        return study;
    }

    /// What it holds.
    public Contents contents() {
        return contents;
    }

    /// The name of its file.
    public String name() {
        return String.valueOf(study.file().getFileName());
    }

    /// Why it can only be read; empty if it can be written.
    public Optional<ReadOnlyReason> readOnly() {
        return study.readOnlyReason();
    }

    /// Whether it is of the same study.
    boolean isSameStudy(Open other) {
        return study == other.study;
    }

    /// Whether a file looks like a study by its name.
    public static boolean isStudy(Path file) {
        return Study.isStudyName(file);
    }

    /// The file of the study.
    public Path file() {
        return study.file();
    }
}

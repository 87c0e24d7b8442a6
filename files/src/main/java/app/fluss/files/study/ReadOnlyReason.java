package app.fluss.files.study;

import java.nio.file.Path;

/// Why a study can only be read.
public enum ReadOnlyReason {
    /// Another window writes it.
    OTHER_WINDOW("is open in another window, so it can only be read here. Close the other window and open it again."),
    /// Nothing can be written where it stands.
    MEDIUM("is where nothing can be written, so it can only be read. Copy it to a folder that you may write to."),
    /// It has several names, and what protects a write stands beside one of them only.
    SEVERAL_NAMES("has several names (hard links), so it can only be read. Make a copy of it and open that.");

    private final String words;

    ReadOnlyReason(String words) {
        this.words = words;
    }

    /// In words for the user.
    public String words(Path study) {
        return study.getFileName() + " " + words;
    }
}

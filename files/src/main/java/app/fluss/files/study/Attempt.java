package app.fluss.files.study;

import app.fluss.core.reading.Impression;
import app.fluss.core.reading.PadEntry;
import java.util.List;
import java.util.OptionalLong;

/// A line of the run sheet that is being measured. Everything in it was committed when it was typed.
///
/// @param id its number in the study
/// @param sheetId the line
/// @param begunAtMs when it was begun, ms since the start of 1970
/// @param startedAtMs when the scene was started, if it was
/// @param summary what a tool said, as typed
/// @param impression how it felt
/// @param entries readings and marks, in order
public record Attempt(
        long id,
        long sheetId,
        long begunAtMs,
        OptionalLong startedAtMs,
        TypedSummary summary,
        Impression impression,
        List<PadEntry> entries) {
    /// What a tool said of a whole run, as typed: text, so that a slip of the finger is not lost either.
    ///
    /// @param average rate, /s
    /// @param low 1 % low, /s
    /// @param convention of the low, in the tool's words; empty if unknown
    public record TypedSummary(String average, String low, String convention) {
        /// Nothing was typed.
        public static final TypedSummary NONE = new TypedSummary("", "", "");
    }
}

package app.fluss.files.log;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.ImportNotes;

/// A log that was read, and how.
///
/// @param log its images; times count from the first hand-over
/// @param mapping what its columns were taken to mean
/// @param notes what the importer met
public record ImportedLog(FrameLog log, Mapping mapping, ImportNotes notes) {}

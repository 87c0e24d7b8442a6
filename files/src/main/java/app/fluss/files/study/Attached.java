package app.fluss.files.study;

/// A piece of evidence of a run.
///
/// @param kind what it is
/// @param id its number among those of its kind
/// @param runId the run
/// @param sha256 of the file as it came
/// @param fileName what that was called
public record Attached(EvidenceKind<?, ?> kind, long id, long runId, String sha256, String fileName) {}

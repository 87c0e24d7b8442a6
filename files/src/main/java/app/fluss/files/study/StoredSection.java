package app.fluss.files.study;

import app.fluss.core.measure.Section;

/// A section of a run, as kept.
///
/// @param id its number in the study
/// @param section the stretch
public record StoredSection(long id, Section section) {}

package app.fluss.app.model;

import app.fluss.files.draw.Picture;
import app.fluss.files.share.Report;
import java.util.Map;

/// A report, worked out.
///
/// @param report itself
/// @param pdf as it will be printed
/// @param cards a card of each game that has a path to show, by its name
@SuppressWarnings("ArrayRecordComponent") // bytes of a file, which nobody compares
public record Rendered(Report report, byte[] pdf, Map<String, Picture> cards) {}

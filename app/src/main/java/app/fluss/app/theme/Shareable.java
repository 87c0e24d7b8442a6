package app.fluss.app.theme;

import app.fluss.files.draw.Picture;
import app.fluss.files.table.DataTable;
import java.util.Optional;

/// What can be copied and saved: a chart, a table, or both in one.
public interface Shareable {
    /// As it looks now; empty where it is a table only, or not shown yet.
    Optional<Picture> picture();

    /// The figures in it; empty where it has none that are worth a table, or shows nothing.
    Optional<DataTable> data();
}

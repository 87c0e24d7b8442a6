package app.fluss.files.chart;

import app.fluss.files.draw.Drawing;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Picture;
import app.fluss.files.table.DataTable;

/// A chart. It is made anew for what it is to show and never changes.
public interface Chart extends Drawing {
    /// What it shows, in a few words.
    String name();

    /// What can be seen in it, for those who do not see it.
    default String alternative() {
        return name();
    }

    /// The figures in it.
    DataTable data();

    /// How high it wants to be, px.
    ///
    /// @param scale size of text, times the usual
    double height(double scale);

    /// As a picture for a report.
    ///
    /// @param width px
    default Picture picture(double width) {
        return new Picture(name(), alternative(), width, height(1), 1, Numbers.NEUTRAL, this);
    }
}

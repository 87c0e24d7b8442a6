package app.fluss.files.share;

import app.fluss.files.chart.Chart;
import app.fluss.files.draw.Picture;
import app.fluss.files.draw.RecordedDrawing;
import app.fluss.files.table.DataTable;

/// A chart of a report, drawn once.
///
/// @param id its name among the charts of the report, and that of its files
/// @param picture what was drawn
/// @param data the figures in it
record ReportChart(String id, Picture picture, DataTable data) {
    /// Width of the charts of a report, px.
    static final double WIDTH = 720;

    /// Stands in a page where a chart is to be put. No text of a study has this character.
    private static final char PLACE = '\u0001';

    static ReportChart of(String id, Chart chart) {
        return new ReportChart(id, RecordedDrawing.of(chart.picture(WIDTH)), chart.data());
    }

    /// What stands in a page until the chart is put there.
    static String place(String id) {
        return PLACE + id + PLACE;
    }

    /// Of the ids within a chart, as it stands in a page.
    static String prefix(String id) {
        return id + "-";
    }

    static String place() {
        return String.valueOf(PLACE);
    }
}

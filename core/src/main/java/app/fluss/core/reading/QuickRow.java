package app.fluss.core.reading;

import java.util.OptionalInt;

/// A run as it is typed into a table: where it was, on what path, and what a counter or a tool said. All of it is text,
/// so that a slip of the finger stays where it was made.
///
/// @param game its name
/// @param scene its name; [#SCENE] if blank
/// @param path its name
/// @param average rate, /s; a range such as 33–40 stands for its middle and its ends
/// @param lowest rate seen, /s; blank if not noted
/// @param highest rate seen, /s; blank if not noted
/// @param low the 1 % low, /s; blank if not noted
/// @param convention of that low, in the tool's words; blank if unknown
/// @param ofTool whether a tool made it of the whole run; else it was noted from a counter
/// @param felt how input felt, 1 (drags) to 5 (follows the hand), or in words
/// @param notes anything more
public record QuickRow(
        String game,
        String scene,
        String path,
        String average,
        String lowest,
        String highest,
        String low,
        String convention,
        boolean ofTool,
        String felt,
        String notes) {
    /// The scene of a run of which no more is said.
    public static final String SCENE = "first route";

    /// An empty row.
    public static final QuickRow EMPTY = new QuickRow("", "", "", "", "", "", "", "", false, "", "");

    /// A column of the table.
    public enum Column {
        /// [QuickRow#game].
        GAME("game"),
        /// [QuickRow#scene].
        SCENE("scene"),
        /// [QuickRow#path].
        PATH("path"),
        /// [QuickRow#average].
        AVERAGE("average"),
        /// [QuickRow#lowest].
        LOWEST("lowest"),
        /// [QuickRow#highest].
        HIGHEST("highest"),
        /// [QuickRow#low].
        LOW("1 % low"),
        /// [QuickRow#convention].
        CONVENTION("low by"),
        /// [QuickRow#ofTool].
        SOURCE("from"),
        /// [QuickRow#felt].
        FELT("latency felt"),
        /// [QuickRow#notes].
        NOTES("notes");

        private final String title;

        Column(String title) {
            this.title = title;
        }

        /// The name for people.
        public String title() {
            return title;
        }
    }

    /// What a row comes to.
    public sealed interface Reading {
        /// A run.
        ///
        /// @param row where it comes from, game, scene and path filled in
        /// @param averageFps rate, /s
        /// @param lowestFps rate, /s; NaN if not noted
        /// @param highestFps rate, /s; NaN if not noted
        /// @param lowFps the 1 % low, /s; NaN if not noted
        /// @param impression how it felt
        record Read(
                QuickRow row,
                double averageFps,
                double lowestFps,
                double highestFps,
                double lowFps,
                Impression impression)
                implements Reading {}

        /// None.
        ///
        /// @param column where
        /// @param why in words, with a remedy
        record Refused(Column column, String why) implements Reading {}
    }

    /// Whether nothing was typed but what is carried on from the row above.
    public boolean isBlank() {
        return (path + average + lowest + highest + low + felt + notes).isBlank();
    }

    /// The same, with game and scene of the row above where they are blank, and the native path where a game begins.
    public QuickRow after(QuickRow above) {
        boolean same = game.isBlank() || game.strip().equals(above.game.strip());
        String where = !scene.isBlank() ? scene : same && !above.scene.isBlank() ? above.scene : SCENE;
        return new QuickRow(
                (game.isBlank() ? above.game : game).strip(),
                where.strip(),
                (path.isBlank() && !same ? "native" : path).strip(),
                average,
                lowest,
                highest,
                low,
                convention,
                ofTool,
                felt,
                notes);
    }

    /// Reads the row.
    public Reading read() {
        if (game.isBlank()) {
            return new Reading.Refused(Column.GAME, "Enter the game.");
        }
        if (path.isBlank()) {
            return new Reading.Refused(Column.PATH, "Enter the path, such as native or engine generation 2x.");
        }
        if (average.isBlank()) {
            return feltOnly();
        }
        if (TypedReading.of(average) instanceof TypedReading.Refused(String why)) {
            return new Reading.Refused(Column.AVERAGE, why);
        }
        TypedReading.Read mean = (TypedReading.Read) TypedReading.of(average);
        boolean range = mean.lowFps() < mean.highFps();
        Reading.Refused wrong = null;
        double[] ends = {range ? mean.lowFps() : Double.NaN, range ? mean.highFps() : Double.NaN, Double.NaN};
        Column[] columns = {Column.LOWEST, Column.HIGHEST, Column.LOW};
        String[] cells = {lowest, highest, low};
        for (int c = 0; c < cells.length && wrong == null; c++) {
            if (!cells[c].isBlank()) {
                switch (TypedReading.of(cells[c])) {
                    case TypedReading.Refused(String why) -> wrong = new Reading.Refused(columns[c], why);
                    case TypedReading.Read one -> ends[c] = c == 1 ? one.highFps() : one.lowFps();
                }
            }
        }
        return wrong == null ? checked(mean.middleFps(), ends[0], ends[1], ends[2]) : wrong;
    }

    private Reading checked(double mean, double least, double most, double tail) {
        if (least > mean) {
            return new Reading.Refused(Column.LOWEST, "The lowest rate is not above the average: correct one of them.");
        } else if (most < mean) {
            return new Reading.Refused(
                    Column.HIGHEST, "The highest rate is not below the average: correct one of them.");
        } else if (tail > mean) {
            return new Reading.Refused(Column.LOW, "A 1 % low is not above the average: correct one of them.");
        }
        return new Reading.Read(this, mean, least, most, tail, impression());
    }

    /// A run that was only felt: grade E.
    private Reading feltOnly() {
        if (!(lowest + highest + low).isBlank()) {
            return new Reading.Refused(Column.AVERAGE, "Enter the average, or a range such as 33–40.");
        }
        return impression().isSaid()
                ? new Reading.Read(this, Double.NaN, Double.NaN, Double.NaN, Double.NaN, impression())
                : new Reading.Refused(Column.AVERAGE, "Enter the average, or how it felt.");
    }

    private Impression impression() {
        OptionalInt scale = scale();
        String words = notes.strip();
        if (scale.isEmpty() && !felt.isBlank()) {
            words = ("latency felt: " + felt.strip() + (words.isEmpty() ? "" : "; " + words));
        }
        return new Impression(0, scale.orElse(0), 0, words);
    }

    private OptionalInt scale() {
        return felt.strip().matches("[1-" + Impression.BEST + "]")
                ? OptionalInt.of(Integer.parseInt(felt.strip()))
                : OptionalInt.empty();
    }
}

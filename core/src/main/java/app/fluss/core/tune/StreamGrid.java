package app.fluss.core.tune;

import app.fluss.core.gpu.Output;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.StreamPicture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// What pictures and rates a stream could have, for a school.
public final class StreamGrid {
    /// Rates that are tried, images/s.
    public static final List<Double> RATES = List.of(30.0, 60.0, 90.0, 120.0);

    private StreamGrid() {}

    /// A picture with a rate.
    ///
    /// @param output size of the picture
    /// @param outlook what it would be like
    /// @param refusal why it does not suit, in words; empty if it does
    public record Cell(Output output, StreamBudget.Outlook outlook, Optional<String> refusal)
            implements Ranking.Candidate {
        /// Images a second.
        public double fps() {
            return outlook.picture().fps();
        }
    }

    /// Works the grid out.
    ///
    /// @param budget of the stream as it is
    /// @param bounds what is put up with
    public static Ranking<Cell> of(StreamBudget budget, School school, Bounds bounds) {
        List<Cell> cells = new ArrayList<>();
        for (Output output : Output.USUAL) {
            for (double fps : RATES) {
                StreamPicture picture = budget.picture().alike(output.widthPx(), output.heightPx(), fps);
                StreamBudget.Outlook outlook = budget.outlook(picture);
                cells.add(new Cell(output, outlook, refusal(outlook, bounds)));
            }
        }
        return Ranking.of(cells, better(school));
    }

    private static Optional<String> refusal(StreamBudget.Outlook outlook, Bounds bounds) {
        if (outlook.bound() != StreamBudget.Bound.NONE) {
            return Optional.of(outlook.bound().words());
        } else if (!outlook.inTime().isKnown()) {
            return Optional.of("how many of its images would be in time is not known");
        } else if (outlook.addedMs().orNaN() > bounds.mostAddedMs()) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "it adds %.1f ms to the stream as it is, %.0f may be added",
                    outlook.addedMs().orNaN(),
                    bounds.mostAddedMs()));
        }
        return Optional.empty();
    }

    /// Response first wants few milliseconds, smooth first a large picture, rate first many images; ties go to the
    /// others' wishes.
    private static Comparator<Cell> better(School school) {
        Comparator<Cell> quick = Comparator.comparingDouble(
                cell -> Math.rint(cell.outlook.addedMs().orNaN()));
        Comparator<Cell> large =
                Comparator.comparingDouble(cell -> -cell.outlook.picture().megapixels());
        Comparator<Cell> often = Comparator.comparingDouble(cell -> -cell.fps());
        return switch (school) {
            case RESPONSE_FIRST -> often.thenComparing(quick).thenComparing(large);
            case SMOOTH_FIRST -> large.thenComparing(often).thenComparing(quick);
            case RATE_FIRST -> often.thenComparing(large).thenComparing(quick);
        };
    }
}

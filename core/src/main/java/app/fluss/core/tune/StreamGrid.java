package app.fluss.core.tune;

import app.fluss.core.gpu.Output;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.StreamPicture;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
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
    /// @param school whose bound of latency holds for what is added to the stream as it is
    public static Ranking<Cell> of(StreamBudget budget, School school) {
        double mostAddedMs = school.asked(Rule.ADDED_LATENCY).map(Asked::bound).orElse(Double.POSITIVE_INFINITY);
        List<Cell> cells = new ArrayList<>();
        for (Output output : Output.USUAL) {
            for (double fps : RATES) {
                StreamPicture picture = budget.picture().alike(output.widthPx(), output.heightPx(), fps);
                StreamBudget.Outlook outlook = budget.outlook(picture);
                cells.add(new Cell(output, outlook, refusal(outlook, mostAddedMs)));
            }
        }
        return Ranking.of(cells, better(school));
    }

    private static Optional<String> refusal(StreamBudget.Outlook outlook, double mostAddedMs) {
        if (outlook.bound() != StreamBudget.Bound.NONE) {
            return Optional.of(outlook.bound().words());
        } else if (!outlook.inTime().isKnown()) {
            return Optional.of("how many of its images would be in time is not known");
        } else if (outlook.addedMs().orNaN() > mostAddedMs) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "it adds %.1f ms to the stream as it is, %.0f may be added",
                    outlook.addedMs().orNaN(),
                    mostAddedMs));
        }
        return Optional.empty();
    }

    /// What the school counts most, first; of what it leaves open more images go before a larger picture, and that
    /// before few milliseconds.
    private static Comparator<Cell> better(School school) {
        Comparator<Cell> quick = Comparator.comparingDouble(
                cell -> Math.rint(cell.outlook.addedMs().orNaN()));
        Comparator<Cell> large =
                Comparator.comparingDouble(cell -> -cell.outlook.picture().megapixels());
        Comparator<Cell> often = Comparator.comparingDouble(cell -> -cell.fps());
        Comparator<Cell> better = (_, _) -> 0;
        for (Rule rule : school.order()) {
            better = switch (rule) {
                case ADDED_LATENCY -> better.thenComparing(quick);
                case DELIVERED_GAIN, DELIVERED_RATE, DELIVERED_OF_REFRESH -> better.thenComparing(often);
                // Whoever looks rather than acts wants a large picture; how even it is, no size changes.
                case ADDED_UNEVENNESS, HEAVY_MARKS -> better.thenComparing(large);
                default -> better;
            };
        }
        return better.thenComparing(often).thenComparing(large).thenComparing(quick);
    }
}

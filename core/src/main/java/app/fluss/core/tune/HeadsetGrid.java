package app.fluss.core.tune;

import app.fluss.core.verdict.School;
import app.fluss.core.vr.CompositorRule;
import app.fluss.core.vr.HeadsetClaims;
import app.fluss.core.vr.HeadsetReplay;
import app.fluss.core.vr.PixelLaw;
import app.fluss.core.vr.RenderTarget;
import app.fluss.core.vr.ScaleOutlook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What render scales and refresh rates an application could have in a headset, for a school. Best is most
/// pixels a
/// second.
public final class HeadsetGrid {
    /// Render scales that are tried, 1 for 100 %.
    public static final List<Double> SCALES = List.of(0.7, 0.8, 0.9, 1.0, 1.1, 1.2, 1.3, 1.4, 1.5);

    private HeadsetGrid() {}

    /// A render scale with a refresh rate.
    ///
    /// @param refreshHz refreshes, /s
    /// @param outlook what would be shown
    /// @param refusal why it does not suit, in words; empty if it does
    public record Cell(double refreshHz, ScaleOutlook outlook, Optional<String> refusal) implements Ranking.Candidate {
        /// Render scale, 1 for 100 %.
        public double scale() {
            return outlook.target().scale();
        }
    }

    /// Works the grid out.
    ///
    /// @param work of a run
    /// @param measured what that run drew
    /// @param ratesHz that the headset offers, /s
    /// @param leadMs of the compositor, ms
    /// @param inFlight frames in flight at most
    /// @param school with its bound
    public static Ranking<Cell> of(
            PixelLaw law,
            HeadsetReplay.Work work,
            RenderTarget measured,
            List<Double> ratesHz,
            double leadMs,
            int inFlight,
            School school) {
        List<Cell> cells = new ArrayList<>();
        for (double hz : ratesHz) {
            CompositorRule rule = CompositorRule.newest(HeadsetClaims.locksToHalf(school));
            HeadsetReplay headset = new HeadsetReplay(hz, leadMs, rule, inFlight);
            for (ScaleOutlook outlook : ScaleOutlook.of(law, work, measured, headset, SCALES)) {
                cells.add(new Cell(hz, outlook, HeadsetClaims.refusal(school, outlook.expected())));
            }
        }
        return Ranking.of(
                cells, Comparator.comparingDouble(cell -> -cell.outlook.target().megapixels() * cell.refreshHz));
    }
}

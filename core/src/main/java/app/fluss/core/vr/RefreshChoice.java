package app.fluss.core.vr;

import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.School;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What each refresh rate of a headset would do to an application, and which to run.
///
/// @param outlooks by refresh rate, lowest first
/// @param chosenHz the highest that suits the school; missing if none does
public record RefreshChoice(List<Outlook> outlooks, Figure chosenHz) {
    /// At one refresh rate.
    ///
    /// @param refreshHz refreshes, /s
    /// @param rule of the compositor that the school asks for
    /// @param expected what would be shown under that rule
    /// @param range over all rules
    /// @param refusal why the school does not want it, in words; empty if it does
    public record Outlook(
            double refreshHz, CompositorRule rule, Reprojection expected, RuleRange range, Optional<String> refusal) {}

    /// Plays a run at each refresh rate.
    ///
    /// @param ratesHz that the headset offers, /s
    /// @param gpuFactor what the GPU work is multiplied by, above 0
    public static RefreshChoice of(
            HeadsetReplay.Work work,
            double gpuFactor,
            List<Double> ratesHz,
            double leadMs,
            int inFlight,
            School school) {
        List<Outlook> outlooks = new ArrayList<>();
        for (double hz : ratesHz) {
            CompositorRule rule = CompositorRule.newest(HeadsetClaims.locksToHalf(school));
            HeadsetReplay headset = new HeadsetReplay(hz, leadMs, rule, inFlight);
            Reprojection expected = headset.play(work, gpuFactor);
            outlooks.add(new Outlook(
                    hz,
                    rule,
                    expected,
                    RuleRange.of(headset, work, gpuFactor),
                    HeadsetClaims.refusal(school, expected)));
        }
        outlooks.sort(Comparator.comparingDouble(Outlook::refreshHz));
        Figure chosen =
                outlooks.stream()
                        .filter(outlook -> outlook.refusal.isEmpty())
                        .mapToDouble(Outlook::refreshHz)
                        .max()
                        .stream()
                        .mapToObj(Figure::of)
                        .findFirst()
                        .orElseGet(
                                () -> Figure.missing("no refresh rate suits: lower the settings or the render scale"));
        return new RefreshChoice(List.copyOf(outlooks), chosen);
    }
}

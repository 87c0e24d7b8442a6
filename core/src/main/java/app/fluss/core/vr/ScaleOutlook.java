package app.fluss.core.vr;

import java.util.ArrayList;
import java.util.List;

/// What a render scale would do: pixels, GPU time, and the cadence on a headset's refreshes. A scale at which frames
/// take a little more than a refresh shakes, for some images stay one refresh and some two; a larger one at which each
/// takes just under two is smooth again.
///
/// @param target what is drawn at that scale
/// @param gpuMs mean GPU time of a frame, ms
/// @param rule of the compositor
/// @param expected what would be shown under that rule
/// @param range over all rules
public record ScaleOutlook(
        RenderTarget target, PixelLaw.Predicted gpuMs, CompositorRule rule, Reprojection expected, RuleRange range) {
    /// Share of the images with the commonest hold from which a cadence is called even. Common practice, no source.
    public static final double EVEN = 0.95;

    /// Plays a run at other scales.
    ///
    /// @param work of a run
    /// @param measured what that run drew
    /// @param scales render scales, 1 for 100 %
    public static List<ScaleOutlook> of(
            PixelLaw law, HeadsetReplay.Work work, RenderTarget measured, HeadsetReplay headset, List<Double> scales) {
        double now = law.timeMs(measured.megapixels()).value();
        List<ScaleOutlook> all = new ArrayList<>();
        for (double scale : scales) {
            RenderTarget target = measured.atScale(scale);
            PixelLaw.Predicted time = law.timeMs(target.megapixels());
            if (time.value() > 0 && now > 0) {
                double factor = time.value() / now;
                all.add(new ScaleOutlook(
                        target, time, headset.rule(), headset.play(work, factor), RuleRange.of(headset, work, factor)));
            }
        }
        return List.copyOf(all);
    }

    /// Whether images stay equally long.
    public boolean isEven() {
        return expected.evenShare().orNaN() >= EVEN;
    }
}

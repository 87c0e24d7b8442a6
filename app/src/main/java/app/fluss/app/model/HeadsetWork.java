package app.fluss.app.model;

import app.fluss.core.bench.FactKey;
import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import app.fluss.core.vr.HeadsetReplay;
import app.fluss.core.vr.PixelLaw;
import app.fluss.core.vr.RefreshChoice;
import app.fluss.core.vr.RenderTarget;
import app.fluss.core.vr.ScaleOutlook;
import java.util.List;
import java.util.Optional;

/// What is worked out for the path of a run in a headset.
///
/// @param headMs from a turn of the head to the light, ms
/// @param handMs from a hand or a button to the light, ms
/// @param handMeasured whether that was measured
/// @param target what the run drew; empty where facts are missing
/// @param missing those facts
/// @param work of its frames; empty if its log has no CPU and GPU work
/// @param leadMs of the compositor, ms
/// @param inFlight frames in flight at most
/// @param fullRate each refresh rate for full rate only; empty without work, or if no rate is stated
/// @param steadyHalf each refresh rate for steady half rate; likewise
/// @param law GPU time against pixels over the runs of the scene; empty if there is none
/// @param noLaw why, in words; empty if there is one
/// @param scales what other render scales would do; empty without a law
/// @param headsets what each headset of the bench would do at its refresh rates; empty without a law
public record HeadsetWork(
        Figure headMs,
        Figure handMs,
        boolean handMeasured,
        Optional<RenderTarget> target,
        List<FactKey> missing,
        Optional<HeadsetReplay.Work> work,
        double leadMs,
        int inFlight,
        Optional<RefreshChoice> fullRate,
        Optional<RefreshChoice> steadyHalf,
        Optional<PixelLaw> law,
        String noLaw,
        List<ScaleOutlook> scales,
        List<Other> headsets) {
    /// A headset at a refresh rate.
    ///
    /// @param name of the headset
    /// @param megapixels that it takes at this run's render scale
    /// @param gpuFps frames a second that the card draws of so many, with a 95 % interval
    /// @param interval of that
    /// @param rates what each of its refresh rates would show
    public record Other(
            String name,
            double megapixels,
            Figure gpuFps,
            Optional<Interval> interval,
            List<RefreshChoice.Outlook> rates) {}
}

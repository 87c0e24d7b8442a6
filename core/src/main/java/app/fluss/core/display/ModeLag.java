package app.fluss.core.display;

import java.util.Optional;

/// The lag of a picture mode, put into words. The bounds are common practice, no source: game modes with
/// smoothing add 20 to 25 ms, full picture processing of the order of 135 ms.
///
/// @param mode its name
/// @param lagMs from a picture at the input to the same picture on the panel, ms, 0 or more
/// @param measured whether it was measured; stated otherwise
/// @param offersSmoothing whether the panel's smoothing can act in it; empty if not stated
public record ModeLag(String mode, double lagMs, boolean measured, Optional<Boolean> offersSmoothing) {
    private static final double PLAYABLE_MS = 40;
    private static final double NOT_FOR_PLAY_MS = 100;

    /// @throws IllegalArgumentException if the lag is below 0
    public ModeLag {
        if (!(lagMs >= 0)) {
            throw new IllegalArgumentException("lagMs must be 0 or more, got " + lagMs);
        }
    }

    /// The lag in refreshes at the rate of the output.
    public double refreshes(double outputHz) {
        return lagMs * outputHz / 1000;
    }

    /// What it is good for, in words.
    public String use() {
        if (lagMs >= NOT_FOR_PLAY_MS) {
            return "for films, not for play";
        }
        return lagMs > PLAYABLE_MS ? "for slow games only" : "for play";
    }
}

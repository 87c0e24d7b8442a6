package app.fluss.sim.scenario;

import java.util.Optional;

/// What makes images between, or after, rendered ones.
///
/// @param mode how it makes them
/// @param multiplier images presented per rendered image, 2 to 20
/// @param fixedMs GPU time for each generated image whatever its size, ms, 0 to 100
/// @param msPerMegapixel GPU time for each generated megapixel at full motion-estimation size, ms, 0 to 100
/// @param motionSize size of motion estimation per axis as a share of the output, 0.1 to 1
/// @param behaviour what it really does
/// @param captureFps how often it looks at what the game shows, /s, above 0, at most 1000; NaN if it gets every
///     image
/// @param secondGpu the card that it runs on; empty for the game's own
public record Generator(
        Mode mode,
        int multiplier,
        double fixedMs,
        double msPerMegapixel,
        double motionSize,
        Behaviour behaviour,
        double captureFps,
        Optional<SecondGpu> secondGpu) {
    /// How generated images come about.
    public enum Mode {
        /// From the image before and the one after, which must be waited for.
        INTERPOLATE,
        /// From the last two images, ahead of time: nothing waits, but motion is guessed.
        EXTRAPOLATE
    }

    /// What a generator really does.
    public enum Behaviour {
        /// Makes images of their own.
        HONEST,
        /// Hands the image before on again and calls it generated.
        PHANTOM,
        /// Is switched on and makes nothing.
        NOT_ENGAGED
    }

    /// @throws IllegalArgumentException outside the ranges
    public Generator {
        Range.within("multiplier", multiplier, 2, 20);
        Range.within("fixed_ms", fixedMs, 0, 100);
        Range.within("ms_per_megapixel", msPerMegapixel, 0, 100);
        Range.within("motion_size", motionSize, 0.1, 1);
        if (!Double.isNaN(captureFps)) {
            Range.above("capture_fps", captureFps, 0, 1000);
        }
        if (mode == Mode.EXTRAPOLATE && secondGpu.isPresent()) {
            throw new IllegalArgumentException("second_gpu must be left out where mode is extrapolate");
        }
    }

    /// An honest interpolator on the game's own GPU that takes the same time for each image.
    public static Generator interpolating(int multiplier, double ms) {
        return new Generator(Mode.INTERPOLATE, multiplier, ms, 0, 1, Behaviour.HONEST, Double.NaN, Optional.empty());
    }

    /// The same with another multiplier.
    public Generator withMultiplier(int images) {
        return new Generator(mode, images, fixedMs, msPerMegapixel, motionSize, behaviour, captureFps, secondGpu);
    }

    /// The same with another size of motion estimation.
    public Generator withMotionSize(double share) {
        return new Generator(mode, multiplier, fixedMs, msPerMegapixel, share, behaviour, captureFps, secondGpu);
    }

    /// The same with another behaviour.
    public Generator with(Behaviour other) {
        return new Generator(mode, multiplier, fixedMs, msPerMegapixel, motionSize, other, captureFps, secondGpu);
    }

    /// The same on a second card.
    public Generator on(SecondGpu card) {
        return new Generator(
                mode, multiplier, fixedMs, msPerMegapixel, motionSize, behaviour, captureFps, Optional.of(card));
    }

    /// GPU time for one generated image, ms: `fixed + per megapixel · megapixels · size²`.
    public double costMs(double megapixels) {
        return fixedMs + msPerMegapixel * megapixels * motionSize * motionSize;
    }
}

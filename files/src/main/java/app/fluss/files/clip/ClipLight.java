package app.fluss.files.clip;

import app.fluss.core.latency.Signal;
import app.fluss.core.picture.Area;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;

/// The brightness of two places of a clip, picture by picture: where the input shows and where the answer
/// shows.
///
/// @param input where the input shows, such as a lamp at the button
/// @param light where the answer shows
public record ClipLight(Signal input, Signal light) {
    /// Measures a clip.
    ///
    /// @param fps pictures a second of the camera, above 0: many files state the rate at which they are
    ///     played
    /// @throws IllegalArgumentException if an area does not lie within the pictures
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static ClipLight of(Clip clip, Area input, Area light, double fps, Progress progress)
            throws IOException, InputException {
        if (!input.isWithin(clip.width(), clip.height()) || !light.isWithin(clip.width(), clip.height())) {
            throw new IllegalArgumentException(
                    "both areas must lie within %d × %d px".formatted(clip.width(), clip.height()));
        }
        float[] presses = new float[clip.size()];
        float[] answers = new float[clip.size()];
        byte[] luma = new byte[clip.width() * clip.height()];
        for (int i = 0; i < presses.length; i++) {
            clip.luma(i, luma);
            presses[i] = (float) input.mean(luma, clip.width());
            answers[i] = (float) light.mean(luma, clip.width());
            progress.check((double) i / presses.length);
        }
        return new ClipLight(Signal.of(presses, presses.length, fps), Signal.of(answers, answers.length, fps));
    }
}

package app.fluss.files.clip;

import app.fluss.core.latency.edge.Recording;
import app.fluss.core.latency.edge.Signal;
import app.fluss.core.picture.Area;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// The brightness of two places of a clip, picture by picture: where the input shows and where the answer
/// shows.
///
/// @param input where the input shows, such as a lamp at the button
/// @param light where the answer shows
public record ClipLight(Signal input, Signal light) {
    private static final double GAP = 2.5;

    /// As a recording; where the camera left out pictures is a gap.
    public Recording recording() {
        List<Recording.Gap> gaps = new ArrayList<>();
        double usualMs = 1000 / light.rateHz();
        for (int i = 1; i < light.size(); i++) {
            if (light.ms(i) - light.ms(i - 1.0) > GAP * usualMs) {
                gaps.add(new Recording.Gap(light.ms(i - 1.0), light.ms(i)));
            }
        }
        return new Recording(input, light, gaps);
    }

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
        return of(presses, answers, clip, fps);
    }

    /// Times are those of the file's own stamps, which a slow-motion film stretches: by how much, the camera's rate
    /// tells.
    private static ClipLight of(float[] presses, float[] answers, Clip clip, double fps) {
        double[] ms = new double[presses.length];
        double stretch = clip.fps() > 0 ? clip.fps() / fps : 1;
        boolean stamped = ms.length > 1;
        for (int i = 0; i < ms.length; i++) {
            ms[i] = clip.ms(i) * stretch;
            stamped &= i == 0 || ms[i] > ms[i - 1];
        }
        return stamped
                ? new ClipLight(Signal.stamped(presses, ms), Signal.stamped(answers, ms))
                : new ClipLight(Signal.of(presses, presses.length, fps), Signal.of(answers, answers.length, fps));
    }
}

package app.fluss.files.clip;

import app.fluss.core.picture.AreaSearch;
import app.fluss.core.picture.AreaSuggestion;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;

/// Proposes where in a high-speed clip the input and the answer show.
public final class ClipAreas {
    private static final double READING = 0.9;

    private ClipAreas() {}

    /// Looks at the clip, at most at its first 12 000 pictures.
    ///
    /// @param fps pictures a second of the camera, above 0
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static AreaSuggestion of(Clip clip, double fps, Progress progress) throws IOException, InputException {
        AreaSearch search = new AreaSearch(clip.width(), clip.height());
        byte[] luma = new byte[clip.width() * clip.height()];
        int pictures = Math.min(clip.size(), AreaSearch.MOST_PICTURES);
        for (int i = 0; i < pictures; i++) {
            clip.luma(i, luma);
            search.take(luma);
            progress.check(READING * i / pictures);
        }
        return search.find(fps, progress.part(READING, 1));
    }
}

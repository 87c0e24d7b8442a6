package app.fluss.files.clip;

import app.fluss.core.picture.DistinctPictures;
import app.fluss.core.picture.Look;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;

/// Counts the distinct pictures of a clip.
public final class ClipCount {
    private ClipCount() {}

    /// Counts.
    ///
    /// @throws InputException if a picture cannot be read: it says where and why
    /// @throws IllegalArgumentException if the areas to look at do not lie within the pictures
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static DistinctPictures.Count of(Clip clip, Look look, Progress progress)
            throws IOException, InputException {
        DistinctPictures distinct = new DistinctPictures(clip.width(), clip.height(), clip.size(), look);
        byte[] luma = new byte[clip.width() * clip.height()];
        for (int i = 0; i < clip.size(); i++) {
            clip.luma(i, luma);
            distinct.add(luma);
            progress.check((double) i / clip.size());
        }
        return distinct.count();
    }
}

package app.fluss.files.clip;

import app.fluss.core.picture.DistinctPictures;
import app.fluss.core.picture.Look;
import app.fluss.core.picture.PictureDifferences;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;

/// How the pictures of a clip differ.
public final class ClipDifferences {
    private static final double SAME_RATE = 0.01;

    private ClipDifferences() {}

    /// Looks at every picture.
    ///
    /// @throws InputException if a picture cannot be read: it says where and why
    /// @throws IllegalArgumentException if the areas to look at do not lie within the pictures
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    ///
    /// @param fps pictures a second that the user states; the clip's own stamps count where it says the same
    public static PictureDifferences of(Clip clip, Look look, double fps, Progress progress)
            throws IOException, InputException {
        boolean stamped = Math.abs(clip.fps() - fps) < SAME_RATE * fps;
        DistinctPictures distinct = new DistinctPictures(clip.width(), clip.height(), clip.size(), look);
        byte[] luma = new byte[clip.width() * clip.height()];
        for (int i = 0; i < clip.size(); i++) {
            clip.luma(i, luma);
            distinct.add(luma, stamped ? clip.ms(i) : Double.NaN);
            progress.check((double) i / clip.size());
        }
        return distinct.differences();
    }
}

package app.fluss.files.clip;

import app.fluss.core.picture.Area;
import app.fluss.files.log.InputException;
import java.io.Closeable;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;

/// Pictures one after the other. Must be closed. Not safe for threads.
public interface Clip extends Closeable {
    /// No difference to a colour.
    byte NO_COLOUR = (byte) 128;

    /// Width of a picture, px.
    int width();

    /// Height of a picture, px.
    int height();

    /// Pictures a second as the file states it; NaN if it does not.
    double fps();

    /// Number of pictures.
    int size();

    /// When a picture is shown, ms after the first, by the file's own stamps; NaN if it states neither stamps
    /// nor a rate.
    ///
    /// @param picture from 0
    default double ms(int picture) {
        return picture * 1000 / fps();
    }

    /// The brightness of a picture, row by row, unsigned.
    ///
    /// @param picture from 0
    /// @param into takes it; width times height
    /// @throws InputException if the picture cannot be read: it says where and why
    void luma(int picture, byte[] into) throws IOException, InputException;

    /// Says of which parts the colour is wanted from now on.
    ///
    /// @param areas within the pictures
    default void watch(List<Area> areas) {}

    /// The colour of a part that is watched, on the picture whose brightness was last asked for: the difference
    /// to blue row by row, then that to red, unsigned, 128 where there is none (Cb and Cr of ITU-R BT.601).
    /// Clips without colour have none.
    ///
    /// @param area its number among those that are watched
    /// @param into takes it; twice the area's pixels
    default void colour(int area, byte[] into) throws IOException, InputException {
        Arrays.fill(into, NO_COLOUR);
    }

    /// What is missing at the end of the clip, in words; empty if nothing is known to be.
    default String missing() {
        return "";
    }
}

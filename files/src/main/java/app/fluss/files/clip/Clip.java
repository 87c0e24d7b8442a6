package app.fluss.files.clip;

import app.fluss.files.log.InputException;
import java.io.Closeable;
import java.io.IOException;

/// Pictures one after the other. Must be closed. Not safe for threads.
public interface Clip extends Closeable {
    /// Width of a picture, px.
    int width();

    /// Height of a picture, px.
    int height();

    /// Pictures a second as the file states it; NaN if it does not.
    double fps();

    /// Number of pictures.
    int size();

    /// When a picture is shown, ms after the first, by the file's own stamps; NaN if it states neither stamps nor a
    /// rate.
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
}

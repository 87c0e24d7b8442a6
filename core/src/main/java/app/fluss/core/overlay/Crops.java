package app.fluss.core.overlay;

/// What one rectangle shows on each picture of a clip, as brightness and two differences of colour (Y, Cb, Cr
/// of ITU-R BT.601, 8 bits each). Reading may be asked for in any order, and more than once.
public interface Crops {
    /// Planes of a crop: brightness, and two of colour.
    int PLANES = 3;

    /// Width, px.
    int width();

    /// Height, px.
    int height();

    /// Number of pictures.
    int size();

    /// Reads one.
    ///
    /// @param picture from 0
    /// @param into takes the planes one after the other, each row by row, unsigned; three times width times
    /// height
    void read(int picture, byte[] into);
}

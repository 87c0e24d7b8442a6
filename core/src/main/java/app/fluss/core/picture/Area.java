package app.fluss.core.picture;

/// A rectangle of a picture, px.
///
/// @param x left edge, 0 or more
/// @param y top edge, 0 or more
/// @param width 1 or more
/// @param height 1 or more
public record Area(int x, int y, int width, int height) {
    /// @throws IllegalArgumentException if it is empty or begins outside
    public Area {
        if (x < 0 || y < 0 || width < 1 || height < 1) {
            throw new IllegalArgumentException("an area must begin at 0 or more and be 1 px or larger, got %d,%d,%d,%d"
                    .formatted(x, y, width, height));
        }
    }

    /// Whether it lies within a picture.
    public boolean isWithin(int pictureWidth, int pictureHeight) {
        return (long) x + width <= pictureWidth && (long) y + height <= pictureHeight;
    }

    /// Whether a pixel lies in it.
    public boolean contains(int column, int row) {
        return column >= x && column < x + width && row >= y && row < y + height;
    }

    /// As it is stated: `x,y,width,height`.
    public String text() {
        return "%d,%d,%d,%d".formatted(x, y, width, height);
    }

    /// Mean brightness in it, 0 to 255.
    ///
    /// @param luma of the picture, row by row, unsigned
    /// @param pictureWidth px in a row
    public double mean(byte[] luma, int pictureWidth) {
        long sum = 0;
        for (int row = y; row < y + height; row++) {
            int at = row * pictureWidth + x;
            for (int i = at; i < at + width; i++) {
                sum += luma[i] & 0xFF;
            }
        }
        return (double) sum / ((long) width * height);
    }
}

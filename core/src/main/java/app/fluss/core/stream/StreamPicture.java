package app.fluss.core.stream;

/// The picture that a stream carries, and what one image of it takes.
///
/// @param widthPx of the picture, px, 1 or more
/// @param heightPx of the picture, px, 1 or more
/// @param fps images a second, above 0
/// @param bitRateMbps of the video, Mbit/s, above 0
public record StreamPicture(int widthPx, int heightPx, double fps, double bitRateMbps) {
    private static final double MEGA = 1e6;

    /// @throws IllegalArgumentException outside the ranges
    public StreamPicture {
        if (!(widthPx >= 1 && heightPx >= 1 && fps > 0 && bitRateMbps > 0)) {
            throw new IllegalArgumentException(
                    "width and height must be 1 or more, rates above 0, got %d × %d, %s/s and %s Mbit/s"
                            .formatted(widthPx, heightPx, fps, bitRateMbps));
        }
    }

    /// Pixels of an image, millions.
    public double megapixels() {
        return widthPx * (double) heightPx / MEGA;
    }

    /// Bits for each pixel: `bit rate / (pixels · rate)`.
    public double bitsPerPixel() {
        return bitRateMbps / (megapixels() * fps);
    }

    /// Bits for each image, on average.
    public double bitsPerImage() {
        return bitRateMbps * MEGA / fps;
    }

    /// What sending an image takes on a link, ms: its bits by the rate.
    ///
    /// @param linkMbps what the link carries, Mbit/s, above 0
    public double serialisationMs(double linkMbps) {
        return bitsPerImage() / (linkMbps * MEGA) * 1000;
    }

    /// Another picture with as many bits for each pixel.
    public StreamPicture alike(int width, int height, double rate) {
        return new StreamPicture(width, height, rate, bitsPerPixel() * width * height * rate / MEGA);
    }
}

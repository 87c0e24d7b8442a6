package app.fluss.core.overlay;

import java.util.Arrays;

/// Crops as how far each pixel is on the way from the scene to the colour of the text. Coloured text over a scene as
/// bright as it is stands out there.
final class Tinted implements Crops {
    private static final double SCENE = 40;
    private static final double TEXT = 180;
    private static final byte NO_COLOUR = (byte) 128;

    private final Crops plain;
    private final Tint tint;
    private final byte[] crop;

    Tinted(Crops plain, Tint tint) {
        this.plain = plain;
        this.tint = tint;
        crop = new byte[PLANES * plain.width() * plain.height()];
    }

    @Override
    public int width() {
        return plain.width();
    }

    @Override
    public int height() {
        return plain.height();
    }

    @Override
    public int size() {
        return plain.size();
    }

    @Override
    public void read(int picture, byte[] into) {
        plain.read(picture, crop);
        int pixels = width() * height();
        double[] colour = new double[pixels];
        for (int at = 0; at < pixels; at++) {
            colour[at] = tint.weight(1) * (crop[pixels + at] & 0xFF) + tint.weight(2) * (crop[2 * pixels + at] & 0xFF);
        }
        for (int y = 0; y < height(); y++) {
            for (int x = 0; x < width(); x++) {
                int at = y * width() + x;
                double mix = tint.weight(0) * (crop[at] & 0xFF) + smooth(colour, x, y);
                into[at] = (byte) Math.clamp(Math.round(SCENE + TEXT * (mix - tint.scene())), 0, 255);
            }
        }
        Arrays.fill(into, pixels, PLANES * pixels, NO_COLOUR);
    }

    /// Coding keeps colour at half the resolution: what lies between is the mean of what is around it.
    private double smooth(double[] colour, int x, int y) {
        double sum = 0;
        for (int dy = -1; dy <= 1; dy++) {
            int row = Math.clamp(y + dy, 0, height() - 1) * width();
            double across =
                    colour[row + Math.max(0, x - 1)] + 2 * colour[row + x] + colour[row + Math.min(width() - 1, x + 1)];
            sum += dy == 0 ? 2 * across : across;
        }
        return sum / 16;
    }
}

package app.fluss.core.overlay;

/// The colour that text is written in, and how far from it a pixel still counts as ink.
///
/// @param y brightness, 0 to 255
/// @param u difference to blue, 0 to 255, 128 is none
/// @param v difference to red, the same
/// @param reach distance in that space, above 0
record Ink(double y, double u, double v, double reach) {
    /// Coding keeps colour at half the resolution: on thin strokes it tells less than brightness does.
    private static final double CHROMA = 0.3;

    /// How much of a pixel is ink: 1 at its colour, 0 at twice the reach.
    float share(byte[] crop, int pixels, int at) {
        return (float) Math.max(0, 1 - Math.sqrt(awaySquared(crop, pixels, at)) / (2 * reach));
    }

    /// How far a pixel is from it, squared.
    double awaySquared(byte[] crop, int pixels, int at) {
        double dy = (crop[at] & 0xFF) - y;
        double du = (crop[pixels + at] & 0xFF) - u;
        double dv = (crop[2 * pixels + at] & 0xFF) - v;
        return dy * dy + CHROMA * (du * du + dv * dv);
    }

    /// The share of each pixel of a crop.
    void shares(byte[] crop, float[] into) {
        for (int i = 0; i < into.length; i++) {
            into[i] = share(crop, into.length, i);
        }
    }
}

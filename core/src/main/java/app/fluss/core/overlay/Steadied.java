package app.fluss.core.overlay;

import java.util.Arrays;

/// Crops as they are over several pictures: of each pixel the one that is least like the ink. Text stays
/// as it is while what moves behind it goes, unless the text changes meanwhile.
final class Steadied implements Crops {
    /// Pictures that are looked at together.
    static final int TOGETHER = 6;

    private final Crops moving;
    private final Ink ink;
    private final int before;
    private final byte[][] window = new byte[TOGETHER][];
    private final int[] held = new int[TOGETHER];

    private Steadied(Crops moving, Ink ink, int before) {
        this.moving = moving;
        this.ink = ink;
        this.before = before;
        Arrays.fill(held, -1);
        Arrays.setAll(window, _ -> new byte[PLANES * moving.width() * moving.height()]);
    }

    /// Each picture with those before it.
    static Crops back(Crops moving, Ink ink) {
        return new Steadied(moving, ink, TOGETHER - 1);
    }

    /// Each picture with those after it.
    static Crops ahead(Crops moving, Ink ink) {
        return new Steadied(moving, ink, 0);
    }

    @Override
    public int width() {
        return moving.width();
    }

    @Override
    public int height() {
        return moving.height();
    }

    @Override
    public int size() {
        return moving.size();
    }

    @Override
    public void read(int picture, byte[] into) {
        int from = Math.max(0, picture - before);
        int to = Math.min(size() - 1, picture - before + TOGETHER - 1);
        int pixels = width() * height();
        double[] most = new double[pixels];
        Arrays.fill(most, -1);
        for (int i = from; i <= to; i++) {
            byte[] crop = held(i);
            for (int at = 0; at < pixels; at++) {
                double away = ink.awaySquared(crop, pixels, at);
                if (away > most[at]) {
                    most[at] = away;
                    for (int plane = 0; plane < PLANES; plane++) {
                        into[plane * pixels + at] = crop[plane * pixels + at];
                    }
                }
            }
        }
    }

    private byte[] held(int picture) {
        int slot = picture % TOGETHER;
        if (held[slot] != picture) {
            moving.read(picture, window[slot]);
            held[slot] = picture;
        }
        return window[slot];
    }
}

package app.fluss.core.overlay;

import java.util.Arrays;
import java.util.Optional;

/// Whether bright text has a dark outline, which keeps what is as bright behind it off. Where it has none, and is
/// only a little brighter than the scene, [Rimmed] takes away whole figures that something bright stands behind,
/// and what is left looks like another number.
final class Outline {
    private static final int LOOKS = 60;
    private static final float HALF = 0.5F;
    /// By how much it is darker than the scene, on every side of the text, at least: more than what coding does.
    private static final double DARKER = 20;
    /// How far from the text it is looked for, px.
    private static final int REACH = 3;

    private static final int[][] SIDES = {{-1, 0}, {1, 0}, {0, -1}, {0, 1}};

    private final int width;
    private final int height;
    private final InkSearch.Found found;
    private final byte[] crop;
    private final float[] shares;
    private final Mean scene = new Mean();
    private final Mean[] sides = means(SIDES.length);
    private final Mean[] text = means(Crops.PLANES);

    private Outline(Crops crops, InkSearch.Found found) {
        this.found = found;
        width = crops.width();
        height = crops.height();
        crop = new byte[Crops.PLANES * width * height];
        shares = new float[width * height];
    }

    private static Mean[] means(int n) {
        Mean[] means = new Mean[n];
        Arrays.setAll(means, _ -> new Mean());
        return means;
    }

    private static final class Mean {
        private double sum;
        private long n;

        void add(byte value) {
            sum += value & 0xFF;
            n++;
        }

        double value() {
            return sum / n;
        }
    }

    /// Looks at some pictures.
    ///
    /// @param found ink and rows of the text within its rim
    static Outline of(Crops plain, Rimmed rimmed, InkSearch.Found found) {
        Outline outline = new Outline(plain, found);
        int looks = Math.min(LOOKS, plain.size());
        for (int i = 0; i < looks; i++) {
            outline.look(plain, rimmed, (int) ((long) i * plain.size() / looks));
        }
        return outline;
    }

    /// Whether there is one.
    boolean isThere() {
        return Arrays.stream(sides).allMatch(side -> side.value() < scene.value() - DARKER);
    }

    /// The text as the pictures show it, in the rows in which it was found; empty if none was.
    ///
    /// @param reach how far from its colour a pixel still counts as ink
    Optional<InkSearch.Found> text(double reach) {
        Ink ink = new Ink(text[0].value(), text[1].value(), text[2].value(), reach);
        return text[0].n == 0
                ? Optional.empty()
                : Optional.of(new InkSearch.Found(ink, found.top(), found.bottom(), found.score()));
    }

    private void look(Crops plain, Rimmed rimmed, int picture) {
        rimmed.read(picture, crop);
        found.ink().shares(crop, shares);
        plain.read(picture, crop);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int at = y * width + x;
                if (shares[at] == 0) {
                    scene.add(crop[at]);
                } else if (shares[at] >= HALF && y >= found.top() && y <= found.bottom()) {
                    for (int plane = 0; plane < Crops.PLANES; plane++) {
                        text[plane].add(crop[plane * width * height + at]);
                    }
                    addSides(x, y);
                }
            }
        }
    }

    /// The nearest pixel on each side of one of text that is none of it.
    private void addSides(int fromX, int fromY) {
        for (int side = 0; side < SIDES.length; side++) {
            for (int away = 1; away <= REACH; away++) {
                int x = fromX + away * SIDES[side][0];
                int y = fromY + away * SIDES[side][1];
                if (x >= 0 && y >= 0 && x < width && y < height && shares[y * width + x] == 0) {
                    sides[side].add(crop[y * width + x]);
                    break;
                }
            }
        }
    }
}

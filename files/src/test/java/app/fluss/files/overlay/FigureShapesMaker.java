package app.fluss.files.overlay;

import app.fluss.core.overlay.FigureShapes;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.zip.GZIPOutputStream;

/// Makes the shapes of text faces that ship with Fluss: every figure and letter is drawn in each face of a
/// folder at
/// three sizes, and of each those are kept that are least like one another. `bench/figure-shapes.sh` runs it.
public final class FigureShapesMaker {
    private static final String NAMES = "0123456789%ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz";
    private static final int[] HEIGHTS = {11, 15, 26};
    private static final int MOST_OF_A_FIGURE = 70;
    private static final int MOST_OF_A_LETTER = 22;
    private static final double ALIKE = 0.6;

    private FigureShapesMaker() {}

    /// @param arguments folder with text faces, file to write
    public static void main(String... arguments) throws Exception {
        List<Path> faces;
        try (var files = Files.walk(Path.of(arguments[0]))) {
            faces = files.filter(file -> file.toString().endsWith(".ttf"))
                    .sorted()
                    .toList();
        }
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        for (char name : NAMES.toCharArray()) {
            List<float[]> drawn = new ArrayList<>();
            for (Path face : faces) {
                Font unit = Font.createFont(Font.TRUETYPE_FONT, face.toFile()).deriveFont(100f);
                for (int height : HEIGHTS) {
                    drawn.add(shape(unit, name, height));
                }
            }
            int most = Character.isDigit(name) ? MOST_OF_A_FIGURE : MOST_OF_A_LETTER;
            apart(drawn, most).forEach(shape -> packed.writeBytes(FigureShapes.packed(name, shape)));
        }
        write(packed.toByteArray(), Path.of(arguments[1]));
    }

    private static void write(byte[] packed, Path file) throws IOException {
        try (OutputStream out = new GZIPOutputStream(Files.newOutputStream(file))) {
            out.write(packed);
        }
    }

    private static float[] shape(Font unit, char name, int height) {
        FontRenderContext context = new FontRenderContext(null, true, true);
        double tall = unit.createGlyphVector(context, "0").getVisualBounds().getHeight();
        Font font = unit.deriveFont((float) (100 * height / tall));
        Rectangle2D ink = font.createGlyphVector(context, String.valueOf(name)).getVisualBounds();
        int width = (int) Math.ceil(ink.getWidth()) + 1;
        int rows = 3 * height;
        BufferedImage image = new BufferedImage(width, rows, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setFont(font);
        g.setColor(Color.WHITE);
        g.drawString(String.valueOf(name), (float) -ink.getX(), 2f * height);
        g.dispose();
        float[] shares = new float[width * rows];
        for (int i = 0; i < shares.length; i++) {
            shares[i] = (image.getRaster().getSample(i % width, i / width, 0)) / 255f;
        }
        return FigureShapes.normal(shares, width, height, height);
    }

    /// The first, then always the one that is least like all those before.
    private static List<float[]> apart(List<float[]> drawn, int most) {
        double[] nearest = new double[drawn.size()];
        Arrays.fill(nearest, Double.POSITIVE_INFINITY);
        List<float[]> kept = new ArrayList<>();
        int next = 0;
        while (kept.size() < most && nearest[next] > ALIKE) {
            float[] shape = drawn.get(next);
            kept.add(shape);
            nearest[next] = 0;
            for (int i = 0; i < nearest.length; i++) {
                nearest[i] = Math.min(nearest[i], FigureShapes.distance(shape, drawn.get(i)));
                next = nearest[i] > nearest[next] ? i : next;
            }
        }
        return kept;
    }
}

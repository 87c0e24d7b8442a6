package app.fluss.files.overlay;

import app.fluss.core.picture.Area;
import app.fluss.files.clip.VideoMaker;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/// A recording with a number on it, drawn from nothing but its definition: a moving scene, text in an
/// open face, and what the text says on each picture.
///
/// @param face file of the text face: a resource of this package, or by its whole path
/// @param height of its figures, px
/// @param style of the text
/// @param rgb its colour
/// @param brightness of the scene on average, 0 to 255
/// @param noise standard deviation of each pixel
/// @param format of the number, such as `FPS %d`
/// @param low lowest value
/// @param high highest value
/// @param every for how many pictures a number stands
record DrawnOverlay(
        String face,
        int height,
        Style style,
        int rgb,
        int brightness,
        double noise,
        String format,
        double low,
        double high,
        int every) {
    static final int WIDTH = 240;
    static final int HEIGHT = 80;
    static final int FPS = 60;

    private static final int LEFT = 24;
    private static final int AROUND = 5;

    enum Style {
        PLAIN,
        SHADOW,
        OUTLINE,
        PLATE
    }

    /// What each picture says.
    double[] values(int pictures) {
        SplittableRandom random = new SplittableRandom(face.length() + 31L * height);
        double[] values = new double[pictures];
        double level = (low + high) / 2;
        double step = isWhole() ? 1 : 0.1;
        for (int i = 0; i < pictures; i++) {
            if (i % every == 0) {
                level = Math.clamp(level + random.nextDouble(-0.2, 0.2) * (high - low), low, high);
                level = random.nextInt(6) == 0 ? random.nextDouble(low, high) : level;
            }
            values[i] = Math.rint(Math.rint(level / step) * step * 10) / 10;
        }
        return values;
    }

    private boolean isWhole() {
        return !format.contains("%.1f");
    }

    private String text(double value) {
        return isWhole() ? String.format(Locale.ROOT, format, (int) value) : String.format(Locale.ROOT, format, value);
    }

    private Font font() {
        try (InputStream file = open(face)) {
            Font unit = Font.createFont(Font.TRUETYPE_FONT, file).deriveFont(100f);
            double tall =
                    unit.createGlyphVector(context(), "0").getVisualBounds().getHeight();
            return unit.deriveFont((float) (100 * height / tall));
        } catch (IOException | FontFormatException e) {
            throw new IllegalStateException(e);
        }
    }

    private static InputStream open(String face) throws IOException {
        Path file = Path.of(face);
        return file.isAbsolute()
                ? Files.newInputStream(file)
                : Objects.requireNonNull(DrawnOverlay.class.getResourceAsStream(face), face);
    }

    private static FontRenderContext context() {
        return new FontRenderContext(null, true, false);
    }

    /// A rectangle around the text, as an analyst draws it.
    Area area(double[] values) {
        return area(values, "");
    }

    /// A rectangle around the number alone, so close that it cuts what stands right after it.
    ///
    /// @param unit what that is
    Area areaBefore(String unit, double[] values) {
        Area number = area(values, unit);
        return new Area(number.x(), number.y(), number.width() - AROUND, number.height());
    }

    private Area area(double[] values, String without) {
        Font font = font();
        double widest = Arrays.stream(values)
                .mapToObj(this::text)
                .map(text -> text.substring(0, text.length() - without.length()))
                .distinct()
                .mapToDouble(text -> font.createGlyphVector(context(), text)
                        .getLogicalBounds()
                        .getWidth())
                .max()
                .orElseThrow();
        int top = base() - height - AROUND;
        return new Area(LEFT - AROUND, top, (int) widest + 2 * AROUND, height + 2 * AROUND + height / 4);
    }

    /// Whether its numbers lie within the pictures.
    boolean fits() {
        return area(new double[] {low, high}).isWithin(WIDTH, HEIGHT);
    }

    private int base() {
        return (HEIGHT + height) / 2;
    }

    /// The pictures; without text where there is no value.
    List<BufferedImage> pictures(double[] values) {
        Font font = font();
        SplittableRandom random = new SplittableRandom(height);
        List<BufferedImage> pictures = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            BufferedImage picture = scene(i);
            if (!Double.isNaN(values[i])) {
                write(picture, font, text(values[i]));
            }
            grain(picture, random);
            pictures.add(picture);
        }
        return pictures;
    }

    /// A scene that goes past, with things in it that go their own way.
    private BufferedImage scene(int at) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double wave = Math.sin((x + 3 * at) / 9.0 + y / 13.0)
                        + Math.sin((x + 2 * at) / 23.0 - y / 7.0)
                        + Math.sin((x - at) / 5.0 + y / 17.0);
                int level = brightness + (int) (12 * wave);
                picture.setRGB(x, y, colour(level + 8, level, level - 10));
            }
        }
        Graphics2D g = picture.createGraphics();
        for (int thing = 0; thing < 4; thing++) {
            int x = (thing * 71 + (2 + thing) * at) % (WIDTH + 60) - 40;
            int level = brightness + (thing % 2 == 0 ? 35 : -45);
            g.setColor(new Color(colour(level, level + 10, level + 5)));
            g.fillRect(x, thing * 19, 26, 18);
        }
        g.dispose();
        return picture;
    }

    private static int colour(int red, int green, int blue) {
        return Math.clamp(red, 0, 255) << 16 | Math.clamp(green, 0, 255) << 8 | Math.clamp(blue, 0, 255);
    }

    private void write(BufferedImage picture, Font font, String text) {
        Graphics2D g = picture.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setFont(font);
        switch (style) {
            case PLAIN -> {}
            case SHADOW -> {
                g.setColor(new Color(0, 0, 0, 200));
                g.drawString(text, LEFT + 1, base() + 1);
            }
            case OUTLINE -> {
                Shape shape = font.createGlyphVector(context(), text).getOutline(LEFT, base());
                g.setColor(Color.BLACK);
                g.setStroke(new BasicStroke(Math.max(2f, height / 8f)));
                g.draw(shape);
            }
            case PLATE -> {
                g.setColor(new Color(0, 0, 0, 150));
                g.fillRect(LEFT - 8, base() - height - 8, WIDTH - LEFT, height + 16);
            }
        }
        g.setColor(new Color(rgb));
        g.drawString(text, LEFT, base());
        g.dispose();
    }

    private void grain(BufferedImage picture, SplittableRandom random) {
        for (int i = 0; noise > 0 && i < WIDTH * HEIGHT; i++) {
            int now = picture.getRGB(i % WIDTH, i / WIDTH);
            int by = (int) Math.rint(noise * random.nextGaussian());
            picture.setRGB(
                    i % WIDTH, i / WIDTH, colour((now >> 16 & 255) + by, (now >> 8 & 255) + by, (now & 255) + by));
        }
    }

    /// As a video as recorders write it.
    static void code(List<BufferedImage> pictures, int bitsPerSecond, Path file) {
        code(pictures, "libopenh264", bitsPerSecond, file);
    }

    /// As a video by an encoder of the library.
    static void code(List<BufferedImage> pictures, String encoder, int bitsPerSecond, Path file) {
        double[] ms = IntStream.range(0, pictures.size())
                .mapToDouble(i -> i * 1000.0 / FPS)
                .toArray();
        List<byte[]> planes = pictures.stream().map(DrawnOverlay::planes).toList();
        VideoMaker.make(file, WIDTH, HEIGHT, planes, encoder, bitsPerSecond, ms);
    }

    /// As Y4M, without loss.
    static void write(List<BufferedImage> pictures, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            out.write("YUV4MPEG2 W%d H%d F%d:1 C420jpeg\n"
                    .formatted(WIDTH, HEIGHT, FPS)
                    .getBytes(StandardCharsets.US_ASCII));
            for (BufferedImage picture : pictures) {
                out.write("FRAME\n".getBytes(StandardCharsets.US_ASCII));
                out.write(planes(picture));
            }
        }
    }

    /// Brightness in full, colour at half the size, by the weights of ITU-R BT.601 (from memory).
    static byte[] planes(BufferedImage picture) {
        int width = picture.getWidth();
        int height = picture.getHeight();
        byte[] planes = new byte[width * height * 3 / 2];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int rgb = picture.getRGB(x, y);
                double red = rgb >> 16 & 255;
                double green = rgb >> 8 & 255;
                double blue = rgb & 255;
                planes[y * width + x] = level(0.299 * red + 0.587 * green + 0.114 * blue);
                if (x % 2 == 0 && y % 2 == 0) {
                    int at = width * height + y / 2 * (width / 2) + x / 2;
                    planes[at] = level(128 - 0.168736 * red - 0.331264 * green + 0.5 * blue);
                    planes[at + width * height / 4] = level(128 + 0.5 * red - 0.418688 * green - 0.081312 * blue);
                }
            }
        }
        return planes;
    }

    private static byte level(double value) {
        return (byte) (int) Math.clamp(Math.rint(value), 0, 255);
    }
}

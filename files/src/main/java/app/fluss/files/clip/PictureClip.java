package app.fluss.files.clip;

import app.fluss.files.log.InputException;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/// A clip as a folder of numbered PNG pictures, in the order of the last number in their names.
final class PictureClip implements Clip {
    private static final int MOST_PX = 1 << 26;
    private static final int MOST_PICTURES = 200_000;

    private final List<Path> pictures;
    private final int width;
    private final int height;

    private PictureClip(List<Path> pictures, int width, int height) {
        this.pictures = pictures;
        this.width = width;
        this.height = height;
    }

    static PictureClip open(Path folder) throws IOException, InputException {
        List<Path> pictures;
        try (Stream<Path> files = Files.list(folder)) {
            pictures = files.filter(PictureClip::isPicture)
                    .limit(MOST_PICTURES + 1L)
                    .sorted(Comparator.comparingLong(PictureClip::number).thenComparing(Path::toString))
                    .toList();
        }
        if (pictures.isEmpty() || pictures.size() > MOST_PICTURES) {
            throw new InputException(
                    folder,
                    0,
                    0,
                    pictures.isEmpty() ? "no PNG picture" : "more than %d pictures".formatted(MOST_PICTURES),
                    "a folder of numbered PNG pictures");
        }
        BufferedImage first = read(pictures.getFirst());
        return new PictureClip(pictures, first.getWidth(), first.getHeight());
    }

    private static String name(Path file) {
        return String.valueOf(file.getFileName());
    }

    static boolean isPicture(Path file) {
        return name(file).toLowerCase(Locale.ROOT).endsWith(".png");
    }

    /// The last number in a name; 0 if there is none.
    private static long number(Path file) {
        String digits = name(file).replaceAll("^.*?(\\d{0,15})\\D*$", "$1");
        return digits.isEmpty() ? 0 : Long.parseLong(digits);
    }

    /// The size is looked at before anything is decoded: a small file can claim a huge picture.
    private static BufferedImage read(Path file) throws IOException, InputException {
        try (InputStream in = Files.newInputStream(file);
                ImageInputStream input = ImageIO.createImageInputStream(in)) {
            Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName("png");
            ImageReader reader = readers.next();
            try {
                reader.setInput(input, true, true);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PX) {
                    throw new InputException(file, 0, 0, "a picture of more than 67 million px", "a smaller one");
                }
                return reader.read(0);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            throw new InputException(file, 0, 0, "a picture that cannot be read: " + e.getMessage(), "a PNG picture");
        }
    }

    @Override
    public int width() {
        return width;
    }

    @Override
    public int height() {
        return height;
    }

    @Override
    public double fps() {
        return Double.NaN;
    }

    @Override
    public int size() {
        return pictures.size();
    }

    @Override
    public void luma(int picture, byte[] into) throws IOException, InputException {
        Path file = pictures.get(picture);
        BufferedImage image = read(file);
        if (image.getWidth() != width || image.getHeight() != height) {
            throw new InputException(
                    file,
                    0,
                    0,
                    "a picture of %d × %d px".formatted(image.getWidth(), image.getHeight()),
                    "%d × %d px, as the first".formatted(width, height));
        }
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            image.getRGB(0, y, width, 1, row, 0, width);
            for (int x = 0; x < width; x++) {
                into[y * width + x] = luma(row[x]);
            }
        }
    }

    /// ITU-R BT.601 weights (from memory).
    private static byte luma(int rgb) {
        double value = 0.299 * (rgb >> 16 & 0xFF) + 0.587 * (rgb >> 8 & 0xFF) + 0.114 * (rgb & 0xFF);
        return (byte) (int) Math.rint(value);
    }

    @Override
    public void close() {
        // Each picture is opened on its own.
    }
}

package app.fluss.files.clip;

import app.fluss.files.log.InputException;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/// Single PNG pictures as brightness.
public final class StillFile {
    private static final int MOST_PX = 1 << 26;

    private StillFile() {}

    /// A picture.
    public static final class Still {
        private final byte[] luma;
        private final int width;

        Still(byte[] luma, int width) {
            this.luma = luma;
            this.width = width;
        }

        /// Brightness, row by row, unsigned; not a copy.
        public byte[] luma() {
            return luma;
        }

        /// Width, px.
        public int width() {
            return width;
        }

        /// Height, px.
        public int height() {
            return luma.length / width;
        }
    }

    /// Reads a picture as brightness. Its size is looked at before anything is decoded: a small file can claim
    /// a huge picture.
    ///
    /// @throws InputException if it cannot be read: it says why
    public static Still read(Path file) throws IOException, InputException {
        return still(image(file));
    }

    /// Decodes a picture.
    static BufferedImage image(Path file) throws IOException, InputException {
        try (InputStream in = Files.newInputStream(file);
                ImageInputStream input = ImageIO.createImageInputStream(in)) {
            ImageReader reader = ImageIO.getImageReadersByFormatName("png").next();
            try {
                reader.setInput(input, true, true);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PX) {
                    throw new InputException(file, 0, 0, "a picture of more than 67 million px", "a smaller one");
                }
                return reader.read(0);
            } finally {
                reader.dispose();
            }
        } catch (NoSuchFileException e) {
            throw e; // the command line has words for it
        } catch (IOException | RuntimeException e) {
            throw new InputException(file, 0, 0, "a picture that cannot be read: " + e.getMessage(), "a PNG picture");
        }
    }

    static Still still(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        boolean grey = image.getColorModel() instanceof ComponentColorModel
                && image.getColorModel().getNumColorComponents() == 1;
        if (grey) {
            return new Still(greys(image), width);
        }
        byte[] luma = new byte[width * height];
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            image.getRGB(0, y, width, 1, row, 0, width);
            for (int x = 0; x < width; x++) {
                luma[y * width + x] = luma(row[x]);
            }
        }
        return new Still(luma, width);
    }

    /// Grey pictures as they stand: read as colours they would be taken for linear light and brightened.
    private static byte[] greys(BufferedImage image) {
        int width = image.getWidth();
        byte[] luma = new byte[width * image.getHeight()];
        int shift = image.getColorModel().getComponentSize(0) - 8;
        int[] row = new int[width];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRaster().getSamples(0, y, width, 1, 0, row);
            for (int x = 0; x < width; x++) {
                luma[y * width + x] = (byte) (row[x] >> Math.max(0, shift));
            }
        }
        return luma;
    }

    /// ITU-R BT.601 weights (from memory).
    private static byte luma(int rgb) {
        double value = 0.299 * (rgb >> 16 & 0xFF) + 0.587 * (rgb >> 8 & 0xFF) + 0.114 * (rgb & 0xFF);
        return (byte) (int) Math.rint(value);
    }

    /// Writes brightness as a grey picture.
    ///
    /// @param luma row by row, unsigned
    public static void write(byte[] luma, int width, Path file) throws IOException {
        int height = luma.length / width;
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        image.getRaster().setDataElements(0, 0, width, height, luma);
        // Given a file, the writer would remove it first, be it a device.
        try (OutputStream out = Files.newOutputStream(file)) {
            ImageIO.write(image, "png", out);
        }
    }
}

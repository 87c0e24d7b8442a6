package app.fluss.files.clip;

import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/// A clip as a folder of numbered PNG pictures, in the order of the last number in their names.
final class PictureClip implements Clip {
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
        StillFile.Still first = StillFile.read(pictures.getFirst());
        return new PictureClip(pictures, first.width(), first.height());
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
        StillFile.Still still = StillFile.read(file);
        if (still.width() != width || still.height() != height) {
            throw new InputException(
                    file,
                    0,
                    0,
                    "a picture of %d × %d px".formatted(still.width(), still.height()),
                    "%d × %d px, as the first".formatted(width, height));
        }
        System.arraycopy(still.luma(), 0, into, 0, still.luma().length);
    }

    @Override
    public void close() {
        // Each picture is opened on its own.
    }
}

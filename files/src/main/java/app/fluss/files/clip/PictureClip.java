package app.fluss.files.clip;

import app.fluss.core.picture.Area;
import app.fluss.files.log.InputException;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/// A clip as a folder of numbered PNG pictures, in the order of the last number in their names.
final class PictureClip implements GrowingClip {
    private static final int MOST_PICTURES = 200_000;
    private static final String WANTED = "a folder of numbered PNG pictures";
    private static final Comparator<Path> ORDER =
            Comparator.comparingLong(PictureClip::number).thenComparing(Path::toString);

    private final Path folder;
    private List<Path> pictures;
    private final int width;
    private final int height;
    private List<Area> watched = List.of();
    private @Nullable BufferedImage last;
    private int read;

    private PictureClip(Path folder, List<Path> pictures, int width, int height) {
        this.folder = folder;
        this.pictures = pictures;
        this.width = width;
        this.height = height;
    }

    static PictureClip open(Path folder) throws IOException, InputException {
        List<Path> pictures = pictures(folder);
        if (pictures.isEmpty()) {
            throw new InputException(folder, 0, 0, "no PNG picture", WANTED);
        }
        StillFile.Still first = StillFile.read(pictures.getFirst());
        return new PictureClip(folder, pictures, first.width(), first.height());
    }

    static List<Path> pictures(Path folder) throws IOException, InputException {
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> pictures = files.filter(PictureClip::isPicture)
                    .limit(MOST_PICTURES + 1L)
                    .sorted(ORDER)
                    .toList();
            if (pictures.size() > MOST_PICTURES) {
                throw new InputException(folder, 0, 0, "more than %d pictures".formatted(MOST_PICTURES), WANTED);
            }
            return pictures;
        }
    }

    @Override
    public int grow() throws IOException, InputException {
        // Several writers end out of order: only what was read keeps its number.
        List<Path> grown = new ArrayList<>(pictures.subList(0, read));
        pictures(folder).stream()
                .filter(file -> read == 0 || ORDER.compare(file, pictures.get(read - 1)) > 0)
                .forEach(grown::add);
        pictures = grown;
        return pictures.size();
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
        BufferedImage image = StillFile.image(file);
        StillFile.Still still = StillFile.still(image);
        last = image;
        if (still.width() != width || still.height() != height) {
            throw new InputException(
                    file,
                    0,
                    0,
                    "a picture of %d × %d px".formatted(still.width(), still.height()),
                    "%d × %d px, as the first".formatted(width, height));
        }
        System.arraycopy(still.luma(), 0, into, 0, still.luma().length);
        read = Math.max(read, picture + 1);
    }

    @Override
    public void watch(List<Area> areas) {
        watched = List.copyOf(areas);
    }

    @Override
    public void colour(int area, byte[] into) throws IOException, InputException {
        BufferedImage image = last;
        if (image == null || image.getColorModel().getNumColorComponents() < 3) {
            GrowingClip.super.colour(area, into);
            return;
        }
        Area wanted = watched.get(area);
        int size = wanted.width() * wanted.height();
        int[] rgb =
                image.getRGB(wanted.x(), wanted.y(), wanted.width(), wanted.height(), new int[size], 0, wanted.width());
        for (int i = 0; i < size; i++) {
            int red = rgb[i] >> 16 & 0xFF;
            int green = rgb[i] >> 8 & 0xFF;
            int blue = rgb[i] & 0xFF;
            // ITU-R BT.601 (from memory).
            into[i] = difference(-0.168736 * red - 0.331264 * green + 0.5 * blue);
            into[size + i] = difference(0.5 * red - 0.418688 * green - 0.081312 * blue);
        }
    }

    private static byte difference(double value) {
        return (byte) Math.clamp(Math.rint(128 + value), 0, 255);
    }

    @Override
    public void close() {
        // Each picture is opened on its own.
    }
}

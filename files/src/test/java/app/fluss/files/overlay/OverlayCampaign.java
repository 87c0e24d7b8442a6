package app.fluss.files.overlay;

import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.overlay.Stand;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.overlay.DrawnOverlay.Style;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;

/// Reads many recordings drawn at random, and tells how much of what they show was read right, left open,
/// and read wrong without a doubt: too long for the suite, see `bench/overlay-campaign.sh`.
final class OverlayCampaign {
    private static final int PICTURES = 600;
    private static final int[] COLOURS = {0xffffff, 0xffffff, 0x78e63c, 0xff9628, 0x40e0ff, 0xffdc3c, 0xff78c8};
    private static final String[] WHOLE = {"FPS %d", "%d FPS", "%dfps", "%d", "GPU %d%%", "%dW"};
    private static final String[] DECIMAL = {"%.1f", "%.1f ms", "FT %.1fms"};
    private static final int[] BRIGHTNESS = {60, 110, 150, 190, 215};
    private static final int[] EVERY = {1, 2, 15, 15, 60};
    private static final int[] BITS = {600_000, 2_000_000};

    private OverlayCampaign() {}

    /// @param args a folder with text faces (TTF), the first seed, the seed after the last
    public static void main(String[] args) throws Exception {
        List<String> faces = faces(Path.of(args[0]));
        Path file = Files.createTempFile("drawn", ".mp4");
        int[] sum = new int[3];
        int full = 0;
        int refused = 0;
        try (EngineNamer namer = EngineNamer.start()) {
            for (int seed = Integer.parseInt(args[1]); seed < Integer.parseInt(args[2]); seed++) {
                SplittableRandom random = new SplittableRandom(seed);
                int bits = BITS[random.nextInt(BITS.length)];
                DrawnOverlay drawn = drawn(faces, random);
                double[] truth = drawn.values(PICTURES);
                DrawnOverlay.code(drawn.pictures(truth), bits, file);
                OverlaySeries series = read(file, drawn, truth, namer);
                int[] part = score(series, truth);
                for (int i = 0; i < sum.length; i++) {
                    sum[i] += part[i];
                }
                full += part[0] >= 0.995 * PICTURES ? 1 : 0;
                refused += part[1] == PICTURES ? 1 : 0;
                System.out.printf(
                        "%4d right %3d open %3d wrong %3d  %s at %d kbit/s %s%n",
                        seed, part[0], part[1], part[2], name(drawn), bits / 1000, series.whyNot());
            }
        } finally {
            Files.deleteIfExists(file);
        }
        double all = Arrays.stream(sum).sum();
        System.out.printf(
                "right %.2f %%, open %.2f %%, wrong %.3f %%; read in full %d, refused %d%n",
                100 * sum[0] / all, 100 * sum[1] / all, 100 * sum[2] / all, full, refused);
    }

    private static List<String> faces(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.toAbsolutePath().toString())
                    .filter(file -> file.endsWith(".ttf"))
                    .sorted()
                    .toList();
        }
    }

    private static DrawnOverlay drawn(List<String> faces, SplittableRandom random) {
        boolean decimal = random.nextInt(3) == 0;
        String[] formats = decimal ? DECIMAL : WHOLE;
        DrawnOverlay drawn = new DrawnOverlay(
                faces.get(random.nextInt(faces.size())),
                random.nextInt(12, 41),
                Style.values()[random.nextInt(Style.values().length)],
                COLOURS[random.nextInt(COLOURS.length)],
                BRIGHTNESS[random.nextInt(BRIGHTNESS.length)],
                random.nextInt(3) * 2,
                formats[random.nextInt(formats.length)],
                decimal ? 4 : 30,
                decimal ? 36 : 160,
                EVERY[random.nextInt(EVERY.length)]);
        return drawn.fits() ? drawn : drawn(faces, random);
    }

    private static String name(DrawnOverlay drawn) {
        return "%s %d px %s %06x over %d, noise %.0f, \"%s\" every %d"
                .formatted(
                        Path.of(drawn.face()).getFileName(),
                        drawn.height(),
                        drawn.style(),
                        drawn.rgb(),
                        drawn.brightness(),
                        drawn.noise(),
                        drawn.format(),
                        drawn.every());
    }

    private static OverlaySeries read(Path file, DrawnOverlay drawn, double[] truth, EngineNamer namer)
            throws Exception {
        try (Clip clip = ClipFile.openWhatIsLeft(file)) {
            List<AskedNumber> asked = List.of(new AskedNumber("rate", drawn.area(truth), List.of()));
            return ClipOverlays.read(clip, "drawn.mp4", asked, DrawnOverlay.FPS, namer, Progress.NONE)
                    .recorded()
                    .numbers()
                    .getFirst()
                    .series();
        }
    }

    /// Pictures read right, open, and wrong.
    private static int[] score(OverlaySeries series, double[] truth) {
        int[] score = new int[3];
        for (Stand stand : series.stands()) {
            int from = (int) Math.rint(stand.fromMs() * DrawnOverlay.FPS / 1000);
            for (int i = from; i < from + stand.pictures(); i++) {
                score[Double.isNaN(stand.value()) ? 1 : stand.value() == truth[i] ? 0 : 2]++;
            }
        }
        return score;
    }
}

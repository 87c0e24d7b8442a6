package app.fluss.files.overlay;

import app.fluss.core.picture.Area;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.clip.VideoMaker;
import app.fluss.files.log.DifferencesFile;
import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/// Draws the recording that ships with the demo: a walk along the shore of an invented game at 48 images/s,
/// under a
/// counter that says about twice that. `bench/demo-clip.sh` runs it.
public final class DemoClipMaker {
    private static final int WIDTH = 512;
    private static final int HEIGHT = 288;
    private static final int FPS = 60;
    private static final int IMAGES_PER_S = 48;
    private static final int SECONDS = 10;
    private static final int BITS_PER_S = 300_000;
    private static final int UPDATE = FPS / 2;

    private DemoClipMaker() {}

    /// @param arguments text face, folder for the clip and for what Fluss reads of it
    public static void main(String... arguments) throws Exception {
        Path clip = Path.of(arguments[1]).resolve("recording.mp4");
        draw(Path.of(arguments[0]), clip);
        List<AskedNumber> asked = List.of(
                new AskedNumber("rate", new Area(18, 12, 100, 32), List.of()),
                new AskedNumber("gpu_load", new Area(18, 46, 110, 32), List.of()));
        try (Clip open = ClipFile.open(clip);
                EngineNamer namer = EngineNamer.start()) {
            Overlays overlays = ClipOverlays.read(open, "recording.mp4", asked, open.fps(), namer, Progress.NONE);
            OverlayFile.write(overlays.recorded(), clip.resolveSibling("recording.json"));
            DifferencesFile.write(overlays.differences(), clip.resolveSibling("recording.csv"));
        }
    }

    private static void draw(Path text, Path clip) throws Exception {
        Font face = Font.createFont(Font.TRUETYPE_FONT, text.toFile()).deriveFont(24f);
        SplittableRandom random = new SplittableRandom(48);
        List<byte[]> pictures = new ArrayList<>();
        int rate = 96;
        int load = 97;
        for (int i = 0; i < FPS * SECONDS; i++) {
            if (i % UPDATE == 0) {
                rate = Math.clamp(rate + random.nextInt(-3, 4), 90, 103);
                load = Math.clamp(load + random.nextInt(-2, 3), 92, 99);
            }
            // The recorder shows each image until the next one is there.
            int image = i * IMAGES_PER_S / FPS;
            BufferedImage picture = scene((double) image / IMAGES_PER_S);
            write(picture, face, rate + " FPS", "GPU " + load + "%");
            pictures.add(DrawnOverlay.planes(picture));
        }
        double[] ms = IntStream.range(0, pictures.size())
                .mapToDouble(i -> i * 1000.0 / FPS)
                .toArray();
        VideoMaker.make(clip, WIDTH, HEIGHT, pictures, "libopenh264", BITS_PER_S, ms);
    }

    private static BufferedImage scene(double second) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = picture.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setPaint(new GradientPaint(0, 0, new Color(0x7fb4c8), 0, 220, new Color(0xf2dcb8)));
        g.fillRect(0, 0, WIDTH, HEIGHT);
        g.setColor(new Color(0xfbeecb));
        g.fillOval(390, 48, 54, 54);
        hills(g, second * 22, 150, 40, 170, new Color(0x8fa7a8));
        hills(g, second * 48 + 300, 178, 34, 120, new Color(0x5f8583));
        g.setColor(new Color(0x3f7f8c));
        g.fillRect(0, 200, WIDTH, HEIGHT);
        g.setColor(new Color(0xbfdfe0));
        for (int wave = 0; wave < 20; wave++) {
            double depth = 1 + wave % 9;
            double x = Math.floorMod((long) (wave * 97 - second * 26 * depth), WIDTH + 60) - 40;
            g.fillRect((int) x, (int) (202 + depth * 9 + 2 * Math.sin(second * 3 + wave)), (int) (10 + 4 * depth), 2);
        }
        g.setColor(new Color(0x2c4436));
        for (int reed = 0; reed < 26; reed++) {
            double x = Math.floorMod((long) (reed * 37 - second * 330), WIDTH + 80) - 40;
            double bend = 10 * Math.sin(second * 2.2 + reed);
            Path2D leaf = new Path2D.Double();
            leaf.moveTo(x - 3, HEIGHT);
            leaf.quadTo(x, 250, x + bend, 200 + reed % 7 * 8);
            leaf.quadTo(x + 3, 252, x + 4, HEIGHT);
            g.fill(leaf);
        }
        g.dispose();
        return picture;
    }

    private static void hills(Graphics2D g, double shift, int base, int high, int apart, Color colour) {
        Path2D line = new Path2D.Double();
        line.moveTo(0, HEIGHT);
        for (int x = 0; x <= WIDTH; x += 4) {
            double at = (x + shift) / apart;
            line.lineTo(x, base - high * (0.5 + 0.3 * Math.sin(at * 2.1) + 0.2 * Math.sin(at * 5.3)));
        }
        line.lineTo(WIDTH, HEIGHT);
        g.setColor(colour);
        g.fill(line);
    }

    private static void write(BufferedImage picture, Font face, String... lines) {
        Graphics2D g = picture.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setColor(new Color(8, 20, 26, 170));
        g.fillRoundRect(14, 12, 128, 34 * lines.length, 10, 10);
        g.setFont(face);
        g.setColor(Color.WHITE);
        for (int i = 0; i < lines.length; i++) {
            g.drawString(lines[i], 24, 38 + 32 * i);
        }
        g.dispose();
    }
}

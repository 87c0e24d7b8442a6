package app.fluss.cli;

import app.fluss.core.overlay.FollowedNumber;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.overlay.Stand;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.clip.GrowingClip;
import app.fluss.files.log.InputException;
import app.fluss.files.overlay.AskedNumber;
import app.fluss.files.overlay.EngineNamer;
import app.fluss.files.overlay.FollowedOverlays;
import app.fluss.files.overlay.Overlays;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.StringJoiner;

/// Reads along with a folder of pictures that a recorder writes: now and then a line of what the numbers
/// show, until no picture has come for a while.
final class OverlayFollow {
    private static final Duration LOOK = Duration.ofMillis(500);

    private final Path folder;
    private final Duration quiet;
    private final PrintWriter out;
    private long lastGrownNs = System.nanoTime();

    /// @param quiet without a new picture after which the recording has ended
    /// @param out takes the lines
    OverlayFollow(Path folder, Duration quiet, PrintWriter out) {
        this.folder = folder;
        this.quiet = quiet;
        this.out = out;
    }

    /// Follows the folder to its end, and reads it all.
    ///
    /// @throws InputException if no pictures come, or they cannot be read: it says why
    Overlays read(List<AskedNumber> asked, double fps, EngineNamer namer)
            throws IOException, InputException, InterruptedException {
        try (GrowingClip clip = await();
                FollowedOverlays followed = new FollowedOverlays(clip, asked, fps, namer)) {
            int pictures = clip.size();
            int shown = 0;
            lastGrownNs = System.nanoTime();
            while (true) {
                int taken = followed.take(Progress.NONE);
                if (clip.size() > pictures) {
                    pictures = clip.size();
                    lastGrownNs = System.nanoTime();
                } else if (isQuiet()) {
                    break; // asked last: reading itself may take longer than the quiet
                }
                if (taken >= FollowedNumber.FIRST && taken > shown) {
                    print(asked, followed, clip.size() - taken, fps);
                    shown = taken;
                }
                Thread.sleep(LOOK);
            }
            out.println("no picture for %d s: all %d are read once more".formatted(quiet.toSeconds(), clip.size()));
            out.flush();
            return followed.end(String.valueOf(folder.getFileName()), Progress.NONE);
        }
    }

    private GrowingClip await() throws IOException, InputException, InterruptedException {
        while (true) {
            Optional<GrowingClip> clip = ClipFile.follow(folder);
            if (clip.isPresent()) {
                return clip.get();
            } else if (isQuiet()) {
                throw new InputException(
                        folder,
                        0,
                        0,
                        "no more than %d pictures in %d s".formatted(GrowingClip.UNFINISHED, quiet.toSeconds()),
                        "a folder that a recorder writes numbered PNG pictures into: start it, or give a longer --quiet");
            }
            Thread.sleep(LOOK);
        }
    }

    private boolean isQuiet() {
        return System.nanoTime() - lastGrownNs > quiet.toNanos();
    }

    private void print(List<AskedNumber> asked, FollowedOverlays followed, int behind, double fps) {
        List<OverlaySeries> soFar = followed.soFar(Progress.NONE);
        double endMs = soFar.getFirst().stands().getLast().toMs();
        StringJoiner line = new StringJoiner(";  ", String.format(Locale.ROOT, "%7.1f s  ", endMs / 1000), "");
        for (int i = 0; i < soFar.size(); i++) {
            line.add(asked.get(i).name() + " " + text(asked.get(i).name(), soFar.get(i)));
        }
        PictureCount count = followed.count();
        if (count.isCounted()) {
            line.add(String.format(Locale.ROOT, "%.1f distinct/s", count.deliveredFps(fps)));
        }
        line.add("%d pictures behind".formatted(behind));
        out.println(line);
        out.flush();
    }

    private static String text(String name, OverlaySeries series) {
        if (series.mean().isKnown()) {
            Stand now = series.stands().getLast();
            return String.format(
                    Locale.ROOT,
                    "%s %s, mean %.1f, open %.0f %%",
                    now.isRead() ? number(now.value()) : "open",
                    OverlayKind.of(name).unit(),
                    series.mean().orNaN(),
                    100 * series.openShare());
        }
        return series.whyNot();
    }

    private static String number(double value) {
        return value == Math.rint(value) ? "%d".formatted((long) value) : String.valueOf(value);
    }
}

package app.fluss.files.clip;

import app.fluss.core.picture.Area;
import app.fluss.files.log.InputException;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ScheduledFuture;

/// A common video file, decoded picture after picture by a process of its own; going back begins anew.
final class VideoClip implements Clip {
    private static final Set<String> ENDINGS = Set.of(".mp4", ".mov", ".mkv", ".webm", ".avi", ".m4v");

    private static final double LEAST_LOST_MS = 250;
    private static final double LEAST_LOST_SHARE = 0.02;

    private final Path file;
    private final OwnProcess decoder;
    private final DataInputStream from;
    private final DataOutputStream to;
    private final int width;
    private final int height;
    private final double fps;
    private final double statedMs;
    private final double[] ms;
    private List<Area> watched = List.of();
    private byte[][] colours = {};
    private boolean closed;

    private VideoClip(Path file, OwnProcess decoder) throws IOException, InputException {
        this.file = file;
        this.decoder = decoder;
        from = decoder.from();
        to = new DataOutputStream(decoder.to());
        ScheduledFuture<?> patience = decoder.patience();
        try {
            expectReady();
            width = from.readInt();
            height = from.readInt();
            fps = from.readDouble();
            statedMs = from.readDouble();
            int size = from.readInt();
            boolean sound = width > 0
                    && height > 0
                    && (long) width * height <= VideoDecoder.MOST_PX
                    && size > 0
                    && size <= VideoDecoder.MOST_PICTURES;
            if (!sound) {
                throw fault("an answer of the decoder that makes no sense", "another coding: convert it to Y4M");
            }
            ms = new double[size];
            for (int i = 0; i < size; i++) {
                ms[i] = from.readDouble();
            }
        } catch (IOException e) {
            throw ended(e);
        } finally {
            patience.cancel(false);
        }
    }

    static boolean isVideo(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return ENDINGS.stream().anyMatch(name::endsWith);
    }

    static VideoClip open(Path file) throws IOException, InputException {
        OwnProcess decoder = OwnProcess.start(
                "app.fluss.files.clip.VideoDecoder",
                List.of("org.bytedeco.ffmpeg.avutil.AVFrame", "org.bytedeco.javacpp.Loader"),
                List.of(file.toAbsolutePath().toString()));
        try {
            return new VideoClip(file, decoder);
        } catch (IOException | InputException | RuntimeException e) {
            decoder.close();
            throw e;
        }
    }

    private void expectReady() throws IOException, InputException {
        int word = from.readInt();
        if (word == VideoDecoder.REFUSED) {
            throw fault(from.readUTF(), from.readUTF());
        }
        if (word != VideoDecoder.READY) {
            throw fault("an answer of the decoder that makes no sense", "another coding: convert it to Y4M");
        }
    }

    private InputException ended(IOException cause) {
        decoder.close();
        InputException fault = fault(
                "a video at which the decoder ended", "a file that is whole: copy it again, or convert it to Y4M");
        fault.addSuppressed(cause);
        return fault;
    }

    private InputException fault(String seen, String expected) {
        return new InputException(file, 0, 0, seen, expected);
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
        return fps;
    }

    @Override
    public int size() {
        return ms.length;
    }

    @Override
    public double ms(int picture) {
        return Double.isNaN(ms[picture]) ? Clip.super.ms(picture) : ms[picture] - ms[0];
    }

    @Override
    public void luma(int picture, byte[] into) throws IOException, InputException {
        if (closed) {
            throw new IllegalStateException("the clip is closed");
        }
        ScheduledFuture<?> patience = decoder.patience();
        try {
            to.writeInt(picture);
            to.flush();
            expectReady();
            from.readFully(into, 0, width * height);
            for (byte[] colour : colours) {
                from.readFully(colour);
            }
        } catch (IOException e) {
            throw ended(e);
        } finally {
            patience.cancel(false);
        }
    }

    @Override
    public void watch(List<Area> areas) {
        watched = List.copyOf(areas);
        colours = new byte[watched.size()][];
        try {
            to.writeInt(VideoDecoder.WATCH);
            to.writeInt(colours.length);
            for (int i = 0; i < colours.length; i++) {
                Area area = watched.get(i);
                colours[i] = new byte[2 * area.width() * area.height()];
                to.writeInt(area.x());
                to.writeInt(area.y());
                to.writeInt(area.width());
                to.writeInt(area.height());
            }
        } catch (IOException e) {
            closed = true; // the next picture that is asked for says so
        }
    }

    @Override
    public void colour(int area, byte[] into) {
        System.arraycopy(colours[area], 0, into, 0, into.length);
    }

    /// A file that was cut off still states in its head how long it was.
    @Override
    public String missing() {
        double endMs = ms(ms.length - 1) + 1000 / fps;
        double lostMs = statedMs - endMs;
        boolean lost = lostMs > Math.max(LEAST_LOST_MS, LEAST_LOST_SHARE * statedMs);
        return lost
                ? String.format(Locale.ROOT, "the file states %.1f s and ends at %.1f s", statedMs / 1000, endMs / 1000)
                : "";
    }

    @Override
    public void close() {
        closed = true;
        decoder.close();
    }
}

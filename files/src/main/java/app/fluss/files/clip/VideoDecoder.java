package app.fluss.files.clip;

import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/// Decodes a video in a process of its own, which a hostile file may end: the window lives on. It needs nothing
/// but the native decoder, and is spoken to by its standard input and output.
///
/// First it writes [#READY], width, height, pictures a second, how long they last by the file's account, the
/// number of pictures and the time of each. Then, for [#WATCH], a count and so many areas, it answers nothing;
/// for the number of a picture, [#READY], the picture's brightness and the colour of each area. What it cannot
/// do it tells by [#REFUSED] and two texts. It ends when its input does.
final class VideoDecoder {
    static final int READY = 0x464C5659;
    static final int REFUSED = 0x464C564E;
    static final int WATCH = -1;
    static final int MOST_PX = 1 << 26;
    static final int MOST_PICTURES = 4_000_000;

    private static final int AREA = 4;

    private final String file;
    private final DataOutputStream out;
    private int width;
    private int height;
    private byte[] luma = {};
    private int[][] areas = {};
    private byte[][] colours = {};
    private @Nullable VideoPass pass;
    private int next;

    private VideoDecoder(String file, DataOutputStream out) {
        this.file = file;
        this.out = out;
    }

    /// Decodes a file.
    ///
    /// @param arguments the file
    public static void main(String[] arguments) throws IOException {
        DataOutputStream out = new DataOutputStream(new BufferedOutputStream(System.out, 1 << 16));
        VideoDecoder decoder = new VideoDecoder(arguments[0], out);
        try {
            decoder.tellWhatThereIs();
            decoder.answer(new DataInputStream(System.in));
        } catch (UnusableVideoException e) {
            out.writeInt(REFUSED);
            out.writeUTF(e.seen());
            out.writeUTF(e.expected());
        }
        out.flush();
    }

    private void tellWhatThereIs() throws IOException, UnusableVideoException {
        double[] ms = new double[1024];
        int size = 0;
        double fps;
        double statedMs;
        try (VideoPass whole = new VideoPass(file)) {
            width = whole.width();
            height = whole.height();
            fps = whole.fps();
            statedMs = whole.statedMs();
            if (width < 1 || height < 1 || (long) width * height > MOST_PX) {
                throw new UnusableVideoException(
                        "pictures of %d × %d px".formatted(width, height), "up to 67 million px");
            }
            while (whole.advance()) {
                if (size == MOST_PICTURES) {
                    throw new UnusableVideoException("more than %d pictures".formatted(MOST_PICTURES), "fewer");
                }
                ms = size == ms.length ? Arrays.copyOf(ms, 2 * size) : ms;
                ms[size++] = whole.ms();
            }
        }
        if (size == 0) {
            throw new UnusableVideoException("a video without pictures", "at least one");
        }
        luma = new byte[width * height];
        out.writeInt(READY);
        out.writeInt(width);
        out.writeInt(height);
        out.writeDouble(fps);
        out.writeDouble(statedMs);
        out.writeInt(size);
        for (int i = 0; i < size; i++) {
            out.writeDouble(ms[i]);
        }
        out.flush();
    }

    private void answer(DataInputStream in) throws IOException, UnusableVideoException {
        while (true) {
            int picture;
            try {
                picture = in.readInt();
            } catch (EOFException e) {
                return;
            }
            if (picture == WATCH) {
                watch(in);
                continue;
            }
            decode(picture);
            out.writeInt(READY);
            out.write(luma);
            for (byte[] colour : colours) {
                out.write(colour);
            }
            out.flush();
            // The next one is wanted most often: it is ready when it is asked for.
            ahead();
        }
    }

    private void watch(DataInputStream in) throws IOException {
        areas = new int[in.readInt()][AREA];
        colours = new byte[areas.length][];
        for (int i = 0; i < areas.length; i++) {
            for (int part = 0; part < AREA; part++) {
                areas[i][part] = in.readInt();
            }
            colours[i] = new byte[2 * areas[i][2] * areas[i][3]];
        }
        // What was decoded before was decoded without them.
        close();
    }

    private void close() {
        VideoPass running = pass;
        if (running != null) {
            running.close();
        }
        pass = null;
        next = 0;
    }

    private void take(VideoPass running) throws UnusableVideoException {
        running.luma(width, height, luma);
        if (areas.length > 0) {
            running.colours(width, height, areas, colours);
        }
    }

    private void decode(int picture) throws UnusableVideoException {
        VideoPass running = pass;
        if (running != null && picture == next - 1) {
            return;
        }
        if (running == null || picture < next) {
            close();
            running = new VideoPass(file);
            pass = running;
        }
        for (; next <= picture; next++) {
            if (!running.advance()) {
                throw new UnusableVideoException("no picture %d".formatted(next + 1), "as many as were counted");
            }
        }
        take(running);
    }

    private void ahead() throws UnusableVideoException {
        VideoPass running = pass;
        if (running != null && running.advance()) {
            next++;
            take(running);
        }
    }
}

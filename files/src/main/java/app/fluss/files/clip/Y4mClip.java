package app.fluss.files.clip;

import app.fluss.core.picture.Area;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.List;

/// A clip as YUV4MPEG2 (Y4M) with 8 bits: only what is asked for is read, where it stands in the file. The
/// layout is as in the yuv4mpeg manual page of mjpegtools (from memory).
final class Y4mClip implements Clip {
    private static final String MAGIC = "YUV4MPEG2";
    private static final int LONGEST_HEADER = 1024;
    private static final int LONGEST_MARK = 256;
    private static final int MOST_PX = 1 << 26;
    private static final int MOST_PICTURES = 4_000_000;

    private final Path file;
    private final FileChannel channel;
    private int width;
    private int height;
    private double fps = Double.NaN;
    private String colour = "420jpeg";
    private long[] starts = new long[256];
    private int size;
    private String missing = "";
    private List<Area> watched = List.of();
    private int last;

    private Y4mClip(Path file, FileChannel channel) {
        this.file = file;
        this.channel = channel;
    }

    static Y4mClip open(Path file) throws IOException, InputException {
        FileChannel channel = FileChannel.open(file, StandardOpenOption.READ);
        try {
            Y4mClip clip = new Y4mClip(file, channel);
            clip.index(clip.header());
            return clip;
        } catch (IOException | InputException | RuntimeException e) {
            channel.close();
            throw e;
        }
    }

    private InputException fault(String seen, String expected) {
        return new InputException(file, 0, 0, seen, expected);
    }

    /// @return where the first picture's mark begins
    private long header() throws IOException, InputException {
        String line = line(0, LONGEST_HEADER);
        String[] words = line.split(" ", -1);
        if (!words[0].equals(MAGIC)) {
            throw fault("a file that does not begin with " + MAGIC, "a clip as Y4M");
        }
        for (String word : Arrays.asList(words).subList(1, words.length)) {
            if (word.length() > 1) {
                parameter(word.charAt(0), word.substring(1));
            }
        }
        if (width < 1 || height < 1 || (long) width * height > MOST_PX) {
            throw fault(
                    "pictures of %d × %d px".formatted(width, height), "a width W and a height H up to 67 million px");
        }
        return line.length() + 1L;
    }

    private void parameter(char kind, String value) throws InputException {
        switch (kind) {
            case 'W' -> width = whole(value);
            case 'H' -> height = whole(value);
            case 'C' -> colour = value;
            case 'F' -> {
                String[] parts = value.split(":", -1);
                int per = parts.length == 2 ? whole(parts[1]) : 0;
                fps = per > 0 ? (double) whole(parts[0]) / per : Double.NaN;
            }
            default -> {}
        }
    }

    private int whole(String text) throws InputException {
        try {
            return Integer.parseInt(text);
        } catch (NumberFormatException e) {
            throw fault(
                    "\"" + (text.length() > 20 ? text.substring(0, 20) + "…" : text) + "\" in its header", "a number");
        }
    }

    private long pictureBytes() throws InputException {
        long luma = (long) width * height;
        long halfWidth = (width + 1L) / 2;
        long halfHeight = (height + 1L) / 2;
        return switch (colour) {
            case "mono" -> luma;
            case "420", "420jpeg", "420mpeg2", "420paldv" -> luma + 2 * halfWidth * halfHeight;
            case "422" -> luma + 2 * halfWidth * height;
            case "444" -> 3 * luma;
            default -> throw fault("colour as C" + colour, "8 bits: mono, 420, 422 or 444");
        };
    }

    private void index(long from) throws IOException, InputException {
        long bytes = pictureBytes();
        long end = channel.size();
        long at = from;
        while (at < end) {
            String mark = line(at, LONGEST_MARK);
            if (!mark.equals("FRAME") && !mark.startsWith("FRAME ")) {
                throw fault("no picture at byte %d (picture %d)".formatted(at, size + 1), "the word FRAME");
            }
            long begins = at + mark.length() + 1;
            if (begins + bytes > end) {
                missing = "picture %d is cut off".formatted(size + 1);
                break;
            }
            if (size == MOST_PICTURES) {
                throw fault("more than %d pictures".formatted(MOST_PICTURES), "fewer: cut the clip");
            }
            starts = size == starts.length ? Arrays.copyOf(starts, 2 * size) : starts;
            starts[size++] = begins;
            at = begins + bytes;
        }
        if (size == 0) {
            throw fault(missing.isEmpty() ? "no picture" : missing, "at least one whole picture");
        }
    }

    /// A line of the file, without its end.
    private String line(long at, int longest) throws IOException, InputException {
        ByteBuffer buffer = ByteBuffer.allocate(longest);
        channel.read(buffer, at);
        byte[] bytes = buffer.array();
        for (int i = 0; i < buffer.position(); i++) {
            if (bytes[i] == '\n') {
                return new String(bytes, 0, i, StandardCharsets.ISO_8859_1);
            }
        }
        throw fault("no end of line within %d bytes at byte %d".formatted(longest, at), "a clip as Y4M");
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
        return fps > 0 ? fps : Double.NaN;
    }

    @Override
    public int size() {
        return size;
    }

    @Override
    public void luma(int picture, byte[] into) throws IOException, InputException {
        ByteBuffer buffer = ByteBuffer.wrap(into, 0, width * height);
        last = picture;
        fill(buffer, starts[picture]);
    }

    private void fill(ByteBuffer buffer, long at) throws IOException, InputException {
        while (buffer.hasRemaining()) {
            int got = channel.read(buffer, at + buffer.position());
            if (got < 0) {
                throw fault("a file that became shorter while it was read", "a clip that is not being written");
            }
        }
    }

    @Override
    public void watch(List<Area> areas) {
        watched = List.copyOf(areas);
    }

    @Override
    public void colour(int area, byte[] into) throws IOException, InputException {
        if (colour.equals("mono")) {
            Clip.super.colour(area, into);
            return;
        }
        Area wanted = watched.get(area);
        int across = colour.equals("444") ? 1 : 2;
        int down = colour.startsWith("420") ? 2 : 1;
        int columns = (width + across - 1) / across;
        int rows = (height + down - 1) / down;
        byte[] row = new byte[columns];
        int at = 0;
        for (int plane = 0; plane < 2; plane++) {
            long begins = starts[last] + (long) width * height + (long) plane * columns * rows;
            for (int y = wanted.y(); y < wanted.y() + wanted.height(); y++) {
                fill(ByteBuffer.wrap(row), begins + (long) (y / down) * columns);
                for (int x = wanted.x(); x < wanted.x() + wanted.width(); x++) {
                    into[at++] = row[x / across];
                }
            }
        }
    }

    @Override
    public String missing() {
        return missing;
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}

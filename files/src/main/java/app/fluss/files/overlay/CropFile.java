package app.fluss.files.overlay;

import app.fluss.core.overlay.Crops;
import app.fluss.core.overlay.Rectangle;
import app.fluss.core.overlay.Stand;
import app.fluss.core.picture.Area;
import java.io.Closeable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;

/// The crops of one rectangle in a file of their own, so that memory does not grow with the clip. The file goes
/// away when this is closed.
final class CropFile implements Crops, Closeable {
    private static final int MOST_PICTURES = 1000;

    private final FileChannel channel;
    private final Area area;
    private final Area asked;
    private int size;

    /// @param area what is kept
    /// @param asked the rectangle itself, in the same rows
    CropFile(Area area, Area asked, Path folder) throws IOException {
        this.area = area;
        this.asked = asked;
        Path file = Files.createTempFile(folder, "crops", ".yuv");
        channel = FileChannel.open(
                file, StandardOpenOption.READ, StandardOpenOption.WRITE, StandardOpenOption.DELETE_ON_CLOSE);
    }

    /// Adds the next picture.
    ///
    /// @param luma of the whole picture
    /// @param pictureWidth px in a row of it
    /// @param colour of the rectangle
    void add(byte[] luma, int pictureWidth, byte[] colour) throws IOException {
        byte[] crop = new byte[bytes()];
        for (int y = 0; y < area.height(); y++) {
            System.arraycopy(luma, (area.y() + y) * pictureWidth + area.x(), crop, y * area.width(), area.width());
        }
        System.arraycopy(colour, 0, crop, area.width() * area.height(), colour.length);
        ByteBuffer buffer = ByteBuffer.wrap(crop);
        while (buffer.hasRemaining()) {
            channel.write(buffer, (long) size * bytes() + buffer.position());
        }
        size++;
    }

    private int bytes() {
        return PLANES * area.width() * area.height();
    }

    @Override
    public int width() {
        return area.width();
    }

    @Override
    public int height() {
        return area.height();
    }

    @Override
    public int size() {
        return size;
    }

    @Override
    public void read(int picture, byte[] into) {
        ByteBuffer buffer = ByteBuffer.wrap(into, 0, bytes());
        try {
            while (buffer.hasRemaining()) {
                if (channel.read(buffer, (long) picture * bytes() + buffer.position()) < 0) {
                    throw new IllegalArgumentException("no picture " + picture);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// The rectangle, and what was kept beside it.
    Rectangle rectangle() {
        int from = asked.x() - area.x();
        return new Rectangle(this, from, from + asked.width());
    }

    /// The middle picture of each reading, those of open ones first, as many as there is room for.
    StandCrops of(List<Stand> stands, int mostBytes) {
        int pixels = asked.width() * asked.height();
        int left = Math.min(MOST_PICTURES, mostBytes / pixels);
        byte[][] grey = new byte[stands.size()][];
        byte[] crop = new byte[bytes()];
        for (boolean read : new boolean[] {false, true}) {
            int first = 0;
            for (int i = 0; i < grey.length && left > 0; i++) {
                Stand stand = stands.get(i);
                if (stand.isRead() == read) {
                    read(first + stand.pictures() / 2, crop);
                    grey[i] = grey(crop);
                    left--;
                }
                first += stand.pictures();
            }
        }
        return new StandCrops(asked.width(), asked.height(), grey);
    }

    /// Of the rectangle itself.
    private byte[] grey(byte[] crop) {
        byte[] grey = new byte[asked.width() * asked.height()];
        for (int y = 0; y < asked.height(); y++) {
            int from = y * area.width() + asked.x() - area.x();
            System.arraycopy(crop, from, grey, y * asked.width(), asked.width());
        }
        return grey;
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}

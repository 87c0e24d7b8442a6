package app.fluss.files.study;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/// Compressed bytes on their way into a study. They wait in a temporary file, so that the heavy work is done before the
/// study is asked for anything, and memory stays bounded.
final class Packing implements AutoCloseable {
    private final FileChannel waiting;
    private long end;

    Packing() throws IOException {
        Path file = Files.createTempFile("fluss-packing", ".bin");
        this.waiting = FileChannel.open(
                file, StandardOpenOption.READ, StandardOpenOption.WRITE, StandardOpenOption.DELETE_ON_CLOSE);
    }

    /// Where compressed bytes wait.
    record Block(long at, int length) {}

    /// Compresses bytes and sets them aside. Several threads may do so.
    Block add(byte[] bytes) throws IOException {
        return add(ByteBuffer.wrap(Packed.pack(bytes)));
    }

    private synchronized Block add(ByteBuffer packed) throws IOException {
        long at = end;
        while (packed.hasRemaining()) {
            end += waiting.write(packed, end);
        }
        return new Block(at, packed.limit());
    }

    /// The compressed bytes.
    byte[] packed(Block block) throws IOException {
        ByteBuffer buffer = ByteBuffer.allocate(block.length);
        while (buffer.hasRemaining()) {
            if (waiting.read(buffer, block.at + buffer.position()) < 0) {
                throw new IOException("the temporary file was cut off");
            }
        }
        return buffer.array();
    }

    @Override
    public void close() throws IOException {
        waiting.close();
    }
}

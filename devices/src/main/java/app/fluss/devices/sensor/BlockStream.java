package app.fluss.devices.sensor;

import java.io.IOException;
import java.io.InputStream;

/// A stream that is read in blocks only, as sound is.
abstract class BlockStream extends InputStream {
    @Override
    public final int read() throws IOException {
        throw new IOException("sound is read in blocks");
    }

    @Override
    public abstract int read(byte[] into, int from, int length) throws IOException;
}

package app.fluss.files.study;

import com.github.luben.zstd.Zstd;
import com.github.luben.zstd.ZstdException;

/// Bytes compressed with Zstandard.
final class Packed {
    private static final int LEVEL = 1;

    private Packed() {}

    static byte[] pack(byte[] bytes) {
        return Zstd.compress(bytes, LEVEL);
    }

    /// Unpacks into an array of the largest size allowed, whatever the compressed bytes claim.
    ///
    /// @return how many bytes there were; -1 if they are damaged or too many
    static int unpack(byte[] packed, byte[] into) {
        try {
            long got = Zstd.decompress(into, packed);
            return Zstd.isError(got) ? -1 : (int) got;
        } catch (ZstdException e) {
            return -1;
        }
    }
}

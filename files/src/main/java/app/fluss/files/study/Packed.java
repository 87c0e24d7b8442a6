package app.fluss.files.study;

import com.github.luben.zstd.Zstd;
import com.github.luben.zstd.ZstdException;
import java.util.Optional;

/// Bytes compressed with Zstandard.
final class Packed {
    private static final int LEVEL = 1;

    private Packed() {}

    static byte[] pack(byte[] bytes) {
        return Zstd.compress(bytes, LEVEL);
    }

    /// Unpacks as many bytes as there must be. What the compressed bytes say of themselves is looked at before anything
    /// is allocated.
    ///
    /// @return empty if they are damaged, or are more or fewer
    static Optional<byte[]> unpack(byte[] packed, int bytes) {
        try {
            if (Zstd.getFrameContentSize(packed) != bytes) {
                return Optional.empty();
            }
            byte[] unpacked = new byte[bytes];
            long got = Zstd.decompress(unpacked, packed);
            return Zstd.isError(got) || got != bytes ? Optional.empty() : Optional.of(unpacked);
        } catch (ZstdException e) {
            return Optional.empty();
        }
    }

    /// How many bytes there are unpacked, by what the compressed bytes say; below 0 if they do not.
    static long unpackedBytes(byte[] packed) {
        return Zstd.getFrameContentSize(packed);
    }
}

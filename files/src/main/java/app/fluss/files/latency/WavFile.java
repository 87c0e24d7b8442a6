package app.fluss.files.latency;

import app.fluss.core.latency.edge.Signal;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.lang.foreign.Arena;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.ValueLayout;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/// A two-channel WAV whose samples stay in the file, mapped into memory: a recording of an hour then needs no more
/// heap than one of a minute, which the platform's own reader cannot do. PCM of 16, 24 and 32 bits, and 32-bit
/// float.
final class WavFile implements AutoCloseable {
    private static final ValueLayout.OfShort U16 = ValueLayout.JAVA_SHORT_UNALIGNED.withOrder(ByteOrder.LITTLE_ENDIAN);
    private static final ValueLayout.OfInt U32 = ValueLayout.JAVA_INT_UNALIGNED.withOrder(ByteOrder.LITTLE_ENDIAN);
    private static final ValueLayout.OfFloat F32 = ValueLayout.JAVA_FLOAT_UNALIGNED.withOrder(ByteOrder.LITTLE_ENDIAN);
    private static final int RIFF = 0x46464952;
    private static final int WAVE = 0x45564157;
    private static final int FORMAT = 0x20746D66;
    private static final int DATA = 0x61746164;
    private static final int PCM = 1;
    private static final int FLOAT = 3;
    private static final int EXTENSIBLE = 0xFFFE;
    private static final int HEAD_BYTES = 12;
    private static final int CHUNK_HEAD_BYTES = 8;
    private static final int CHANNELS = 2;
    private static final double LOWEST_HZ = 8000;
    private static final double HIGHEST_HZ = 192_000;

    private final Arena arena;
    private final MemorySegment data;
    private final double rateHz;
    private final int bytes;
    private final boolean isFloat;
    private final int size;

    private WavFile(Arena arena, MemorySegment data, double rateHz, int bytes, boolean isFloat) {
        this.arena = arena;
        this.data = data;
        this.rateHz = rateHz;
        this.bytes = bytes;
        this.isFloat = isFloat;
        this.size = (int) Math.min(Integer.MAX_VALUE - 8, data.byteSize() / CHANNELS / bytes);
    }

    /// Maps a file.
    ///
    /// @throws InputException if it is no WAV that can be used
    @SuppressWarnings("MustBeClosedChecker") // the memory is let go by close()
    static WavFile open(Path file) throws IOException, InputException {
        Arena arena = Arena.ofShared();
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            MemorySegment all = channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size(), arena);
            return parse(file, arena, all);
        } catch (IOException | InputException | RuntimeException e) {
            arena.close();
            throw e;
        }
    }

    private static WavFile parse(Path file, Arena arena, MemorySegment all) throws InputException {
        if (all.byteSize() < HEAD_BYTES || all.get(U32, 0) != RIFF || all.get(U32, 8) != WAVE) {
            throw new InputException(file, 0, 0, "no WAV", "a RIFF file of WAVE sound");
        }
        MemorySegment format = null;
        long at = HEAD_BYTES;
        while (at + CHUNK_HEAD_BYTES <= all.byteSize()) {
            int id = all.get(U32, at);
            long length = Integer.toUnsignedLong(all.get(U32, at + 4));
            long begin = at + CHUNK_HEAD_BYTES;
            // A recorder that was stopped hard leaves a length that is too long: what is there is used.
            long there = Math.min(length, all.byteSize() - begin);
            if (id == FORMAT && there >= 16) {
                format = all.asSlice(begin, there);
            } else if (id == DATA) {
                if (format == null) {
                    throw new InputException(file, 0, 0, "sound before its format", "a format chunk first");
                }
                return of(file, arena, format, all.asSlice(begin, there));
            }
            at = begin + length + (length & 1);
        }
        throw new InputException(file, 0, 0, "a WAV without sound", "a data chunk: the file may be cut off");
    }

    private static WavFile of(Path file, Arena arena, MemorySegment format, MemorySegment data) throws InputException {
        int code = Short.toUnsignedInt(format.get(U16, 0));
        if (code == EXTENSIBLE && format.byteSize() >= 26) {
            code = Short.toUnsignedInt(format.get(U16, 24));
        }
        int channels = Short.toUnsignedInt(format.get(U16, 2));
        double rate = Integer.toUnsignedLong(format.get(U32, 4));
        int bits = Short.toUnsignedInt(format.get(U16, 14));
        if (channels != CHANNELS) {
            throw new InputException(
                    file,
                    0,
                    0,
                    channels == 1 ? "mono sound" : channels + " channels",
                    "two channels: the click on one, the light sensor on the other");
        }
        if (!(rate >= LOWEST_HZ && rate <= HIGHEST_HZ)) {
            throw new InputException(file, 0, 0, "%.0f samples a second".formatted(rate), "8000 to 192000");
        }
        boolean isFloat = code == FLOAT && bits == 32;
        boolean isPcm = code == PCM && (bits == 16 || bits == 24 || bits == 32);
        if (!isFloat && !isPcm) {
            throw new InputException(
                    file,
                    0,
                    0,
                    "format %d with %d bits".formatted(code, bits),
                    "PCM of 16, 24 or 32 bits, or 32-bit float");
        }
        WavFile sound = new WavFile(arena, data, rate, bits / 8, isFloat);
        if (sound.size == 0) {
            throw new InputException(file, 0, 0, "no sound", "at least a few seconds of it");
        }
        return sound;
    }

    private double sample(long at) {
        if (isFloat) {
            float value = data.get(F32, at);
            return Float.isFinite(value) ? value : 0;
        }
        return switch (bytes) {
            case 2 -> data.get(U16, at) / 32768.0;
            case 3 ->
                ((data.get(ValueLayout.JAVA_BYTE, at + 2) << 16) | Short.toUnsignedInt(data.get(U16, at))) / 8388608.0;
            default -> data.get(U32, at) / 2147483648.0;
        };
    }

    /// A channel, 0 or 1; full scale is 1.
    Signal channel(int number) {
        return new Signal() {
            @Override
            public int size() {
                return size;
            }

            @Override
            public double at(int index) {
                return sample(((long) index * CHANNELS + number) * bytes);
            }

            @Override
            public int read(int from, double[] into) {
                int count = Math.max(0, Math.min(into.length, size - from));
                long at = ((long) from * CHANNELS + number) * bytes;
                if (bytes == 2) {
                    for (int i = 0; i < count; i++, at += 2 * CHANNELS) {
                        into[i] = data.get(U16, at) / 32768.0;
                    }
                } else {
                    for (int i = 0; i < count; i++, at += (long) bytes * CHANNELS) {
                        into[i] = sample(at);
                    }
                }
                return count;
            }

            @Override
            public double rateHz() {
                return rateHz;
            }
        };
    }

    @Override
    public void close() {
        arena.close();
    }
}

package app.fluss.files.clip;

import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/// Memory that the scaler writes a picture's planes to: brightness in full, colour at half the size.
final class Planes implements AutoCloseable {
    /// The scaler looks at so many whatever the format.
    static final int COUNT = 4;

    private static final int ALIGNED = 64;

    private final BytePointer[] planes = new BytePointer[COUNT];
    private final int[] stride = new int[COUNT];
    private final PointerPointer<BytePointer> pointers = new PointerPointer<>(COUNT);
    private final IntPointer strides = new IntPointer(COUNT);

    /// @param used how many of them are written to
    Planes(int width, int height, int used) {
        for (int plane = 0; plane < COUNT; plane++) {
            int columns = plane == 0 ? width : (width + 1) / 2;
            int rows = plane == 0 ? height : (height + 1) / 2;
            // Rows are written in whole vectors.
            stride[plane] = plane < used ? (columns + ALIGNED - 1) / ALIGNED * ALIGNED : 0;
            planes[plane] = new BytePointer((long) stride[plane] * rows + ALIGNED);
            pointers.put(plane, plane < used ? planes[plane] : null);
            strides.put(plane, stride[plane]);
        }
    }

    PointerPointer<BytePointer> pointers() {
        return pointers;
    }

    IntPointer strides() {
        return strides;
    }

    void row(int plane, int y, int x, int width, byte[] into, int at) {
        planes[plane].position((long) y * stride[plane] + x).get(into, at, width);
        planes[plane].position(0);
    }

    @Override
    public void close() {
        for (BytePointer plane : planes) {
            plane.close();
        }
        pointers.close();
        strides.close();
    }
}

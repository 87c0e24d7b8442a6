package app.fluss.core.overlay;

import java.nio.ByteBuffer;

/// Nets for tests.
final class Nets {
    private static final int PACKED = 28_123;
    private static final int NAMES = 11;

    private Nets() {}

    /// Says of everything that it is a figure.
    static FigureNet saying(char figure) {
        return saying(figure - '0');
    }

    /// Says of everything that it is no figure.
    static FigureNet sayingNone() {
        return saying(NAMES - 1);
    }

    /// No weights but what is added at last to one of the names.
    private static FigureNet saying(int name) {
        byte[] packed = new byte[PACKED];
        byte[] last = ByteBuffer.allocate(Float.BYTES + NAMES).putFloat(1).array();
        last[Float.BYTES + name] = 12;
        System.arraycopy(last, 0, packed, PACKED - last.length, last.length);
        return new FigureNet(packed);
    }

    /// Says one figure of what has more ink on the left, another of what has more on the right, and the surer the more.
    static FigureNet bySide(char left, char right) {
        ByteBuffer packed = ByteBuffer.allocate(PACKED);
        // The middle of each spot, the most of each quarter, each half of the quarters against the other.
        put(packed, 9 * 12, 4 * 12);
        put(packed, 12);
        put(packed, 9 * 12 * 24, 4 * 12 * 24);
        put(packed, 24);
        packed.putFloat(1);
        for (int i = 0; i < 16 * 24 * 64; i++) {
            int quarter = i / 64 / 24;
            boolean seen = i / 64 % 24 == 0 && i % 64 < 2;
            packed.put((byte) (!seen ? 0 : (quarter % 4 < 2) == (i % 64 == 0) ? 1 : -1));
        }
        put(packed, 64);
        packed.putFloat(1);
        for (int i = 0; i < 64 * NAMES; i++) {
            packed.put((byte) (i == left - '0' || i == NAMES + right - '0' ? 5 : 0));
        }
        put(packed, NAMES);
        return new FigureNet(packed.array());
    }

    /// Weights that are nothing but one where it is said.
    private static void put(ByteBuffer packed, int n, int... ones) {
        packed.putFloat(1);
        int from = packed.position();
        packed.position(from + n);
        for (int one : ones) {
            packed.put(from + one, (byte) 1);
        }
    }
}

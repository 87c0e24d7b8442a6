package app.fluss.sim.stage;

import java.util.Arrays;

/// Growth of columns.
final class Columns {
    static final int FIRST = 4096;

    private Columns() {}

    static double[] longer(double[] column) {
        return Arrays.copyOf(column, column.length * 2);
    }

    static int[] longer(int[] column) {
        return Arrays.copyOf(column, column.length * 2);
    }

    static byte[] longer(byte[] column) {
        return Arrays.copyOf(column, column.length * 2);
    }
}

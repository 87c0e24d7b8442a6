package app.fluss.files.log;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;

/// Parsed rows in primitive columns that grow: the numbers of the mapped columns, and the codes of kinds and
/// programs.
final class RowStore {
    final double[][] numbers;
    byte[] kinds;
    byte[] processes;
    int rows;
    final Dictionary kindWords;
    final Dictionary processWords;

    /// @param columns numeric columns
    /// @param expectedRows how many rows will come, about
    RowStore(int columns, boolean hasKinds, boolean hasProcesses, int expectedRows) {
        int capacity = Math.max(16, expectedRows);
        numbers = new double[columns][capacity];
        kinds = new byte[hasKinds ? capacity : 0];
        processes = new byte[hasProcesses ? capacity : 0];
        kindWords = new Dictionary();
        processWords = new Dictionary();
    }

    private RowStore(RowStore other) {
        int length = Math.max(1, other.rows);
        numbers = new double[other.numbers.length][];
        for (int c = 0; c < numbers.length; c++) {
            numbers[c] = Arrays.copyOf(other.numbers[c], length);
        }
        kinds = Arrays.copyOf(other.kinds, Math.min(other.kinds.length, length));
        processes = Arrays.copyOf(other.processes, Math.min(other.processes.length, length));
        rows = other.rows;
        // Words are only added while rows are parsed, and a copy is not parsed into.
        kindWords = other.kindWords;
        processWords = other.processWords;
    }

    /// Makes room for one more row.
    void reserve() {
        int capacity = numbers.length > 0 ? numbers[0].length : kinds.length;
        if (rows < capacity) {
            return;
        }
        int longer = capacity + (capacity >> 2) + 16;
        for (int c = 0; c < numbers.length; c++) {
            numbers[c] = Arrays.copyOf(numbers[c], longer);
        }
        kinds = kinds.length > 0 ? Arrays.copyOf(kinds, longer) : kinds;
        processes = processes.length > 0 ? Arrays.copyOf(processes, longer) : processes;
    }

    /// The same rows in arrays of their own.
    RowStore copy() {
        return new RowStore(this);
    }

    /// Appends the rows of another store of the same shape, whose memory is let go column by column.
    void append(RowStore other) {
        int total = Math.addExact(rows, other.rows);
        for (int c = 0; c < numbers.length; c++) {
            numbers[c] = joined(numbers[c], other.numbers[c], total, other.rows);
            other.numbers[c] = new double[0];
        }
        kinds = joined(kinds, recoded(other.kinds, other.rows, other.kindWords, kindWords), total, other.rows);
        processes = joined(
                processes, recoded(other.processes, other.rows, other.processWords, processWords), total, other.rows);
        rows = total;
    }

    private double[] joined(double[] first, double[] second, int total, int count) {
        double[] all = first.length >= total ? first : Arrays.copyOf(first, total);
        System.arraycopy(second, 0, all, rows, count);
        return all;
    }

    private byte[] joined(byte[] first, byte[] second, int total, int count) {
        if (second.length == 0) {
            return first;
        }
        byte[] all = first.length >= total ? first : Arrays.copyOf(first, total);
        System.arraycopy(second, 0, all, rows, count);
        return all;
    }

    private static byte[] recoded(byte[] codes, int count, Dictionary from, Dictionary to) {
        List<String> words = from.words();
        byte[] map = new byte[words.size()];
        for (int i = 0; i < map.length; i++) {
            byte[] word = words.get(i).getBytes(StandardCharsets.UTF_8);
            map[i] = (byte) Math.max(0, to.code(word, 0, word.length));
        }
        for (int i = 0; codes.length > 0 && i < count; i++) {
            codes[i] = map[codes[i]];
        }
        return codes;
    }
}

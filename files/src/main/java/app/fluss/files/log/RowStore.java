package app.fluss.files.log;

import java.util.Arrays;
import java.util.Optional;

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
        if (rows == capacity()) {
            makeRoom(rows + 1);
        }
    }

    private int capacity() {
        return numbers.length > 0 ? numbers[0].length : Math.max(kinds.length, processes.length);
    }

    private void makeRoom(int needed) {
        if (needed <= capacity()) {
            return;
        }
        int longer = (int) Math.min(Integer.MAX_VALUE - 16, (long) needed + (needed >> 2) + 16);
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

    /// Forgets the rows; their memory stays for others.
    void clear() {
        rows = 0;
    }

    /// A word that a column has no more room for.
    ///
    /// @param row where it stands first
    /// @param target [Columns#KIND] or [Columns#PROCESS]
    record Excess(int row, int target) {}

    /// Appends the rows of another store of the same shape; codes of words become those of this one.
    ///
    /// @return where both together have more words than a column may have
    Optional<Excess> append(RowStore other) {
        int total = Math.addExact(rows, other.rows);
        makeRoom(total);
        for (int c = 0; c < numbers.length; c++) {
            System.arraycopy(other.numbers[c], 0, numbers[c], rows, other.rows);
        }
        int kind = recode(other.kinds, other.kindWords, kinds, kindWords, other.rows);
        int process = recode(other.processes, other.processWords, processes, processWords, other.rows);
        rows = total;
        if (kind < other.rows) {
            return Optional.of(new Excess(kind, Columns.KIND));
        }
        return process < other.rows ? Optional.of(new Excess(process, Columns.PROCESS)) : Optional.empty();
    }

    /// Puts codes at the end of others of the same column; gives how many had a code here.
    private int recode(byte[] codes, Dictionary from, byte[] to, Dictionary known, int count) {
        int[] map = known.codesOf(from);
        for (int i = 0; codes.length > 0 && i < count; i++) {
            if (map[codes[i]] < 0) {
                return i;
            }
            to[rows + i] = (byte) map[codes[i]];
        }
        return count;
    }
}

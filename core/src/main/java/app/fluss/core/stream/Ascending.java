package app.fluss.core.stream;

import java.util.Arrays;

/// Indices in ascending order of their keys, equal keys as they came: a merge sort of plain numbers.
final class Ascending {
    private Ascending() {}

    /// @param keys by index; NaN where an index is left out
    static int[] order(double[] keys) {
        int[] order = new int[keys.length];
        int n = 0;
        for (int i = 0; i < keys.length; i++) {
            if (!Double.isNaN(keys[i])) {
                order[n++] = i;
            }
        }
        int[] from = Arrays.copyOf(order, n);
        int[] to = new int[n];
        for (int width = 1; width < n; width *= 2) {
            for (int start = 0; start < n; start += 2 * width) {
                merge(keys, from, to, start, Math.min(start + width, n), Math.min(start + 2 * width, n));
            }
            int[] swap = from;
            from = to;
            to = swap;
        }
        return from;
    }

    private static void merge(double[] keys, int[] from, int[] to, int start, int middle, int end) {
        if (middle == end || keys[from[middle - 1]] <= keys[from[middle]]) {
            System.arraycopy(from, start, to, start, end - start);
            return;
        }
        int left = start;
        int right = middle;
        for (int at = start; at < end; at++) {
            boolean takesLeft = right == end || (left < middle && keys[from[left]] <= keys[from[right]]);
            to[at] = takesLeft ? from[left++] : from[right++];
        }
    }
}

package app.fluss.core.plan;

/// Orders in which every treatment stands in every place equally often, and directly before every other one
/// equally often, so that neither time nor what came before favours one. Williams 1949 (from memory).
public final class Williams {
    private Williams() {}

    /// The whole design: `n` rows for an even number of treatments, `2n` for an odd one. Two treatments, row
    /// after row, give A B B A.
    ///
    /// @param n treatments, 1 or more
    /// @return rows of treatments `0..n-1`
    public static int[][] rows(int n) {
        if (n < 1) {
            throw new IllegalArgumentException("n must be at least 1, got " + n);
        }
        if (n == 1) {
            return new int[][] {{0}};
        }
        int[] first = zigzag(n);
        boolean odd = n % 2 == 1;
        int[][] rows = new int[odd ? 2 * n : n][n];
        for (int shift = 0; shift < n; shift++) {
            for (int place = 0; place < n; place++) {
                rows[shift][place] = (first[place] + shift) % n;
                if (odd) {
                    rows[n + shift][n - 1 - place] = rows[shift][place];
                }
            }
        }
        return rows;
    }

    /// 0, 1, n-1, 2, n-2, …: the steps from place to place are all different.
    private static int[] zigzag(int n) {
        int[] row = new int[n];
        for (int place = 1; place < n; place++) {
            row[place] = place % 2 == 1 ? (place + 1) / 2 : n - place / 2;
        }
        return row;
    }
}

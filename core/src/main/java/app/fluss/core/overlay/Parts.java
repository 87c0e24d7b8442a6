package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.List;

/// The connected parts of a crop that are ink, neighbours by corner included.
final class Parts {
    private final int width;
    private final int height;
    private final int[] stack;
    private final boolean[] seen;

    Parts(int width, int height) {
        this.width = width;
        this.height = height;
        stack = new int[width * height];
        seen = new boolean[width * height];
    }

    /// Finds them, from left to right.
    ///
    /// @param least share from which a pixel is ink
    /// @param within only here
    List<Box> find(float[] shares, double least, Box within) {
        List<Box> found = new ArrayList<>();
        for (int y = within.top(); y <= within.bottom(); y++) {
            for (int x = within.left(); x <= within.right(); x++) {
                seen[y * width + x] = shares[y * width + x] < least;
            }
        }
        for (int x = within.left(); x <= within.right(); x++) {
            for (int y = within.top(); y <= within.bottom(); y++) {
                if (!seen[y * width + x]) {
                    found.add(fill(x, y, within));
                }
            }
        }
        return found;
    }

    /// The whole crop.
    Box whole() {
        return new Box(0, 0, width - 1, height - 1);
    }

    private Box fill(int fromX, int fromY, Box within) {
        int left = fromX;
        int right = fromX;
        int top = fromY;
        int bottom = fromY;
        int n = 0;
        stack[n++] = fromY * width + fromX;
        seen[fromY * width + fromX] = true;
        while (n > 0) {
            int at = stack[--n];
            int x = at % width;
            int y = at / width;
            left = Math.min(left, x);
            right = Math.max(right, x);
            top = Math.min(top, y);
            bottom = Math.max(bottom, y);
            for (int ny = Math.max(within.top(), y - 1); ny <= Math.min(within.bottom(), y + 1); ny++) {
                for (int nx = Math.max(within.left(), x - 1); nx <= Math.min(within.right(), x + 1); nx++) {
                    int next = ny * width + nx;
                    if (!seen[next]) {
                        seen[next] = true;
                        stack[n++] = next;
                    }
                }
            }
        }
        return new Box(left, top, right, bottom);
    }
}

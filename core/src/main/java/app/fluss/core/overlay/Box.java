package app.fluss.core.overlay;

/// Where a connected part stands in a crop, px; both ends are within.
record Box(int left, int top, int right, int bottom) {
    int width() {
        return right - left + 1;
    }

    int height() {
        return bottom - top + 1;
    }

    Box with(Box other) {
        return new Box(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }

    /// Columns that both share.
    int sharedColumns(Box other) {
        return Math.min(right, other.right) - Math.max(left, other.left) + 1;
    }
}

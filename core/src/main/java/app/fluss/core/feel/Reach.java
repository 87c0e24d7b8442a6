package app.fluss.core.feel;

/// One reach for a target.
///
/// @param delayMs added to the pointer, 0 or more
/// @param fromX where it began, px
/// @param fromY the same, down
/// @param targetX middle of the target, px
/// @param targetY the same, down
/// @param width of the target, px, above 0
/// @param endX where it was clicked, px
/// @param endY the same, down
/// @param ms from the click before, above 0
public record Reach(
        double delayMs,
        double fromX,
        double fromY,
        double targetX,
        double targetY,
        double width,
        double endX,
        double endY,
        double ms) {
    /// @throws IllegalArgumentException outside the ranges
    public Reach {
        if (!(delayMs >= 0 && width > 0 && ms > 0)
                || !Double.isFinite(fromX + fromY + targetX + targetY + width + endX + endY + ms + delayMs)) {
            throw new IllegalArgumentException("a reach has a delay, a width and a time");
        }
    }

    /// Whether the target was hit.
    public boolean isHit() {
        return Math.hypot(endX - targetX, endY - targetY) <= width / 2;
    }

    /// From where it began to the middle of the target, px.
    double distance() {
        return Math.hypot(targetX - fromX, targetY - fromY);
    }

    /// How far the end lies beyond the middle of the target, along the way to it, px; short of it below
    /// 0.
    double overshoot() {
        double way = distance();
        return way == 0 ? 0 : ((endX - targetX) * (targetX - fromX) + (endY - targetY) * (targetY - fromY)) / way;
    }
}

package app.fluss.core.feel;

/// A transformed up-down rule: a step down after so many right answers in a row, a step up after a wrong
/// one (Levitt, "Transformed up-down methods in psychoacoustics", Journal of the Acoustical Society of
/// America 49 (1971) 467-477, from memory).
public enum StaircaseRule {
    /// Down after two right answers.
    TWO_DOWN(2),
    /// Down after three right answers.
    THREE_DOWN(3);

    private final int down;

    StaircaseRule(int down) {
        this.down = down;
    }

    /// Right answers in a row that make a step down.
    int down() {
        return down;
    }

    /// The share of right answers that it converges on: that at which so many in a row are as likely as
    /// not.
    public double convergesOn() {
        return Math.pow(0.5, 1.0 / down);
    }
}

package app.fluss.sim.scenario;

/// How the button of the clicks is pressed, and what is seen or heard of it.
///
/// @param form what the button's channel shows
/// @param heldMs how long it is held, ms, 1 to 5000
/// @param bounceMs how long its contact bounces on the way down and up, ms, 0 to 20
/// @param releaseKnock on a sound recording, how loud letting go is beside the press, 0 to 1; 0 for not heard
/// @param doubleShare share of the presses that are followed by another one 80 to 140 ms later, 0 to 1
/// @param atEdges whether the first press comes at once and the end of the recording cuts off the answer of the last
public record Press(
        Form form, double heldMs, double bounceMs, double releaseKnock, double doubleShare, boolean atEdges) {
    /// A button that is high for 12 ms.
    public static final Press SHORT = new Press(Form.HIGH, 12, 0, 0, 0, false);

    /// What the button's channel shows.
    public enum Form {
        /// High while the button is down.
        HIGH,
        /// Low while the button is down.
        LOW
    }

    /// @throws IllegalArgumentException outside the ranges
    public Press {
        Range.within("held_ms", heldMs, 1, 5000);
        Range.within("bounce_ms", bounceMs, 0, 20);
        Range.within("release_knock", releaseKnock, 0, 1);
        Range.within("double_share", doubleShare, 0, 1);
    }

    /// The same held for another time.
    public Press held(double ms) {
        return new Press(form, ms, bounceMs, releaseKnock, doubleShare, atEdges);
    }
}

package app.fluss.sim.scenario;

/// What the picture does after a click, and what it does by itself.
///
/// @param form of the answer
/// @param lastsMs how long a flash lasts, ms, 10 to 5000
/// @param flaresPerMinute other lights near the sensor that no click caused, /min, 0 to 600
public record Answer(Form form, double lastsMs, double flaresPerMinute) {
    /// From dark to bright and back, with each click one step.
    public static final Answer STEPS = new Answer(Form.STEP, 80, 0);

    /// What the picture does.
    public enum Form {
        /// Bright and dark in turn.
        STEP,
        /// Bright for a while on dark, as a muzzle flash is.
        FLASH,
        /// Dark for a while on bright.
        DARK_FLASH
    }

    /// @throws IllegalArgumentException outside the ranges
    public Answer {
        Range.within("lasts_ms", lastsMs, 10, 5000);
        Range.within("flares_per_minute", flaresPerMinute, 0, 600);
    }

    /// A flash of so many milliseconds.
    public static Answer flash(double ms) {
        return new Answer(Form.FLASH, ms, 0);
    }

    /// The picture where no answer shows, 0 for dark, 1 for bright; the first one for steps.
    public int rest() {
        return form == Form.DARK_FLASH ? 1 : 0;
    }
}

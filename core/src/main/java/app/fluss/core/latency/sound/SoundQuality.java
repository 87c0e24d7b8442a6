package app.fluss.core.latency.sound;

import app.fluss.core.latency.edge.Recording;
import app.fluss.core.latency.edge.Signal;

/// What the sound card, or the telephone, did to a recording of click and light. Full scale is 1.
///
/// @param click what is on the click's channel
/// @param light what is on the light's channel
/// @param alone whether both channels hold something of their own
/// @param breathesDb how far the level of the quiet parts between clicks wanders, dB, from its 10th to its 90th
///     percentile; NaN if there are too few of them
/// @param emptyAboveHz above this nothing is left, as if the sound had once been taken at twice this rate; NaN if it
///     reaches up to the end
public record SoundQuality(Level click, Level light, Alone alone, double breathesDb, double emptyAboveHz) {
    /// Noise alone moves the level by less than 2 dB; a gain that follows the sound moves it by more.
    private static final double BREATHES_DB = 3;

    private static final double LOOKED_AT_S = 120;

    private static final double SAME = 1e-3;
    private static final double SILENT = 1e-3;

    /// Whether both channels hold something of their own.
    public enum Alone {
        /// Both do.
        NO,
        /// There is nothing on the click's channel.
        CLICK_SILENT,
        /// There is nothing on the light's channel.
        LIGHT_SILENT,
        /// There is nothing on both.
        BOTH_SILENT,
        /// Both hold the same sound.
        SAME
    }

    /// What is on a channel.
    ///
    /// @param peak its highest value either way, as a share of full scale
    /// @param clipped samples that lie at full scale in rows of three and more
    public record Level(double peak, long clipped) {
        private static final double METER_DB = 60;

        /// How far a meter of 60 dB goes, 0 to 1.
        public double meter() {
            return Math.clamp(1 + 20 * Math.log10(peak) / METER_DB, 0, 1);
        }
    }

    /// Looks at the first two minutes of a recording: what is wrong with it is wrong from its start on.
    public static SoundQuality of(Recording recording) {
        Signal click = new Beginning(recording.input(), LOOKED_AT_S);
        Signal light = new Beginning(recording.light(), LOOKED_AT_S);
        Meter a = new Meter();
        Meter b = new Meter();
        double apart = 0;
        double[] one = new double[1 << 13];
        double[] other = new double[1 << 13];
        for (int from = 0; from < click.size(); from += one.length) {
            int count = Math.min(click.read(from, one), light.read(from, other));
            for (int i = 0; i < count; i++) {
                a.take(one[i]);
                b.take(other[i]);
                apart = Math.max(apart, Math.abs(one[i] - other[i]));
            }
        }
        return new SoundQuality(
                a.level(), b.level(), alone(a.reach(), b.reach(), apart), Breathing.db(click), UpperEnd.hz(click));
    }

    private static Alone alone(double click, double light, double apart) {
        if (Math.max(click, light) < SILENT) {
            return Alone.BOTH_SILENT;
        }
        if (apart < SAME * Math.max(click, light)) {
            return Alone.SAME;
        }
        if (click < SILENT * light || click == 0) {
            return Alone.CLICK_SILENT;
        }
        return light < SILENT * click || light == 0 ? Alone.LIGHT_SILENT : Alone.NO;
    }

    /// Whether the gain, or a suppression of noise, follows the sound.
    public boolean breathes() {
        return breathesDb > BREATHES_DB;
    }
}

package app.fluss.sim.signal;

import app.fluss.sim.scenario.Press;
import app.fluss.sim.truth.Click;
import java.util.List;

/// The same on two channels of sound: on the first the click of the button, on the second the light sensor,
/// with a little mains hum.
public final class SoundTrack {
    /// Samples a second that sound cards usually take: {@value}.
    public static final int RATE_HZ = 48_000;

    private static final double CLICK = 0.7;
    private static final double CLICK_HZ = 3000;
    private static final double CLICK_FADES_MS = 1.5;
    private static final double CLICK_LASTS_MS = 12;
    private static final double HUM_HZ = 50;
    private static final double HUM = 0.01;
    private static final double FULL = 32_000;

    private SoundTrack() {}

    /// Samples of both channels in turn, 16 bits each, little-endian.
    ///
    /// @param trace the sensor, at the rate of the sound: 8000 /s or more, at even times
    public static byte[] pcm(SensorTrace trace, List<Click> clicks, Press press) {
        byte[] pcm = new byte[trace.size() * 4];
        double rateHz = trace.rateHz();
        double[] click = new double[trace.size()];
        for (Click c : clicks) {
            knock(click, rateHz, c.clickMs(), CLICK);
            if (press.releaseKnock() > 0) {
                knock(click, rateHz, c.clickMs() + press.heldMs(), CLICK * press.releaseKnock());
            }
        }
        for (int i = 0; i < trace.size(); i++) {
            double hum = HUM * Math.sin(2 * Math.PI * HUM_HZ * i / rateHz);
            put(pcm, 4 * i, click[i] + hum / 4);
            put(pcm, 4 * i + 2, trace.light(i) + hum);
        }
        return pcm;
    }

    private static void knock(double[] sound, double rateHz, double atMs, double height) {
        int from = (int) Math.ceil(atMs * rateHz / 1000);
        int to = Math.min(sound.length, from + (int) (CLICK_LASTS_MS * rateHz / 1000));
        for (int i = from; i < to; i++) {
            double ms = i * 1000.0 / rateHz - atMs;
            sound[i] += height * Math.exp(-ms / CLICK_FADES_MS) * Math.cos(2 * Math.PI * CLICK_HZ * ms / 1000);
        }
    }

    private static void put(byte[] pcm, int at, double value) {
        int sample = (int) Math.rint(Math.clamp(value, -1, 1) * FULL);
        pcm[at] = (byte) sample;
        pcm[at + 1] = (byte) (sample >> 8);
    }
}

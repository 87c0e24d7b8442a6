package app.fluss.devices.sensor;

import java.util.Optional;

/// Takes the bytes of a sound line apart: two channels of 16 bits, little-endian, in turn.
final class SoundFeed implements Feed {
    private static final double FULL = 32_768;
    private static final double WAIT_MS = 500;

    private final SoundFormat format;
    private final LiveTrace trace;
    private final byte[] frame = new byte[SoundFormat.FRAME_BYTES];
    private int filled;
    private long heard;
    private int breaks;
    private boolean full;

    SoundFeed(SoundFormat format) {
        this.format = format;
        this.trace = new LiveTrace(format.rateHz());
    }

    @Override
    public void take(byte[] bytes, int count) {
        for (int i = 0; i < count; i++) {
            frame[filled++] = bytes[i];
            if (filled == frame.length) {
                filled = 0;
                float left = sample(0);
                float right = sample(2);
                full |= !trace.add(format.clickOnRight() ? right : left, format.clickOnRight() ? left : right);
                heard++;
            }
        }
    }

    private float sample(int at) {
        return (float) (((frame[at + 1] << 8) | (frame[at] & 0xFF)) / FULL);
    }

    @Override
    public void gone() {
        filled = 0;
        if (heard > 0) {
            trace.cut(WAIT_MS);
            breaks++;
        }
        heard = 0;
    }

    @Override
    public Optional<LiveTrace> trace() {
        return Optional.of(trace);
    }

    @Override
    public SensorHealth health() {
        return new SensorHealth(
                format.rateHz(),
                Double.NaN,
                heard * 1000.0 / format.rateHz(),
                0,
                0,
                breaks,
                0,
                full,
                format.simulated());
    }
}

package app.fluss.devices.sensor;

import javax.sound.sampled.AudioFormat;

/// How click and light are recorded as sound: two channels of 16 bits.
///
/// @param rateHz samples a second
/// @param clickOnRight whether the click is on the right channel and the light on the left
/// @param simulated whether a stand-in plays
public record SoundFormat(int rateHz, boolean clickOnRight, boolean simulated) {
    static final int FRAME_BYTES = 4;

    static AudioFormat at(int rateHz) {
        return new AudioFormat(rateHz, 16, 2, true, false);
    }
}

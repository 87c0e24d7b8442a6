package app.fluss.core.finding;

import app.fluss.core.latency.sound.SoundQuality;
import java.util.ArrayList;
import java.util.List;

/// What a sound recording of click and light rests on.
final class SoundFindings {
    private SoundFindings() {}

    static List<Finding> of(SoundQuality sound) {
        List<Finding> found = new ArrayList<>();
        if (sound.alone() != SoundQuality.Alone.NO) {
            found.add(Finding.of(
                    FindingCode.SOUND_ONE_CHANNEL,
                    switch (sound.alone()) {
                        case NO -> "";
                        case CLICK_SILENT -> "The click's channel is silent.";
                        case LIGHT_SILENT -> "The light's channel is silent.";
                        case BOTH_SILENT -> "Both channels are silent.";
                        case SAME -> "Both channels hold the same sound.";
                    }));
        }
        clipped("click", sound.click(), found);
        clipped("light", sound.light(), found);
        if (sound.breathes()) {
            found.add(Finding.of(
                    FindingCode.SOUND_BREATHES,
                    "The quiet between the clicks wanders by %s dB."
                            .formatted(RunFindings.number(sound.breathesDb(), 0))));
        }
        if (!Double.isNaN(sound.emptyAboveHz())) {
            found.add(Finding.of(
                    FindingCode.SOUND_RESAMPLED,
                    "Above %s kHz the sound is empty: it was taken at about %s samples/s."
                            .formatted(
                                    RunFindings.number(sound.emptyAboveHz() / 1000, 1),
                                    RunFindings.number(2 * sound.emptyAboveHz(), 0))));
        }
        return found;
    }

    private static void clipped(String channel, SoundQuality.Level level, List<Finding> found) {
        if (level.clipped() > 0) {
            found.add(Finding.of(
                    FindingCode.SOUND_CLIPPED,
                    "%d samples of the %s are at full scale.".formatted(level.clipped(), channel)));
        }
    }
}

package app.fluss.sim;

import app.fluss.sim.scenario.Headset;
import app.fluss.sim.stage.Images;
import app.fluss.sim.truth.HeadsetTruth;
import app.fluss.sim.truth.Shown;
import java.util.Map;

/// What a headset showed, from the refreshes that its compositor gave to each image.
final class HeadsetView {
    private HeadsetView() {}

    static Shown shown(Images images, double runMs) {
        int shown = 0;
        for (int i = 0; i < images.size(); i++) {
            shown += Double.isNaN(images.displayedMs(i)) ? 0 : 1;
        }
        return new Shown(shown, shown, images.size() - shown, shown / (runMs / 1000), Map.of());
    }

    /// An image that is shown again is still the same age plus one refresh to the hand; to the head each refresh
    /// is new, for its pose is taken just before.
    static HeadsetTruth truth(Headset headset, Images images, double runMs) {
        double period = 1000 / headset.refreshHz();
        long refreshes = 0;
        int fresh = 0;
        double age = 0;
        int showing = -1;
        int next = 0;
        for (long refresh = 0; refresh * period < runMs; refresh++) {
            double at = refresh * period;
            while (next < images.size() && !(images.displayedMs(next) > at + period / 2)) {
                boolean isShown = !Double.isNaN(images.displayedMs(next));
                fresh += isShown ? 1 : 0;
                showing = isShown ? next : showing;
                next++;
            }
            if (showing >= 0) {
                refreshes++;
                age += at + period / 2 - images.contentMs(showing);
            }
        }
        return new HeadsetTruth(
                Math.toIntExact(refreshes), fresh, age / refreshes, headset.compositorMs() + period / 2);
    }
}

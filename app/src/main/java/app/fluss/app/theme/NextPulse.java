package app.fluss.app.theme;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;

/// Parts of a screen that come one pulse of the window after the rest of it: the first look at a full screen takes
/// long, and what else there is to do comes in between.
public final class NextPulse {
    private NextPulse() {}

    /// Shows a part of a screen one pulse after the rest of it.
    public static void show(Node part) {
        part.setVisible(false);
        part.sceneProperty().subscribe(scene -> {
            if (scene != null && !part.isVisible()) {
                after(scene, () -> part.setVisible(true));
            }
        });
    }

    private static void after(Scene scene, Runnable does) {
        scene.addPostLayoutPulseListener(new Runnable() {
            @Override
            public void run() {
                scene.removePostLayoutPulseListener(this);
                does.run();
                Platform.requestNextPulse();
            }
        });
    }
}

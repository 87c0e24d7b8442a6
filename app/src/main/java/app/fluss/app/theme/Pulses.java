package app.fluss.app.theme;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;

/// Work of the window in pieces, one with each of its pulses: the first look at a full screen takes long, and what
/// else there is to do comes in between.
public final class Pulses {
    private Pulses() {}

    /// Shows a part of a screen one pulse after the rest of it.
    public static void showLater(Node part) {
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

package app.fluss.app.theme;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;

/// Parts of a screen that come one pulse of the window after the rest of it: the first look at a full screen takes
/// long, and what else there is to do comes in between.
public final class NextPulse {
    private NextPulse() {}

    /// Shows a part of a screen, if it is not shown yet, once what changed until now is laid out; at once where
    /// nobody looks at it.
    public static void show(Node part) {
        Scene scene = part.getScene();
        if (scene == null) {
            part.setVisible(true);
        }
        if (part.isVisible()) {
            return;
        }
        scene.addPostLayoutPulseListener(new Runnable() {
            @Override
            public void run() {
                scene.removePostLayoutPulseListener(this);
                part.setVisible(true);
                Platform.requestNextPulse();
            }
        });
        Platform.requestNextPulse();
    }
}

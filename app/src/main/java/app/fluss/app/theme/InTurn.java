package app.fluss.app.theme;

import java.util.List;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;

/// Fills a screen part by part, each once the window has shown the one before: the first look at a full screen takes
/// long, and what else there is to do comes in between.
public final class InTurn {
    private final Node screen;
    private int turns;

    /// @param screen what is filled; all at once while nobody looks at it
    public InTurn(Node screen) {
        this.screen = screen;
    }

    /// Fills it, in place of what was still to come.
    ///
    /// @param parts what each part takes, in order; the first is done at once
    public void fill(List<Runnable> parts) {
        turns++;
        go(turns, parts);
    }

    private void go(int turn, List<Runnable> parts) {
        if (turn != turns || parts.isEmpty()) {
            return;
        }
        parts.getFirst().run();
        List<Runnable> left = parts.subList(1, parts.size());
        Scene scene = screen.getScene();
        if (scene == null || scene.getWindow() == null || !scene.getWindow().isShowing()) {
            go(turn, left);
        } else if (!left.isEmpty()) {
            afterPulse(scene, () -> go(turn, left));
        }
    }

    private static void afterPulse(Scene scene, Runnable then) {
        scene.addPostLayoutPulseListener(new Runnable() {
            @Override
            public void run() {
                scene.removePostLayoutPulseListener(this);
                Platform.runLater(then);
            }
        });
        Platform.requestNextPulse();
    }
}

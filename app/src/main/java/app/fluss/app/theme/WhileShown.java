package app.fluss.app.theme;

import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.util.Subscription;

/// Subscriptions of a view to what outlives it: held while the view is in a scene, let go when it leaves, so that a
/// view that was dropped can be forgotten.
public final class WhileShown {
    private final Supplier<Subscription> subscribing;
    private Subscription held = Subscription.EMPTY;

    private WhileShown(Supplier<Subscription> subscribing) {
        this.subscribing = subscribing;
    }

    /// Subscribes whenever a node comes into a scene, until it leaves.
    ///
    /// @param subscribing subscribes, and brings the view up to date: it may have missed changes
    public static void subscribe(Node node, Supplier<Subscription> subscribing) {
        WhileShown shown = new WhileShown(subscribing);
        node.sceneProperty().subscribe((_, now) -> shown.change(now != null));
        shown.change(node.getScene() != null);
    }

    private void change(boolean isShown) {
        held.unsubscribe();
        held = isShown ? subscribing.get() : Subscription.EMPTY;
    }
}

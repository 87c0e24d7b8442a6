package app.fluss.app.theme;

import javafx.beans.value.ObservableValue;
import javafx.scene.Node;

/// Fills a view with news where somebody looks at it: at once while it is in a scene, else as soon as it comes into
/// one. A run that is chosen fills the screen that is shown, not every screen there is.
public final class WhenLookedAt {
    private final Node view;
    private final Runnable fill;
    private boolean stale = true;

    private WhenLookedAt(Node view, Runnable fill) {
        this.view = view;
        this.fill = fill;
    }

    /// Fills a view for the first look at it, and again whenever something is new.
    ///
    /// @param fill brings the view up to date
    public static void fill(Node view, Runnable fill, ObservableValue<?>... news) {
        WhenLookedAt filling = new WhenLookedAt(view, fill);
        for (ObservableValue<?> one : news) {
            one.addListener(_ -> {
                one.getValue(); // a property that nobody asks tells no more news
                filling.change();
            });
        }
        view.sceneProperty().subscribe(() -> filling.look());
        filling.look();
    }

    private void change() {
        stale = true;
        look();
    }

    private void look() {
        if (stale && view.getScene() != null) {
            stale = false;
            fill.run();
        }
    }
}

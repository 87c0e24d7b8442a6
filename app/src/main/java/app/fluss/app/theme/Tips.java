package app.fluss.app.theme;

import java.util.Optional;
import javafx.application.Platform;
import javafx.event.EventHandler;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.control.skin.TooltipSkin;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/// Words that come up where the mouse rests. A tooltip is a window of its own, so it is made when the mouse first
/// comes near; screen readers have the words all the time.
public final class Tips {
    private Tips() {}

    /// Makes one that nobody sees, so that the first one that somebody does comes up as quickly as the others. May be
    /// called on any thread.
    public static Tooltip first() {
        Tooltip tooltip = new Tooltip(" ");
        tooltip.setSkin(new TooltipSkin(tooltip));
        Platform.runLater(tooltip.getScene().getRoot()::applyCss);
        return tooltip;
    }

    /// Gives a node its words, in place of those it had; without any where there are none to give.
    public static void on(Node node, String words) {
        node.setAccessibleHelp(words);
        tip(node).tell();
    }

    /// Gives the whole text while there is no room for it, unless there are other words.
    public static void whenCut(Labeled labeled) {
        tip(labeled);
    }

    /// What comes up where the mouse rests on a node as it is now.
    public static Optional<String> words(Node node) {
        return node.hasProperties() && node.getProperties().get(Tips.class) instanceof Tip tip
                ? tip.words()
                : Optional.empty();
    }

    /// Shows the words of a node at once, below it.
    public static void show(Node node) {
        Bounds at = node.localToScreen(node.getBoundsInLocal());
        tip(node).ready().ifPresent(shown -> shown.show(node, at.getMinX(), at.getMaxY() + 4));
    }

    private static Tip tip(Node node) {
        if (node.getProperties().get(Tips.class) instanceof Tip tip) {
            return tip;
        }
        Tip tip = new Tip(node);
        node.getProperties().put(Tips.class, tip);
        node.addEventHandler(MouseEvent.MOUSE_ENTERED, tip);
        return tip;
    }

    private static final class Tip implements EventHandler<MouseEvent> {
        private final Node node;
        private @Nullable Tooltip shown;

        Tip(Node node) {
            this.node = node;
        }

        Optional<String> words() {
            return Optional.ofNullable(node.getAccessibleHelp())
                    .filter(help -> !help.isBlank())
                    .or(() -> node instanceof Labeled labeled && labeled.isTextTruncated()
                            ? Optional.of(labeled.getText())
                            : Optional.empty());
        }

        @Override
        public void handle(MouseEvent event) {
            ready();
        }

        /// The tooltip with the words of now; where there are none, none comes up.
        Optional<Tooltip> ready() {
            Optional<String> words = words();
            if (words.isEmpty()) {
                if (shown != null) {
                    Tooltip.uninstall(node, shown);
                }
                return Optional.empty();
            }
            Tooltip tooltip = shown == null ? new Tooltip() : shown;
            shown = tooltip;
            tooltip.setText(words.get());
            Tooltip.install(node, tooltip);
            return Optional.of(tooltip);
        }

        /// Changes the words of a tooltip that there is.
        void tell() {
            if (shown != null) {
                ready();
            }
        }
    }
}

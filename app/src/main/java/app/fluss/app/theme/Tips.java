package app.fluss.app.theme;

import javafx.scene.control.Control;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/// Words that come up where the mouse rests. A tooltip is a window of its own, so it is made when the mouse first
/// comes near; screen readers have the words all the time.
public final class Tips {
    private Tips() {}

    /// Gives a control its words.
    public static void on(Control control, String words) {
        control.setAccessibleHelp(words);
        control.addEventHandler(MouseEvent.MOUSE_ENTERED, _ -> {
            if (control.getTooltip() == null) {
                control.setTooltip(new Tooltip(words));
            }
        });
    }
}

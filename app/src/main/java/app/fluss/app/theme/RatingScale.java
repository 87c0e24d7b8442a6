package app.fluss.app.theme;

import app.fluss.core.reading.Impression;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;

/// A rating from 1 to 5, the best last; a second press takes it back.
public final class RatingScale extends HBox {
    private final List<ToggleButton> buttons = new ArrayList<>();

    /// @param name what is rated; its buttons are called after it
    /// @param worst what 1 means
    /// @param best what 5 means
    /// @param changed is told after each press
    public RatingScale(String name, String worst, String best, Runnable changed) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        Label low = Labels.of(worst, "muted", "small");
        low.setMinWidth(92);
        low.setAlignment(Pos.CENTER_RIGHT);
        Label title = Labels.of(name);
        title.setMinWidth(84);
        for (int value = 1; value <= Impression.BEST; value++) {
            ToggleButton button = new ToggleButton(Integer.toString(value));
            button.getStyleClass().add("quiet");
            button.setId(name + "-" + value);
            button.setAccessibleText(ThemeText.OF.formatted(name, value, Impression.BEST));
            button.setOnAction(_ -> {
                buttons.forEach(other -> other.setSelected(other.equals(button) && button.isSelected()));
                changed.run();
            });
            buttons.add(button);
        }
        getChildren().addAll(title, low);
        getChildren().addAll(buttons);
        getChildren().add(Labels.of(best, "muted", "small"));
    }

    /// The rating, 1 to 5; 0 while nothing is chosen.
    public int value() {
        for (int i = 0; i < buttons.size(); i++) {
            if (buttons.get(i).isSelected()) {
                return i + 1;
            }
        }
        return 0;
    }

    /// Shows a rating; 0 for none.
    public void show(int rating) {
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).setSelected(rating == i + 1);
        }
    }
}

package app.fluss.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;

/// What stands beside each other where there is room, and below where there is none.
class AdaptingTest extends ApplicationTest {
    private final Pane root = new Pane();
    private Theme theme;

    @Override
    public void start(Stage stage) {
        theme = new Theme();
        stage.setScene(new Scene(root, 900, 600));
        stage.show();
    }

    private static Region box(double width, double height) {
        Region box = new Region();
        box.setMinSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        box.setPrefSize(width, height);
        return box;
    }

    private void lay(Region pane, double width) {
        interact(() -> {
            pane.setManaged(false); // keeps the size that it is given
            root.getChildren().setAll(pane);
            pane.resize(width, pane.prefHeight(width));
            pane.layout();
        });
    }

    @Test
    void columnsGoBelowEachOtherWhenTheTextGrows() {
        Region grows = box(10, 40);
        Region fixed = box(200, 60);
        HBox.setHgrow(grows, Priority.ALWAYS);
        Columns columns = new Columns(theme, 300, grows, fixed);
        lay(columns, 600);
        assertThat(grows.getWidth()).isEqualTo(390);
        assertThat(fixed.getLayoutX()).isEqualTo(400);
        assertThat(fixed.getHeight()).as("as high as the whole").isEqualTo(60);
        interact(() -> theme.setTextPercent(150));
        lay(columns, 600);
        assertThat(grows.getWidth()).as("450 px are needed now").isEqualTo(600);
        assertThat(fixed.getLayoutX()).isZero();
        assertThat(fixed.getLayoutY()).isEqualTo(50);
    }

    @Test
    void aRowGoesOnInTheNextLine() {
        Region first = box(200, 20);
        Region second = box(200, 30);
        Region third = box(200, 20);
        Region room = new Region();
        HBox.setHgrow(room, Priority.ALWAYS);
        WrappingRow row = new WrappingRow(10, first, room, second, third);
        lay(row, 700);
        assertThat(third.getLayoutX()).as("what is left goes to the room").isEqualTo(500);
        assertThat(row.prefHeight(700)).isEqualTo(30);
        lay(row, 500);
        assertThat(second.getLayoutX()).isEqualTo(300);
        assertThat(third.getLayoutX()).isZero();
        assertThat(row.prefHeight(500)).as("two lines").isEqualTo(56);
    }
}

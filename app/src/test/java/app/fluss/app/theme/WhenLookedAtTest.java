package app.fluss.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.SimpleStringProperty;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;

/// A view with news that comes while nobody looks at it, and while somebody does.
class WhenLookedAtTest extends ApplicationTest {
    private final SimpleStringProperty news = new SimpleStringProperty("first");
    private final StackPane root = new StackPane();
    private final StackPane view = new StackPane();
    private final List<String> filled = new ArrayList<>();

    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(root, 300, 200));
        stage.show();
        WhenLookedAt.fill(view, () -> filled.add(news.get()), news);
    }

    @Test
    void aViewThatNobodyLooksAtIsFilledOnceWhenItIs() {
        interact(() -> {
            news.set("second");
            news.set("third");
        });
        assertThat(filled).isEmpty();
        interact(() -> root.getChildren().setAll(view));
        assertThat(filled).containsExactly("third");
        interact(() -> news.set("fourth"));
        assertThat(filled).containsExactly("third", "fourth");
        interact(() -> {
            root.getChildren().clear();
            root.getChildren().setAll(view);
        });
        assertThat(filled).as("nothing was new").containsExactly("third", "fourth");
    }
}

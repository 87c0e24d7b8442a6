package app.fluss.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.files.draw.Pen;
import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

/// A view that leaves the window lets go of what outlives it.
class WhileShownTest extends ApplicationTest {
    private static final int VIEWS = 200;

    /// What the scene drew last it may keep until it has drawn something else.
    private static final int DRAWN_LAST = 2;

    private final StackPane root = new StackPane();
    private Theme theme;
    private int drawn;

    @Override
    public void start(Stage stage) {
        theme = new Theme();
        root.setMouseTransparent(true); // the test's library keeps every event, and with it the view under the mouse
        stage.setScene(new Scene(root, 300, 200));
        stage.show();
    }

    private final class Square extends CanvasView {
        private final byte[] weight = new byte[100_000];

        Square() {
            super(theme, "a square");
        }

        @Override
        protected void draw(Pen pen, double width, double height) {
            drawn += weight.length > 0 ? 1 : 0;
            pen.fillRect(0, 0, width, height);
        }
    }

    @Test
    void twoHundredDroppedViewsAreForgotten() throws Exception {
        List<WeakReference<Square>> views = new ArrayList<>();
        for (int i = 0; i < VIEWS; i++) {
            interact(() -> {
                Square view = new Square();
                views.add(new WeakReference<>(view));
                root.getChildren().setAll(view);
            });
        }
        interact(() -> {
            theme.turn();
            root.getChildren().clear();
        });
        interact(theme::turn);
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> {
            interact(() -> root.getChildren().setAll(new Region()));
            System.gc();
            return views.stream().filter(view -> view.get() != null).count() <= DRAWN_LAST;
        });
    }

    @Test
    void aViewThatComesBackIsDrawnInThePaletteOfNow() {
        Square[] view = new Square[1];
        interact(() -> {
            view[0] = new Square();
            root.getChildren().setAll(view[0]);
        });
        interact(() -> root.getChildren().clear());
        int before = drawn;
        interact(theme::turn);
        assertThat(drawn).as("not drawn while it is out").isEqualTo(before);
        interact(() -> root.getChildren().setAll(view[0]));
        assertThat(drawn).isGreaterThan(before);
        int shown = drawn;
        interact(theme::turn);
        assertThat(drawn).isGreaterThan(shown);
    }
}

package app.fluss.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

class TipsTest extends ApplicationTest {
    @Override
    public void start(Stage stage) {
        Label figure = new Label("66.4");
        figure.setId("figure");
        Tips.on(figure, "delivered rate");
        Label name = Labels.of("second GPU 3×, size 50 %");
        name.setId("name");
        stage.setScene(new Scene(new VBox(figure, name), 300, 100));
        stage.show();
    }

    private Label label(String id) {
        return lookup("#" + id).queryAs(Label.class);
    }

    private static List<String> shown() {
        return Window.getWindows().stream()
                .filter(Tooltip.class::isInstance)
                .map(one -> ((Tooltip) one).getText())
                .toList();
    }

    @Test
    void wordsComeUpWhereTheMouseRestsAndAreThoseOfNow() throws Exception {
        Label figure = label("figure");
        moveTo(figure);
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> shown().equals(List.of("delivered rate")));
        interact(() -> Tips.on(figure, "delivered rate, whole run"));
        assertThat(shown()).containsExactly("delivered rate, whole run");
        assertThat(figure.getAccessibleHelp()).isEqualTo("delivered rate, whole run");
    }

    @Test
    void textThatIsCutSaysItAllAndOnlyThen() {
        Label name = label("name");
        assertThat(Tips.words(name)).isEmpty();
        interact(() -> name.setMaxWidth(60));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Tips.words(name)).contains("second GPU 3×, size 50 %");
        interact(() -> Tips.on(name, "a path"));
        assertThat(Tips.words(name)).contains("a path");
        interact(() -> Tips.on(name, ""));
        assertThat(Tips.words(name)).contains("second GPU 3×, size 50 %");
        assertThat(Tips.words(new Label("without words"))).isEmpty();
    }

    @Test
    void wordsCanBeShownAtOnce() {
        interact(() -> Tips.show(label("figure")));
        assertThat(shown()).containsExactly("delivered rate");
    }

    @Test
    void wordsThatAreTakenAwayComeUpNoMore() {
        Label figure = label("figure");
        interact(() -> {
            Tips.show(figure);
            Window.getWindows().stream()
                    .filter(Tooltip.class::isInstance)
                    .toList()
                    .forEach(Window::hide);
            Tips.on(figure, "");
            Tips.show(figure);
            Tips.show(label("name")); // nothing is cut
        });
        assertThat(shown()).isEmpty();
        assertThat(figure.getProperties().values()).noneMatch(Tooltip.class::isInstance);
    }
}

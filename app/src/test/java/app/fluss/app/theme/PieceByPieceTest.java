package app.fluss.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;

class PieceByPieceTest extends ApplicationTest {
    @Test
    void allIsInItsPlaceAndStyledBeforeItGoesOn() throws Exception {
        CountDownLatch done = new CountDownLatch(1);
        AtomicBoolean between = new AtomicBoolean();
        interact(() -> {
            Label name = new Label("what to measure");
            GridPane grid = new GridPane();
            TextField first = new TextField();
            TextField second = new TextField();
            grid.add(first, 1, 0);
            grid.add(second, 1, 1);
            ScrollPane scroll = new ScrollPane(grid);
            Button choice = new Button("one");
            FlowPane choices = new FlowPane(choice);
            HBox halves = new HBox(scroll, choices);
            VBox content = new VBox(name, halves);
            new Scene(content);
            PieceByPiece.style(content, content, () -> {
                if (content.getChildren().equals(List.of(name, halves))
                        && halves.getChildren().equals(List.of(scroll, choices))
                        && grid.getChildren().equals(List.of(first, second))
                        && Stream.of(scroll, second, choice).allMatch(one -> one.getSkin() != null)) {
                    done.countDown();
                }
            });
            Platform.runLater(() -> between.set(first.getParent() == null));
        });
        assertThat(done.await(20, TimeUnit.SECONDS)).as("whole").isTrue();
        assertThat(between).as("other work came in between").isTrue();
    }

    @Test
    void aBoxThatIsFilledAnewInTheMeantimeKeepsThat() throws Exception {
        CountDownLatch done = new CountDownLatch(1);
        VBox answers = new VBox();
        interact(() -> {
            answers.getChildren().setAll(new Label("old"), new Label("older"));
            VBox content = new VBox(answers);
            new Scene(content);
            PieceByPiece.style(content, content, done::countDown);
            answers.getChildren().setAll(new Label("new"));
        });
        assertThat(done.await(20, TimeUnit.SECONDS)).isTrue();
        assertThat(answers.getChildren())
                .singleElement()
                .satisfies(one -> assertThat(((Label) one).getText()).isEqualTo("new"));
    }
}

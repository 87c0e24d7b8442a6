package app.fluss.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

class InTurnTest extends ApplicationTest {
    private final VBox screen = new VBox();

    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(screen, 200, 200));
        stage.show();
    }

    /// Adds words to a screen, each in a turn of its own; notes whether those before it had been laid out.
    private List<Runnable> parts(VBox into, List<Boolean> laidOut, String... words) {
        return IntStream.range(0, words.length)
                .<Runnable>mapToObj(i -> () -> {
                    laidOut.add(into.getChildren().stream()
                            .allMatch(one -> one.getLayoutBounds().getHeight() > 0));
                    into.getChildren().add(new Label(words[i]));
                })
                .toList();
    }

    private static List<String> words(VBox of) {
        return of.getChildren().stream().map(one -> ((Label) one).getText()).toList();
    }

    @Test
    void eachPartComesOnceTheOneBeforeItIsLaidOut() throws Exception {
        List<Boolean> laidOut = new ArrayList<>();
        InTurn inTurn = new InTurn(screen);
        interact(() -> {
            inTurn.fill(parts(screen, laidOut, "frame", "matrix", "sheet"));
            assertThat(words(screen)).containsExactly("frame");
        });
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> words(screen).size() == 3);
        assertThat(words(screen)).containsExactly("frame", "matrix", "sheet");
        assertThat(laidOut).containsExactly(true, true, true);
    }

    @Test
    void whatIsNewerTakesThePlaceOfWhatWasStillToCome() throws Exception {
        InTurn inTurn = new InTurn(screen);
        interact(() -> {
            inTurn.fill(parts(screen, new ArrayList<>(), "old frame", "old table"));
            screen.getChildren().clear();
            inTurn.fill(parts(screen, new ArrayList<>(), "frame", "table", "map"));
        });
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> words(screen).contains("map"));
        assertThat(words(screen)).containsExactly("frame", "table", "map");
    }

    @Test
    void whereNobodyLooksAllComesAtOnce() {
        VBox away = new VBox();
        interact(() -> new InTurn(away).fill(parts(away, new ArrayList<>(), "frame", "table")));
        assertThat(words(away)).containsExactly("frame", "table");
    }
}

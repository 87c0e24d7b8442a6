package app.fluss.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.theme.WrappingRow;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Switched;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;

/// What is typed into the field of a fact.
class FactFieldTest extends ApplicationTest {
    private final List<String> taken = new ArrayList<>();
    private FactField memory;
    private FactField recorder;
    private WrappingRow memoryRow;
    private WrappingRow recorderRow;

    @Override
    public void start(Stage stage) {
        FactField.Taker taker = (key, value, source) -> taken.add(key.id() + "=" + value + " " + source);
        memory = new FactField(FactKey.MEMORY_GB, taker);
        recorder = new FactField(FactKey.RECORDER, taker);
        memoryRow = memory.row();
        recorderRow = recorder.row();
        stage.setScene(new Scene(new VBox(memoryRow, recorderRow), 500, 200));
        stage.show();
    }

    private void type(String text) {
        interact(() -> {
            TextField field = (TextField) memoryRow.getChildren().getFirst();
            field.setText(text);
            field.getOnAction().handle(null);
        });
    }

    private Optional<String> problem() {
        return memoryRow.getChildren().stream()
                .filter(node -> node.getStyleClass().contains("chip"))
                .filter(Node::isVisible)
                .map(node -> ((Label) node).getText())
                .findFirst();
    }

    @Test
    void aCommaIsAPointAndTheSameValueIsTakenOnce() {
        type("15,5");
        type("15.5 ");
        assertThat(taken).containsExactly("memory_gb=15.5 TYPED");
        assertThat(problem()).isEmpty();
    }

    @Test
    void whatIsNoValueIsToldAndNotTakenUntilItIsMended() {
        type("plenty");
        assertThat(taken).isEmpty();
        assertThat(problem()).isPresent();
        type("99999");
        assertThat(taken).as("outside its range").isEmpty();
        type("32");
        assertThat(taken).containsExactly("memory_gb=32 TYPED");
        assertThat(problem()).isEmpty();
    }

    @Test
    void showingAFactTakesNothingAndEmptyingItTakesItBack() {
        Fact fact = new Fact(FactKey.MEMORY_GB, "32", FactSource.READ, LocalDate.of(2026, 11, 27));
        interact(() -> memory.show("32", Optional.of(fact)));
        interact(() -> recorder.show(Switched.ON.word(), Optional.empty()));
        assertThat(taken).isEmpty();
        assertThat(memoryRow.getChildren())
                .filteredOn(Label.class::isInstance)
                .extracting(label -> ((Label) label).getText())
                .anyMatch(text -> text.startsWith("read from the machine, "));
        type("");
        assertThat(taken).containsExactly("memory_gb= TYPED");
    }

    @Test
    @SuppressWarnings("unchecked") // the field makes it so
    void aChoiceOffersItsWordsAndNotStated() {
        ChoiceBox<String> box = (ChoiceBox<String>) recorderRow.getChildren().getFirst();
        assertThat(box.getItems()).containsExactly("not stated", Switched.OFF.word(), Switched.ON.word());
        interact(() -> box.setValue(Switched.OFF.word()));
        interact(() -> box.setValue("not stated"));
        assertThat(taken).containsExactly("recorder=off TYPED", "recorder= TYPED");
    }
}

package app.fluss.app.importing;

import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.util.StringConverter;

/// Fields for a display mode: refresh rate, sync mode, and the floor with variable refresh.
final class DisplayFields extends WrappingRow {
    private final TextField hz = new TextField();
    private final ChoiceBox<SyncMode> sync = new ChoiceBox<>();
    private final TextField floor = new TextField();
    private final ReadOnlyBooleanWrapper valid = new ReadOnlyBooleanWrapper();

    DisplayFields(Optional<DisplayMode> now) {
        super(8);
        hz.setId("refresh");
        hz.setPrefColumnCount(4);
        hz.setPromptText("144");
        floor.setPrefColumnCount(4);
        floor.setPromptText("48");
        sync.getItems().setAll(SyncMode.values());
        sync.setConverter(new SyncNames());
        sync.setValue(now.map(DisplayMode::sync).orElse(SyncMode.FIFO));
        now.ifPresent(mode -> hz.setText(NumberField.text(mode.refreshHz())));
        now.filter(mode -> !Double.isNaN(mode.vrrFloorHz()))
                .ifPresent(mode -> floor.setText(NumberField.text(mode.vrrFloorHz())));
        Label from = new Label(ImportText.DOWN_TO);
        from.visibleProperty().bind(sync.valueProperty().isEqualTo(SyncMode.VRR));
        floor.visibleProperty().bind(from.visibleProperty());
        Label unit = new Label(ImportText.HZ);
        for (Region part : List.of(hz, unit, sync, from, floor)) {
            part.managedProperty().bind(part.visibleProperty());
            part.setMinWidth(USE_PREF_SIZE);
        }
        hz.textProperty().subscribe(this::check);
        floor.textProperty().subscribe(this::check);
        sync.valueProperty().subscribe(this::check);
        getChildren().addAll(hz, unit, sync, from, floor);
        check();
    }

    private void check() {
        valid.set(isBlank() || mode().isPresent());
    }

    private boolean isBlank() {
        return hz.getText().isBlank();
    }

    /// The mode that the fields state, if they state one.
    Optional<DisplayMode> mode() {
        double rate = NumberField.value(hz.getText());
        double lowest = sync.getValue() == SyncMode.VRR ? NumberField.value(floor.getText()) : Double.NaN;
        boolean floorWrong = sync.getValue() == SyncMode.VRR && !floor.getText().isBlank() && Double.isNaN(lowest);
        if (Double.isNaN(rate) || floorWrong) {
            return Optional.empty();
        }
        try {
            return Optional.of(new DisplayMode(rate, sync.getValue(), lowest));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /// Whether the fields are empty or state a mode.
    ReadOnlyBooleanProperty validProperty() {
        return valid.getReadOnlyProperty();
    }

    private static final class SyncNames extends StringConverter<SyncMode> {
        @Override
        public String toString(SyncMode mode) {
            return switch (mode) {
                case FIFO -> ImportText.FIFO;
                case LATEST -> ImportText.LATEST;
                case TEARING -> ImportText.TEARING;
                case VRR -> ImportText.VRR;
            };
        }

        @Override
        public SyncMode fromString(String text) {
            return SyncMode.valueOf(text);
        }
    }
}

package app.fluss.app.capture;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Durations;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.core.reading.TypedReading;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The readings pad: type what the counter shows, press Enter; one letter marks what is seen. Made to be read from
/// the side of the eye, and to be used without looking at the keyboard.
final class PadView extends VBox {
    private static final PseudoClass FOCUSED = PseudoClass.getPseudoClass("typing");
    private static final int SHOWN = 7;

    private final Keeper keeper;
    private final Label entry = Labels.of("", "pad-entry");
    private Optional<PadMark> heldMark = Optional.empty();
    private final Label message = Labels.wrapped("", "chip", "chip-warm");
    private final VBox recent = new VBox(1);
    private final Label mean = Labels.of("", "muted");
    private final StringBuilder typed = new StringBuilder();

    /// Keeps what was typed.
    interface Keeper {
        /// Time since the scene began, ms.
        long nowMs();

        void keep(PadEntry entry);

        void takeBack();
    }

    private long shown;

    PadView(Keeper keeper) {
        super(8);
        this.keeper = keeper;
        setId("pad");
        getStyleClass().add("pad");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT_FIELD);
        setAccessibleText(CaptureText.READINGS_PAD);
        message.setVisible(false);
        message.setManaged(false);
        FlowPane keys = new FlowPane(10, 2);
        for (PadMark mark : PadMark.values()) {
            keys.getChildren()
                    .add(Boxes.row(
                            Labels.of(Character.toString(mark.key()), "chip", "strong"),
                            Labels.of(mark.title(), "small")));
        }
        keys.getChildren()
                .add(Boxes.row(Labels.of(CaptureText.BACKSPACE, "chip"), Labels.of(CaptureText.UNDO_LAST, "small")));
        VBox left = new VBox(6, entry, message, mean);
        left.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(left, Priority.ALWAYS);
        Ems.min(recent, 170);
        HBox upper = new HBox(12, left, recent);
        VBox.setVgrow(upper, Priority.ALWAYS);
        getChildren().addAll(upper, keys);
        setOnMouseClicked(_ -> requestFocus());
        focusedProperty().subscribe(now -> {
            pseudoClassStateChanged(FOCUSED, now);
            showEntry();
        });
        addEventHandler(KeyEvent.KEY_TYPED, this::typed);
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
        addEventHandler(KeyEvent.KEY_RELEASED, _ -> heldMark = Optional.empty());
        showEntry();
    }

    private void typed(KeyEvent event) {
        String text = event.getCharacter();
        if (event.isShortcutDown() || text.length() != 1 || text.charAt(0) <= ' ' || text.charAt(0) == 127) {
            return;
        }
        char key = text.charAt(0);
        Optional<PadMark> mark = typed.isEmpty() ? PadMark.of(key) : Optional.empty();
        if (mark.isPresent()) {
            // A key that is held repeats itself; what was seen was seen once.
            if (!mark.equals(heldMark)) {
                keeper.keep(new PadEntry.Marked(keeper.nowMs(), mark.get()));
            }
            heldMark = mark;
            tell("");
        } else {
            typed.append(key);
        }
        showEntry();
        event.consume();
    }

    private void pressed(KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER && !event.isShortcutDown()) {
            enter();
        } else if (event.getCode() == KeyCode.BACK_SPACE && !event.isShortcutDown()) {
            if (typed.isEmpty()) {
                keeper.takeBack();
            } else {
                typed.setLength(typed.length() - 1);
            }
            tell("");
        } else {
            return;
        }
        showEntry();
        event.consume();
    }

    private void enter() {
        switch (TypedReading.of(typed.toString())) {
            case TypedReading.Read read -> {
                keeper.keep(new PadEntry.Counted(keeper.nowMs(), read));
                typed.setLength(0);
                tell("");
            }
            case TypedReading.Refused(String why) -> tell(why);
        }
    }

    private void tell(String words) {
        message.setText(words);
        message.setVisible(!words.isEmpty());
        message.setManaged(!words.isEmpty());
    }

    private void showEntry() {
        entry.setText(
                typed.isEmpty() ? (isFocused() ? CaptureText.TYPE : CaptureText.CLICK_THEN_TYPE) : typed.toString());
        entry.pseudoClassStateChanged(PseudoClass.getPseudoClass("empty"), typed.isEmpty());
    }

    /// Shows what is kept, the latest on top. What was typed for another attempt and not kept goes.
    ///
    /// @param attempt its number; 0 without one
    void show(long attempt, List<PadEntry> entries) {
        if (attempt != shown) {
            shown = attempt;
            typed.setLength(0);
            tell("");
            showEntry();
        }
        recent.getChildren().clear();
        for (int i = entries.size() - 1; i >= Math.max(0, entries.size() - SHOWN); i--) {
            recent.getChildren().add(line(entries.get(i)));
        }
        int count = PadEntry.readings(entries).size();
        mean.setText(
                count == 0
                        ? CaptureText.NO_READINGS_YET
                        : CaptureText.KEPT_S_ON_AVERAGE.formatted(
                                count,
                                count == 1 ? CaptureText.READING : CaptureText.READINGS,
                                Numbers.text(PadEntry.series(entries).mean(), 1)));
    }

    private static HBox line(PadEntry entry) {
        Label time = Labels.of(Durations.timer(entry.atMs() / 1000), "muted");
        Ems.min(time, 40);
        Label what = switch (entry) {
            case PadEntry.Counted(long _, TypedReading.Read(double low, double high)) ->
                Labels.of(low == high ? plain(low) : plain(low) + "–" + plain(high), "strong");
            case PadEntry.Marked(long _, PadMark mark) -> Labels.of(mark.title());
        };
        return Boxes.row(time, what);
    }

    private static String plain(double rate) {
        return Numbers.text(rate, rate == Math.rint(rate) ? 0 : 1);
    }
}

package app.fluss.app.theme;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.DialogEvent;
import javafx.scene.control.DialogPane;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.stage.Screen;
import javafx.stage.Window;

/// Dialogs that look like the rest.
public final class Dialogs {
    /// What the system draws around a window, at most.
    private static final double FRAME_PX = 80;

    private static final double BUTTON_PX = 80;

    private Dialogs() {}

    /// Asks for a line of text, and waits for the answer.
    ///
    /// @return what was typed, without spaces around it; empty if nothing was, or the user thought better of it
    public static Optional<String> text(Theme theme, Window owner, String title, String now) {
        Dialog<ButtonType> dialog = make(theme, owner, title);
        TextField field = new TextField(now);
        field.setId("text");
        field.setPrefColumnCount(24);
        dialog.getDialogPane().setContent(field);
        dialog.getDialogPane().getButtonTypes().addAll(ButtonType.OK, ButtonType.CANCEL);
        focus(dialog, field);
        return dialog.showAndWait()
                .filter(ButtonType.OK::equals)
                .map(_ -> field.getText().strip())
                .filter(text -> !text.isEmpty());
    }

    /// Asks why something is to be done, and waits for the answer. It stands with what was measured.
    ///
    /// @param action words on the button that does it
    /// @param usual reasons to choose from; others can be typed
    /// @return the reason; empty if there is none, or the user thought better of it
    public static Optional<String> reason(Theme theme, Window owner, String title, String action, List<String> usual) {
        Dialog<ButtonType> dialog = make(theme, owner, title);
        ComboBox<String> reason = Choice.typed("reason");
        reason.getItems().setAll(usual);
        reason.setMaxWidth(Double.MAX_VALUE);
        Ems.pref(reason, 340);
        dialog.getDialogPane().setContent(new VBox(8, Labels.note(ThemeText.LEAVE_OUT_WHY), reason));
        Button does = does(dialog, action);
        does.disableProperty()
                .bind(Bindings.createBooleanBinding(
                        () -> reason.getEditor().getText().isBlank(),
                        reason.getEditor().textProperty()));
        focus(dialog, reason);
        return dialog.showAndWait()
                .filter(ButtonType.OK::equals)
                .map(_ -> reason.getEditor().getText().strip());
    }

    /// Gives a dialog a button that does it, [ButtonType#OK], and one that does not.
    ///
    /// @param action words on the button that does it
    public static Button does(Dialog<ButtonType> dialog, String action) {
        dialog.getDialogPane().getButtonTypes().addAll(ButtonType.OK, ButtonType.CANCEL);
        Button does = (Button) dialog.getDialogPane().lookupButton(ButtonType.OK);
        does.setText(action);
        return does;
    }

    /// Asks whether something that takes much away is to be done.
    ///
    /// @param action word on the button that does it
    public static boolean agreed(Theme theme, Window owner, String title, String words, String action) {
        Dialog<ButtonType> dialog = make(theme, owner, title);
        ButtonType does = new ButtonType(action, ButtonData.OK_DONE);
        dialog.getDialogPane().setContent(Labels.wrapped(words));
        dialog.getDialogPane().setPrefWidth(420);
        dialog.getDialogPane().getButtonTypes().addAll(does, ButtonType.CANCEL);
        return dialog.showAndWait().filter(does::equals).isPresent();
    }

    /// Tells what went wrong, dressed as its owner is.
    public static void tell(Window owner, String title, String words) {
        Dialog<ButtonType> dialog = make(owner.getScene().getRoot().getStyle(), 1, owner, title);
        dialog.getDialogPane().setContent(Labels.wrapped(words));
        dialog.getDialogPane().setPrefWidth(420);
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        open(dialog);
    }

    /// Shows a dialog without waiting for the answer. It is styled piece by piece, laid out, and shown after that: what
    /// else there is to do comes in between.
    ///
    /// @param dialog one that was made here, and not shown yet
    public static void open(Dialog<?> dialog) {
        DialogPane pane = dialog.getDialogPane();
        scroll(pane);
        PieceByPiece.style(pane, pane.getContent(), () -> {
            dialog.getOnShowing().handle(new DialogEvent(dialog, DialogEvent.DIALOG_SHOWING));
            dialog.setOnShowing(null);
            Platform.runLater(dialog::show);
        });
    }

    /// Lets typing go to a field as soon as the dialog is there. The toolkit gives the focus to the default
    /// button after the dialog says that it is shown.
    public static void focus(Dialog<?> dialog, Node field) {
        dialog.setOnShown(_ -> Platform.runLater(() -> {
            field.requestFocus();
            if (field instanceof TextInputControl text) {
                text.selectAll();
            }
        }));
    }

    /// What is typed first: the first field that is empty, else the first of all.
    private static Optional<Node> first(Parent within) {
        List<Node> fields = new ArrayList<>();
        collect(within, fields);
        return fields.stream()
                .filter(field -> text(field).isBlank())
                .findFirst()
                .or(() -> fields.stream().findFirst());
    }

    private static void collect(Node node, List<Node> fields) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        boolean typed = node instanceof ComboBox<?> box ? box.isEditable() : node instanceof TextInputControl;
        if (typed && node.isFocusTraversable()) {
            fields.add(node);
        } else if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, fields));
        }
    }

    private static String text(Node field) {
        return switch (field) {
            case ComboBox<?> box -> box.getEditor().getText();
            case TextInputControl text -> text.getText();
            default -> "";
        };
    }

    /// A dialog with a title, dressed in the palette in use; typing goes to its first field.
    public static <T> Dialog<T> make(Theme theme, Window owner, String title) {
        return make(theme.style(), theme.textScaleProperty().get(), owner, title);
    }

    private static <T> Dialog<T> make(String style, double textScale, Window owner, String title) {
        Dialog<T> dialog = new Dialog<>();
        dialog.initOwner(owner);
        dialog.setTitle(title);
        dialog.setResizable(true);
        dialog.getDialogPane().getStylesheets().setAll(owner.getScene().getStylesheets());
        dialog.getDialogPane().setStyle(style);
        dialog.getDialogPane().addEventFilter(KeyEvent.KEY_PRESSED, Choice::openByArrow);
        dialog.setOnShowing(_ -> fit(dialog.getDialogPane(), textScale, owner));
        dialog.setOnShown(_ -> Platform.runLater(() -> {
            if (dialog.getDialogPane().getContent() instanceof Parent content) {
                first(content).ifPresent(Node::requestFocus);
            }
        }));
        return dialog;
    }

    /// What does not fit on the screen scrolls, above the buttons.
    private static void scroll(DialogPane pane) {
        Node content = pane.getContent();
        if (content != null && !(content instanceof ScrollPane)) {
            ScrollPane scroll = Boxes.scrolling(content);
            scroll.setFitToHeight(true);
            scroll.setFocusTraversable(false);
            pane.setContent(scroll);
        }
    }

    /// Sizes are stated for text of the usual size.
    private static void fit(DialogPane pane, double textScale, Window owner) {
        scroll(pane);
        // The bar takes the widths of its buttons before their text has its size, and keeps them.
        if (pane.lookup(".button-bar") instanceof ButtonBar bar) {
            bar.setButtonMinWidth(BUTTON_PX * textScale);
        }
        pane.applyCss();
        Rectangle2D screen = screen(owner);
        double wanted = pane.getPrefWidth() > 0 ? pane.getPrefWidth() * textScale : pane.prefWidth(-1);
        double width = Math.min(wanted, screen.getWidth() - FRAME_PX);
        if (width < wanted || pane.getPrefWidth() > 0) {
            pane.setPrefWidth(width);
        }
        if (pane.getContent() instanceof ScrollPane scroll) {
            // What scrolls does not ask its content how high lines make it at a width.
            Insets around = scroll.getInsets();
            scroll.setPrefViewportHeight(
                    Math.ceil(scroll.getContent().prefHeight(width - around.getLeft() - around.getRight())));
        }
        double height = pane.getPrefHeight() > 0 ? pane.getPrefHeight() * textScale : pane.prefHeight(width);
        if (height > screen.getHeight() - FRAME_PX || pane.getPrefHeight() > 0) {
            pane.setPrefHeight(Math.min(height, screen.getHeight() - FRAME_PX));
        }
    }

    private static Rectangle2D screen(Window owner) {
        return Screen.getScreensForRectangle(owner.getX(), owner.getY(), owner.getWidth(), owner.getHeight()).stream()
                .findFirst()
                .orElseGet(Screen::getPrimary)
                .getVisualBounds();
    }
}

package app.fluss.app.shell;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// What stands left and right of the work. Where the window has no room for it beside the work, or the text
/// is large, it lies over the work and is called by a button.
final class Drawers {
    private static final double SIDE = 252;
    private static final double MARGIN = 12;

    /// Widths of a window at the usual size of text below which there is no room for findings, then none for
    /// the order of work, px.
    private static final double FINDINGS_NEED = 1180;

    private static final double ORDER_NEEDS = 800;

    private final BorderPane frame;
    private final Theme theme;
    private final StackPane middle = new StackPane();
    private final Drawer left;
    private final Drawer right;
    private boolean rightWanted = true;

    /// The work, which scrolls where the window is too low for what it needs.
    private final ScrollPane page = Boxes.scrolling(new Region());

    /// One side.
    private static final class Drawer {
        private final Region content;
        private final ToggleButton button;
        private final Pos place;
        private boolean over;

        Drawer(Region content, String title, String id, Pos place) {
            this.content = content;
            this.place = place;
            button = new ToggleButton(title);
            button.setId(id);
            button.getStyleClass().add("quiet");
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.managedProperty().bind(button.visibleProperty());
            button.setVisible(false);
        }
    }

    /// @param notice stands below the work while there is one
    Drawers(BorderPane frame, Theme theme, Region left, Region right, Region notice) {
        this.frame = frame;
        this.theme = theme;
        this.left = new Drawer(left, ShellText.WORK_AND_RUNS, "show-work", Pos.CENTER_LEFT);
        this.right = new Drawer(right, ShellText.FINDINGS, "show-findings", Pos.CENTER_RIGHT);
        Tips.on(this.left.button, ShellText.WORK_DRAWER_TIP);
        Tips.on(this.right.button, ShellText.WHAT_WAS_NOTICED_TIP);
        VBox center = new VBox(middle, notice);
        VBox.setVgrow(middle, Priority.ALWAYS);
        notice.managedProperty().bind(notice.visibleProperty());
        page.setId("page");
        page.setFitToHeight(true);
        page.setFocusTraversable(false);
        middle.getChildren().setAll(page);
        middle.setMinSize(0, 0);
        center.setMinSize(0, 0);
        frame.setCenter(center);
        for (Drawer drawer : new Drawer[] {this.left, this.right}) {
            drawer.button.selectedProperty().subscribe(() -> {
                if (drawer.over) {
                    lay();
                    if (drawer.button.isSelected()) {
                        drawer.content.requestFocus();
                    }
                }
            });
        }
        frame.widthProperty().subscribe(this::lay);
        theme.textScaleProperty().subscribe(this::lay);
    }

    /// Opens and closes what stands left, where it has no place of its own.
    ToggleButton leftButton() {
        return left.button;
    }

    /// Opens and closes what stands right, where it has no place of its own.
    ToggleButton rightButton() {
        return right.button;
    }

    /// Shows the work.
    void show(Node work, boolean withRight) {
        rightWanted = withRight;
        if (!work.equals(page.getContent())) {
            page.setContent(work);
            page.setVvalue(0);
        }
        close();
        lay();
    }

    /// Puts away what lies over the work.
    ///
    /// @return whether something did
    boolean close() {
        boolean open = isOpen(left) || isOpen(right);
        left.button.setSelected(false);
        right.button.setSelected(false);
        return open;
    }

    private static boolean isOpen(Drawer drawer) {
        return drawer.over && drawer.button.isSelected();
    }

    private void lay() {
        double scale = theme.textScaleProperty().get();
        double room = frame.getWidth() / scale;
        if (room <= 0) {
            return;
        }
        for (Drawer drawer : new Drawer[] {left, right}) {
            drawer.content.setPrefWidth(SIDE * scale);
            drawer.content.setMinWidth(SIDE * scale);
            drawer.content.setMaxWidth(SIDE * scale);
        }
        left.over = room < ORDER_NEEDS;
        right.over = rightWanted && room < FINDINGS_NEED;
        left.button.setVisible(left.over);
        right.button.setVisible(right.over);
        middle.getChildren().remove(left.content);
        middle.getChildren().remove(right.content);
        frame.setLeft(left.over ? null : left.content);
        frame.setRight(right.over || !rightWanted ? null : right.content);
        double edge = left.over ? MARGIN : 2;
        middle.setPadding(new Insets(MARGIN, right.over || !rightWanted ? MARGIN : 2, MARGIN, edge));
        over(left);
        over(right);
    }

    private void over(Drawer drawer) {
        drawer.content.getStyleClass().remove("drawer");
        if (isOpen(drawer)) {
            StackPane.setAlignment(drawer.content, drawer.place);
            drawer.content.getStyleClass().add("drawer");
            middle.getChildren().add(drawer.content);
        }
    }
}

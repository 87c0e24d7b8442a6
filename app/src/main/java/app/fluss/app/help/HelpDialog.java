package app.fluss.app.help;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.files.share.ProductVersion;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Help: the way to a first comparison, the glossary, safety, version and licences.
public final class HelpDialog {
    private static final String[][] STEPS = {
        {"Describe the bench", "Bench (Ctrl+1): your rig and your display. Fill from this computer reads what it can."},
        {
            "Choose game, scene and paths",
            "A scene is a route that you can repeat: 60 seconds, the same start, the same way. The native path is"
                    + " always one of the paths."
        },
        {
            "Plan the runs",
            "Plan (Ctrl+2): three runs of each path, in an order that drift cannot bias. Print the run sheet if the"
                    + " game fills the screen."
        },
        {
            "Measure",
            "Capture (Ctrl+3) takes you from line to line: drop the log of your recorder, type what the counter"
                    + " says, or record light and click. Any of these is enough to begin; better evidence gives a"
                    + " better grade."
        },
        {
            "Compare and decide",
            "Compare (Ctrl+5) shows what each path adds and costs, and how certain that is; Decide (Ctrl+6) says whether"
                    + " to use it, for whom, and what would settle a doubt."
        }
    };

    private static final String[][] CAUTIONS = {
        {
            "Mains power",
            "Open no power supply and no display. Meters go between plug and socket, never into the wiring. Local"
                    + " codes and licensed electricians decide."
        },
        {
            "Hot parts, moving fans",
            "Cards and heat sinks burn skin minutes after a run. Switch off, pull the plug and wait before you touch"
                    + " or swap a card; the maker's manual says how."
        },
        {
            "Sickness in a headset",
            "Clear the floor, sit if you can, take breaks. Stop at the first sign of sickness. For children the"
                    + " headset's manual decides."
        },
        {
            "Flashing pictures",
            "Light tests flash a part of the screen; the tasks of Feel move and do not flash. People who react to"
                    + " flashing or moving pictures should not run or watch them."
        },
        {
            "Online games",
            "Guards of online games may take overlays, capture tools and generators for cheating. Measure offline, or"
                    + " ask the operator first."
        }
    };

    private HelpDialog() {}

    /// Opens a page.
    public static void show(Theme theme, Window owner, HelpPage first) {
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, "Help");
        HBox pages = Boxes.row();
        StackPane place = new StackPane();
        VBox.setVgrow(place, Priority.ALWAYS);
        ToggleGroup group = new ToggleGroup();
        for (HelpPage page : HelpPage.values()) {
            ToggleButton button = new ToggleButton(page.title());
            button.getStyleClass().add("quiet");
            button.setId("help-" + page.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setOnAction(_ -> {
                button.setSelected(true);
                place.getChildren().setAll(content(page));
            });
            button.setSelected(page == first);
            pages.getChildren().add(button);
        }
        place.getChildren().setAll(content(first));
        dialog.getDialogPane().setContent(new VBox(12, pages, place));
        dialog.getDialogPane().setPrefSize(760, 580);
        dialog.getDialogPane().setId("help-dialog");
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        Dialogs.open(dialog);
    }

    private static Node content(HelpPage page) {
        return switch (page) {
            case FIRST -> Boxes.scrolling(steps());
            case GLOSSARY -> new Glossary();
            case SAFETY -> Boxes.scrolling(cautions());
            case ABOUT -> Boxes.scrolling(about());
        };
    }

    private static VBox steps() {
        VBox box = Boxes.scrolled();
        for (int i = 0; i < STEPS.length; i++) {
            box.getChildren().add(Labels.heading("%d  %s".formatted(i + 1, STEPS[i][0])));
            box.getChildren().add(Labels.wrapped(STEPS[i][1]));
        }
        box.getChildren()
                .add(Labels.note("In a hurry: drop two logs into the window, one of the native path and one with"
                        + " generation on, and open Compare."));
        return box;
    }

    private static VBox cautions() {
        VBox box = Boxes.scrolled();
        for (String[] caution : CAUTIONS) {
            VBox one = new VBox(2, Labels.heading(caution[0]), Labels.wrapped(caution[1]));
            one.getStyleClass().add("safety");
            box.getChildren().add(one);
        }
        box.getChildren()
                .add(Labels.note("Makers' manuals, local codes and licensed practice take precedence over this page."));
        return box;
    }

    private static VBox about() {
        return Boxes.scrolled(
                Labels.title("Fluss " + ProductVersion.number()),
                Labels.wrapped("Measures what frame generation, second cards, display smoothing, streaming and"
                        + " reprojection change in delivered rate, frame-time spread and latency."),
                Labels.wrapped(
                        "Apache License 2.0. Libraries and their licences: docs/dependencies.md"
                                + " and the list that the build makes. The text face is Hanken Grotesk, SIL Open Font License."),
                Labels.note("Nothing leaves this computer."));
    }
}

package app.fluss.app.blind;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.core.feel.blind.BlindResult;
import app.fluss.core.feel.blind.SignTest;
import app.fluss.core.measure.Figure;
import app.fluss.files.study.BlindBlock;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// What a blind block that has ended says, with the order that was sealed.
public final class BlindResultPanel extends VBox {
    /// @param block one that has ended with an answer
    public BlindResultPanel(Workbench workbench, BlindBlock block) {
        super(6);
        setId("blind-result");
        getStyleClass().add("panel");
        Contents contents = workbench.contentsProperty().get();
        BlindResult result = BlindResult.of(block.judged());
        HBox head = Boxes.row(
                Labels.heading("Blind: %s (A) against %s (B)"
                        .formatted(
                                contents.path(block.pathA()).name(),
                                contents.path(block.pathB()).name())),
                Labels.of(block.player(), "chip"));
        if (block.simulated()) {
            head.getChildren().add(Labels.of("simulated", "chip", "chip-warm"));
        }
        head.getChildren()
                .addAll(
                        Boxes.spacer(),
                        Buttons.quiet(
                                "Remove",
                                "Can be undone (Ctrl+Z)",
                                () -> workbench.edits().people().remove(block)));
        Label words = Labels.wrapped(result.words(), "verdict-sentence");
        words.setId("blind-words");
        getChildren()
                .addAll(
                        head,
                        words,
                        Labels.wrapped("%s to %s would be right (95 %%); d′ %s. %s"
                                .formatted(
                                        percent(result.share().low()),
                                        percent(result.share().high()),
                                        Numbers.text(result.dPrime(), 2),
                                        ended(block))),
                        Labels.wrapped("Smoothness: %s. Response: %s."
                                .formatted(rated(result.smoothness()), rated(result.response()))),
                        Labels.wrapped(
                                "%s. Here %s"
                                        .formatted(
                                                BlindPane.capital(
                                                        block.switchedBy().meaning()),
                                                block.isUnchanged()
                                                        ? "are the order and its number; their SHA-256 is the one that was shown before the trials:"
                                                        : "the order does not match the one that was sealed:"),
                                block.isUnchanged() ? "muted" : "changed"),
                        line("blind-order", "Order and number", block.seal().text()),
                        line("blind-hash", "SHA-256 that was shown before", block.hash()));
    }

    private static String percent(double share) {
        return Numbers.percent(Figure.of(share), 0);
    }

    private static String ended(BlindBlock block) {
        int left = block.seal().order().size() - block.answers().size();
        return left == 0 ? "" : "Ended %d trials early.".formatted(left);
    }

    private static String rated(SignTest test) {
        int pairs = test.higherA() + test.higherB() + test.equal();
        if (pairs == 0) {
            return "not rated on both paths";
        }
        String counts = "A higher in %d, B in %d, equal in %d pairs (p = %.3f)"
                .formatted(test.higherA(), test.higherB(), test.equal(), test.chance());
        return test.isShown()
                ? "%s is rated higher; %s".formatted(test.higherA() > test.higherB() ? "A" : "B", counts)
                : "no difference is shown; " + counts;
    }

    /// Text that can be marked and copied.
    static TextField line(String id, String name, String text) {
        TextField field = new TextField(text);
        field.setId(id);
        field.setEditable(false);
        field.setAccessibleText(name);
        return field;
    }
}

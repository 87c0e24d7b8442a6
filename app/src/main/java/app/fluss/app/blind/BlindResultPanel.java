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
                Labels.heading(BlindText.BLIND_AGAINST_B.formatted(
                        contents.path(block.pathA()).name(),
                        contents.path(block.pathB()).name())),
                Labels.of(block.player(), "chip"));
        if (block.simulated()) {
            head.getChildren().add(Labels.of(BlindText.SIMULATED, "chip", "chip-warm"));
        }
        head.getChildren()
                .addAll(
                        Boxes.spacer(),
                        Buttons.quiet(
                                BlindText.REMOVE,
                                BlindText.REMOVE_TIP,
                                () -> workbench.edits().people().remove(block)));
        Label words = Labels.wrapped(result.words(), "verdict-sentence");
        words.setId("blind-words");
        getChildren()
                .addAll(
                        head,
                        words,
                        Labels.wrapped(BlindText.SHARE_RIGHT.formatted(
                                percent(result.share().low()),
                                percent(result.share().high()),
                                Numbers.text(result.dPrime(), 2),
                                ended(block))),
                        Labels.wrapped(BlindText.SMOOTHNESS_RESPONSE.formatted(
                                rated(result.smoothness()), rated(result.response()))),
                        Labels.wrapped(
                                BlindText.HERE.formatted(
                                        BlindPane.capital(block.switchedBy().meaning()),
                                        block.isUnchanged() ? BlindText.SEAL_HOLDS : BlindText.SEAL_BROKEN),
                                block.isUnchanged() ? "muted" : "changed"),
                        line(
                                "blind-order",
                                BlindText.ORDER_AND_NUMBER,
                                block.seal().text()),
                        line("blind-hash", BlindText.HASH_SHOWN_BEFORE, block.hash()));
    }

    private static String percent(double share) {
        return Numbers.percent(Figure.of(share), 0);
    }

    private static String ended(BlindBlock block) {
        int left = block.seal().order().size() - block.answers().size();
        return left == 0 ? "" : BlindText.ENDED_TRIALS_EARLY.formatted(left);
    }

    private static String rated(SignTest test) {
        int pairs = test.higherA() + test.higherB() + test.equal();
        if (pairs == 0) {
            return BlindText.NOT_RATED;
        }
        String counts = BlindText.RATED_PAIRS.formatted(test.higherA(), test.higherB(), test.equal(), test.chance());
        return test.isShown()
                ? BlindText.IS_RATED_HIGHER.formatted(test.higherA() > test.higherB() ? "A" : "B", counts)
                : BlindText.NO_DIFFERENCE_IS_SHOWN.formatted(counts);
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

package app.fluss.app.path;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.measure.Figure;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.stream.blame.ClientHitch;
import app.fluss.files.known.StreamWork;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// What each hitch of a stream's client comes from, with both logs as lanes.
final class BlamePanel extends VBox {
    private final Label words = Labels.wrapped("", "small");
    private final ToggleGroup causes = new ToggleGroup();
    private final List<ClientHitch> hitches;
    private final Optional<LanesView> lanes;
    private final Button before = Buttons.quiet("‹", StreamText.HITCH_BEFORE_TIP, () -> go(-1));
    private final Button after = Buttons.quiet("›", StreamText.NEXT_HITCH_TIP, () -> go(1));
    private int shown = -1;

    /// @param hostLog lets the user add the log of the host
    BlamePanel(Theme theme, StreamWork stream, Runnable hostLog) {
        super(10);
        setId("blame-panel");
        VBox panel = Boxes.panel();
        getChildren().add(panel);
        hitches = stream.blame().map(StreamWork.Blamed::hitches).orElse(List.of());
        lanes = stream.blame().map(blamed -> new LanesView(theme, blamed.lanes(), hitches));
        before.setId("hitch-before");
        after.setId("hitch-after");
        HBox head = Boxes.row(
                Labels.heading(StreamText.CAUSES),
                Boxes.spacer(),
                Buttons.quiet(StreamText.HOSTS_LOG, StreamText.HOSTS_LOG_TIP, hostLog));
        panel.getChildren().add(head);
        if (stream.blame().isEmpty()) {
            panel.getChildren().add(Labels.note(StreamText.HOST_LOG_NEEDED));
            return;
        }
        head.getChildren().add(new ShareBar(theme, StreamText.HOST_AND_CLIENT, lanes.orElseThrow()));
        panel.getChildren().addAll(totals(), linedUp(stream.blame().orElseThrow()), lanes.orElseThrow(), foot());
        if (!hitches.isEmpty()) {
            show(firstOfMost());
        }
    }

    private FlowPane totals() {
        FlowPane row = new FlowPane(6, 6);
        Blame.totals(hitches).forEach((cause, count) -> {
            ToggleButton button = new ToggleButton(cause.title() + "  " + count);
            button.setId("cause-" + cause.label());
            button.getStyleClass().add("quiet");
            button.setDisable(count == 0);
            button.setToggleGroup(causes);
            button.setUserData(cause);
            Tips.on(button, StreamText.CAUSE_TIP);
            row.getChildren().add(button);
        });
        causes.selectedToggleProperty().subscribe(chosen -> {
            if (chosen != null && !wanted(shown)) {
                go(1);
            }
            count();
        });
        return row;
    }

    private static Label linedUp(StreamWork.Blamed blamed) {
        return Labels.wrapped(
                blamed.alignment().byNumber()
                        ? StreamText.BY_FRAME_NUMBER
                        : StreamText.BY_BEST_OFFSET.formatted(
                                Numbers.percent(Figure.of(blamed.alignment().confidence()), 0)),
                "small",
                "muted");
    }

    private HBox foot() {
        return Boxes.row(before, after, words);
    }

    private int firstOfMost() {
        Cause most = Blame.totals(hitches).entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
        int first = 0;
        while (hitches.get(first).cause() != most) {
            first++;
        }
        return first;
    }

    private boolean wanted(int hitch) {
        return causes.getSelectedToggle() == null
                || (hitch >= 0
                        && hitches.get(hitch)
                                .cause()
                                .equals(causes.getSelectedToggle().getUserData()));
    }

    /// Goes on to the next hitch that is wanted, round and round.
    private void go(int step) {
        int n = hitches.size();
        for (int i = 1; i <= n; i++) {
            int candidate = Math.floorMod(shown + i * step, n);
            if (wanted(candidate)) {
                show(candidate);
                return;
            }
        }
    }

    private void show(int hitch) {
        shown = hitch;
        ClientHitch now = hitches.get(hitch);
        lanes.ifPresent(view -> view.show(now));
        words.setText(StreamText.HITCH.formatted(
                now.frame() < 0
                        ? StreamText.AT_S.formatted(Numbers.text(now.endMs() / 1000, 2))
                        : StreamText.FRAME.formatted(now.frame()),
                Numbers.text(now.excessMs(), 1),
                now.cause() == Cause.UNKNOWN
                        ? StreamText.CAUSE_UNKNOWN
                        : StreamText.OF_IT_BY.formatted(
                                Numbers.percent(Figure.of(now.confidence()), 0),
                                now.cause().title())));
        count();
    }

    private void count() {
        boolean none = hitches.isEmpty();
        before.setDisable(none);
        after.setDisable(none);
        if (none) {
            words.setText(StreamText.NO_HITCH);
        }
    }
}

package app.fluss.app.feel;

import app.fluss.app.model.Felt;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.compare.Interval;
import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.ReachedRates;
import app.fluss.core.feel.Sessions;
import app.fluss.core.feel.Threshold;
import app.fluss.core.feel.Throughput;
import app.fluss.core.measure.Figure;
import app.fluss.files.study.FeelSession;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What the sessions of each person give: the median of the sessions, how well they repeat, and the
/// answers of the session that is chosen.
final class ResultsPanel extends VBox {
    private static final double EACH_PX = 220;

    private final Workbench workbench;
    private final Theme theme;
    private final BoundOffer offer;
    private final CurveView curve;
    private final VBox groups = new VBox(8);
    private final VBox chosen = new VBox(6);
    private final VBox chosenPanel;

    ResultsPanel(Workbench workbench, Theme theme, BoundOffer offer) {
        super(10);
        this.workbench = workbench;
        this.theme = theme;
        this.offer = offer;
        curve = new CurveView(theme);
        Ems.minHeight(curve, 170);
        VBox.setVgrow(curve, Priority.ALWAYS);
        chosenPanel = Boxes.panel(Boxes.head(theme, FeelText.ANSWERS_OF_SESSION, curve), chosen, curve);
        VBox.setVgrow(chosenPanel, Priority.ALWAYS);
        getChildren().setAll(groups, chosenPanel);
        setId("feel-results");
    }

    void show(Felt now) {
        groups.getChildren().clear();
        if (now.groups().isEmpty()) {
            groups.getChildren()
                    .setAll(Boxes.panel(Labels.heading(FeelText.NO_SESSION_YET), Labels.note(FeelText.TASK_EXPLAINED)));
        }
        ToggleGroup sessions = new ToggleGroup();
        now.groups().forEach(group -> groups.getChildren().add(panel(group, sessions)));
        sessions.selectedToggleProperty().subscribe((before, picked) -> {
            if (picked != null && picked.getUserData() instanceof Felt.Done done) {
                choose(Optional.of(done));
            } else if (before != null) {
                before.setSelected(true);
            }
        });
        // The last with answers to show, else the last.
        sessions.getToggles().stream()
                .filter(ResultsPanel::hasAnswers)
                .reduce((_, later) -> later)
                .or(() -> sessions.getToggles().stream().reduce((_, later) -> later))
                .ifPresent(last -> last.setSelected(true));
        if (sessions.getToggles().isEmpty()) {
            choose(Optional.empty());
        }
    }

    private static boolean hasAnswers(Toggle session) {
        return session.getUserData() instanceof Felt.Done done
                && done.threshold().isPresent();
    }

    private Node panel(Felt.Group group, ToggleGroup sessions) {
        FlowPane each = new FlowPane(6, 4);
        for (Felt.Done done : group.done()) {
            ToggleButton button = new ToggleButton(DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)
                    .withZone(ZoneId.systemDefault())
                    .format(done.session().doneAt()));
            button.getStyleClass().add("quiet");
            button.setUserData(done);
            button.setToggleGroup(sessions);
            Tips.on(button, FeelText.SHOW_THIS_SESSIONS_ANSWERS_TIP);
            each.getChildren().add(button);
        }
        HBox head = Boxes.row(
                Labels.heading(group.taker().person()),
                Labels.of(group.task().title(), "chip", "chip-strong"),
                Labels.of(group.taker().display() + " · " + group.taker().device(), "muted"));
        if (group.isSimulated()) {
            head.getChildren().add(Labels.of(FeelText.SIMULATED_CHIP, "chip", "chip-warm"));
        }
        head.getChildren().add(Boxes.spacer());
        if (group.task().rule().isPresent() && group.sessions().median().isKnown()) {
            Button bound = Buttons.quiet(
                    FeelText.USE_AS_BOUND_OF_SCHOOL,
                    FeelText.USE_AS_BOUND_OF_SCHOOL_TIP,
                    () -> offer.ask(group, getScene().getWindow()));
            bound.setId("feel-bound-" + group.task().title().toLowerCase(Locale.ROOT));
            head.getChildren().add(bound);
        }
        Node figure = group.task() == FeelTask.AIM
                ? reaching(group.done().getLast())
                : Labels.wrapped(sentence(group), "verdict-sentence");
        HBox.setHgrow(figure, Priority.ALWAYS);
        each.setAlignment(Pos.BOTTOM_RIGHT);
        each.setPrefWrapLength(EACH_PX);
        each.setMinWidth(USE_PREF_SIZE);
        return Boxes.panel(head, new HBox(10, figure, Boxes.spacer(), each));
    }

    private static String sentence(Felt.Group group) {
        Sessions all = group.sessions();
        if (all.median() instanceof Figure.Missing(String why)) {
            return FeelText.NO_THRESHOLD.formatted(
                    all.all() == 1 ? why(group.done().getFirst()) : why);
        }
        String range = all.range()
                .map(ends -> FeelText.RANGE_OVER_SESSIONS.formatted(
                        Numbers.text(ends.low(), 1), Numbers.text(ends.high(), 1), all.given()))
                .orElse(FeelText.ONE_SESSION);
        String rate = group.task() == FeelTask.RATE
                ? FeelText.S_AGAINST_S.formatted(
                        Numbers.text(
                                ReachedRates.rate(
                                        all.median().orNaN(),
                                        group.done().getLast().session().refreshHz()),
                                0),
                        Numbers.text(group.done().getLast().session().refreshHz(), 0))
                : "";
        return FeelText.NOTICES_MS_OF.formatted(
                Numbers.text(all.median(), 1), group.task().quantity(), rate, range);
    }

    private static String why(Felt.Done done) {
        return done.threshold().map(Threshold::level).map(Numbers::reason).orElse("");
    }

    private static Node reaching(Felt.Done done) {
        GridPane grid = new GridPane(16, 2);
        int column = 0;
        for (String name :
                new String[] {FeelText.ADDED, FeelText.THROUGHPUT, "95 %", FeelText.REACH, FeelText.MISSED}) {
            grid.add(Labels.of(name, "muted", "small"), column++, 0);
        }
        int row = 1;
        for (Throughput at : done.reaching()) {
            Label bits =
                    Labels.of(FeelText.BIT_S.formatted(Numbers.text(at.bits().figure(), 2)), "strong");
            if (at.bits().figure() instanceof Figure.Missing(String reason)) {
                Tips.on(bits, reason);
            }
            grid.addRow(
                    row++,
                    Labels.of(FeelText.MS.formatted(Numbers.text(at.delayMs(), 0))),
                    bits,
                    Labels.of(at.bits().interval().map(ResultsPanel::ends).orElse(Numbers.MISSING), "muted"),
                    Labels.of(FeelText.MS.formatted(Numbers.text(at.ms(), 0))),
                    Labels.of(Numbers.percent(Figure.of(at.misses()), 0)));
        }
        return grid;
    }

    private static String ends(Interval ends) {
        return Numbers.range(ends.low(), ends.high(), 2);
    }

    private void choose(Optional<Felt.Done> done) {
        chosen.getChildren().clear();
        chosenPanel.setVisible(done.isPresent() && done.get().threshold().isPresent());
        chosenPanel.setManaged(chosenPanel.isVisible());
        curve.show(done);
        done.ifPresent(one -> chosen.getChildren().setAll(facts(one)));
    }

    private Node facts(Felt.Done done) {
        FeelSession session = done.session();
        VBox lines = new VBox(3);
        done.threshold().ifPresent(threshold -> lines.getChildren().add(Labels.wrapped(words(threshold), "strong")));
        done.preference().ifPresent(preference -> lines.getChildren().add(Labels.wrapped(preference.words(), "muted")));
        int all = session.trials().size() + session.thrownAway();
        Button rename = Buttons.quiet(FeelText.RENAME, FeelText.RENAME_TIP, () -> rename(session));
        Button remove = Buttons.quiet(
                FeelText.REMOVE_SESSION,
                FeelText.REMOVE_SESSION_TIP,
                () -> workbench.edits().people().remove(session));
        lines.getChildren()
                .addAll(
                        Labels.wrapped(
                                FeelText.TRIALS_DISCARDED.formatted(
                                        session.thrownAway(),
                                        all,
                                        Numbers.text(session.refreshHz(), 1),
                                        Numbers.text(session.wanderMs(), 2)),
                                "muted"),
                        Boxes.row(rename, remove));
        return lines;
    }

    private void rename(FeelSession session) {
        FeelSession.Taker now = session.taker();
        var edits = workbench.edits().people();
        Dialogs.text(theme, getScene().getWindow(), FeelText.WHO_DID_THIS_SESSION, now.person())
                .ifPresent(name -> {
                    String cut = name.length() > FeelSession.Taker.LONGEST
                            ? name.substring(0, FeelSession.Taker.LONGEST)
                            : name;
                    edits.rename(session, new FeelSession.Taker(cut, now.display(), now.device()));
                });
    }

    private static String words(Threshold threshold) {
        return threshold.level() instanceof Figure.Missing(String why)
                ? FeelText.NO_THRESHOLD.formatted(why)
                : FeelText.THRESHOLD_WITH_INTERVAL.formatted(
                        Numbers.text(threshold.level(), 1),
                        Numbers.text(threshold.interval().orElseThrow().low(), 1),
                        Numbers.text(threshold.interval().orElseThrow().high(), 1),
                        threshold.trials(),
                        Numbers.percent(Figure.of(threshold.lapse()), 0));
    }
}

package app.fluss.app.decide;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Labels;
import app.fluss.core.measure.Grade;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.verdict.GameCases;
import app.fluss.files.verdict.GameVerdicts;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;

/// What of the overview is shown, and in which order.
final class Filters extends FlowPane {
    private final TextField game = new TextField();
    private final ChoiceBox<Optional<PathKind>> kind = Choice.of(
            "decide-kind",
            DecideText.KIND_OF_PATH,
            one -> one.map(PathKind::title).orElse(DecideText.EVERY_KIND_OF_PATH));
    private final ChoiceBox<Optional<Verdict.Word>> word = Choice.of(
            "decide-word",
            DecideText.VERDICT,
            one -> one.map(Verdict.Word::title).orElse(DecideText.EVERY_VERDICT));
    private final ChoiceBox<Optional<Grade>> grade = Choice.of(
            "decide-grade",
            DecideText.GRADE,
            one -> one.map(best -> DecideText.GRADE_AND_BETTER.formatted(best)).orElse(DecideText.EVERY_GRADE));
    private final ChoiceBox<Order> order = Choice.of("decide-order", DecideText.ORDER, Order::title);

    /// In which order games stand.
    enum Order {
        NAME("by name"),
        VERDICT("best verdict first"),
        GAIN("largest gain first"),
        LATENCY("least latency first");

        private final String title;

        Order(String title) {
            this.title = title;
        }

        String title() {
            return title;
        }
    }

    /// @param changed is told when something else is to be shown
    Filters(Runnable changed) {
        super(8, 6);
        game.setId("decide-game");
        game.setPromptText(DecideText.FIND_GAME);
        game.setPrefColumnCount(10);
        kind.getItems().add(Optional.empty());
        word.getItems().add(Optional.empty());
        Arrays.stream(Verdict.Word.values()).map(Optional::of).forEach(word.getItems()::add);
        grade.getItems().add(Optional.empty());
        Arrays.stream(Grade.values()).map(Optional::of).forEach(grade.getItems()::add);
        order.getItems().setAll(Order.values());
        kind.setValue(Optional.empty());
        word.setValue(Optional.empty());
        grade.setValue(Optional.empty());
        order.setValue(Order.NAME);
        game.textProperty().subscribe((_, _) -> changed.run());
        for (ChoiceBox<?> choice : List.of(kind, word, grade, order)) {
            choice.valueProperty().subscribe((_, _) -> changed.run());
        }
        getChildren().setAll(game, kind, word, grade, Boxes.row(Labels.of(DecideText.ORDER_LABEL, "muted"), order));
    }

    /// Offers the kinds that there are.
    void offer(List<PathKind> kinds) {
        Optional<PathKind> before = chosen(kind);
        if (!kinds.equals(kind.getItems().stream().flatMap(Optional::stream).toList())) {
            kind.getItems().clear();
            kind.getItems().add(Optional.empty());
            kinds.stream().map(Optional::of).forEach(kind.getItems()::add);
            kind.setValue(kind.getItems().contains(before) ? before : Optional.empty());
        }
    }

    /// The games that are shown, in order.
    List<GameVerdicts> of(List<GameVerdicts> all) {
        String wanted = game.getText().strip().toLowerCase(Locale.ROOT);
        return all.stream()
                .filter(one -> one.game().toLowerCase(Locale.ROOT).contains(wanted))
                .filter(one -> isWhole() || one.cases().paths().stream().anyMatch(path -> shows(one, path)))
                .sorted(comparator())
                .toList();
    }

    /// While a choice is filled anew it has no value.
    private static <T> Optional<T> chosen(ChoiceBox<Optional<T>> choice) {
        return Optional.ofNullable(choice.getValue()).flatMap(one -> one);
    }

    private boolean isWhole() {
        return chosen(kind).isEmpty() && chosen(word).isEmpty() && chosen(grade).isEmpty();
    }

    /// Whether a path of a game is shown.
    boolean shows(GameVerdicts of, GameCases.OfPath path) {
        if (!of.paths().containsKey(path.name())) {
            return false;
        }
        Verdict verdict = of.verdict(path.name());
        return chosen(kind).filter(one -> !one.equals(PathKind.of(path))).isEmpty()
                && chosen(word).filter(one -> one != verdict.word()).isEmpty()
                && chosen(grade)
                        .filter(best -> verdict.grade().orElse(path.grade()).compareTo(best) > 0)
                        .isEmpty();
    }

    private Comparator<GameVerdicts> comparator() {
        Comparator<GameVerdicts> byName = Comparator.comparing(GameVerdicts::game, String.CASE_INSENSITIVE_ORDER);
        return switch (order.getValue()) {
            case NAME -> byName;
            case VERDICT ->
                Comparator.comparing((GameVerdicts one) -> one.paths().values().stream()
                                .map(Verdict::word)
                                .min(Comparator.naturalOrder())
                                .orElse(Verdict.Word.LEAVE_OFF))
                        .thenComparing(byName);
            case GAIN ->
                Comparator.comparingDouble((GameVerdicts one) -> -best(one, Rule.DELIVERED_GAIN))
                        .thenComparing(byName);
            case LATENCY ->
                Comparator.comparingDouble((GameVerdicts one) -> best(one, Rule.ADDED_LATENCY))
                        .thenComparing(byName);
        };
    }

    /// The figure of the path that is used, else the best of all; the worst number where there is none.
    private static double best(GameVerdicts of, Rule rule) {
        double none = rule.atLeast() ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
        Optional<Verdict> used = of.primary().map(of::verdict);
        return used.map(List::of).orElseGet(() -> List.copyOf(of.paths().values())).stream()
                .flatMap(verdict -> verdict.claim(rule).stream())
                .map(claim -> claim.held().value().orNaN())
                .filter(value -> !Double.isNaN(value))
                .reduce((a, b) -> rule.isBetter(a, b) ? a : b)
                .orElse(none);
    }

    /// Forgets every wish.
    void clear() {
        game.clear();
        kind.setValue(Optional.empty());
        word.setValue(Optional.empty());
        grade.setValue(Optional.empty());
    }

    /// Whether anything is left out.
    boolean isActive() {
        return !isWhole() || !Objects.requireNonNullElse(game.getText(), "").isBlank();
    }
}

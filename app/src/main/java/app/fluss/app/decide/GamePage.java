package app.fluss.app.decide;

import app.fluss.app.model.Decisions;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Said;
import app.fluss.core.verdict.School;
import app.fluss.core.verdict.Schools;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.share.VerdictRows;
import app.fluss.files.study.Game;
import app.fluss.files.study.StoredSchools;
import app.fluss.files.study.StoredSchools.Chosen;
import app.fluss.files.verdict.GameCases;
import app.fluss.files.verdict.GameVerdicts;
import app.fluss.files.verdict.PooledOverRigs;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// One game: the verdict of each of its paths as a sentence, the claims it rests on, what would settle it.
final class GamePage extends VBox {
    private final Workbench workbench;
    private final Decisions decisions;
    private final Theme theme;
    private final DecideScreen.Ways ways;
    private final Label title = Labels.title("");
    private final Label simulated = Labels.of(DecideText.SIMULATED, "chip", "chip-warm");
    private final ChoiceBox<School> school = Choice.of("decide-school", DecideText.SCHOOL, School::title);
    private final ChoiceBox<Optional<School>> beside = Choice.of(
            "decide-beside",
            DecideText.SCHOOL_BESIDE,
            one -> one.map(School::title).orElse(DecideText.NONE));
    private final Button back;
    private final VBox paths = Boxes.scrolled();
    private final VBox detail = Boxes.scrolled();
    private @Nullable GameVerdicts shown;
    private @Nullable GameVerdicts other;
    private String path = "";
    private boolean filling;
    private @Nullable ClaimRows claims;
    private String claimsOf = "";

    GamePage(
            Workbench workbench,
            Decisions decisions,
            Theme theme,
            DecideScreen.Ways ways,
            Runnable overview,
            Runnable schools) {
        super(10);
        this.workbench = workbench;
        this.decisions = decisions;
        this.theme = theme;
        this.ways = ways;
        setId("decide-page");
        back = Buttons.quiet(DecideText.ALL_GAMES, DecideText.ALL_GAMES_TIP, overview);
        back.setId("decide-back");
        Button edit = Buttons.quiet(DecideText.SCHOOLS, DecideText.SCHOOLS_TIP, schools);
        simulated.setMinWidth(USE_PREF_SIZE);
        HBox head = Boxes.row(
                back,
                title,
                simulated,
                Boxes.spacer(),
                Labels.of(DecideText.JUDGED_BY, "muted"),
                school,
                Labels.of(DecideText.BESIDE, "muted"),
                beside,
                edit);
        school.valueProperty().subscribe((_, now) -> choose(now));
        beside.valueProperty().subscribe((_, _) -> pin());
        ScrollPane left = Boxes.scrolling(paths);
        paths.setSpacing(5);
        Ems.pref(left, 212);
        Ems.min(left, 176);
        ScrollPane right = Boxes.scrolling(detail);
        HBox.setHgrow(right, Priority.ALWAYS);
        HBox body = new HBox(10, left, right);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().setAll(head, body);
    }

    void takeFocus() {
        back.requestFocus();
    }

    /// @param wanted name of a path; empty for the one that is used, or the first
    void show(GameVerdicts game, String wanted) {
        path = wanted;
        take(game);
    }

    /// The same game, as it is now.
    void refresh(GameVerdicts game) {
        take(game);
    }

    private void take(GameVerdicts game) {
        StoredSchools schools = workbench.contentsProperty().get().schools();
        shown = game;
        Optional<School> pinned = schools.beside(game.cases().game());
        filling = true;
        school.getItems().setAll(schools.schools().all());
        school.setValue(game.school());
        beside.getItems().clear();
        beside.getItems().add(Optional.empty());
        schools.schools().all().stream()
                .filter(one -> !one.id().equals(game.school().id()))
                .map(Optional::of)
                .forEach(beside.getItems()::add);
        beside.setValue(pinned.filter(one -> beside.getItems().contains(Optional.of(one))));
        filling = false;
        other = beside.getValue().map(one -> decisions.judge(game.cases(), one)).orElse(null);
        fill();
    }

    private Game game() {
        return Objects.requireNonNull(shown).cases().game();
    }

    /// Says by which school the game is judged from now on.
    private void choose(@Nullable School chosen) {
        if (!filling && chosen != null && shown != null) {
            Chosen now = workbench.contentsProperty().get().schools().of(game());
            judgeBy(chosen);
            workbench.edits().schools().choose(game(), new Chosen(Optional.of(chosen.id()), now.beside()));
        }
    }

    private void pin() {
        if (!filling && beside.getValue() != null && shown != null) {
            Optional<School> chosen = beside.getValue();
            GameCases cases = shown.cases();
            other = chosen.map(one -> decisions.judge(cases, one)).orElse(null);
            fill();
            Chosen now = workbench.contentsProperty().get().schools().of(game());
            workbench.edits().schools().choose(game(), new Chosen(now.school(), chosen.map(School::id)));
        }
    }

    /// Judges by other bounds, or another school, at once.
    private void judgeBy(School asked) {
        GameCases cases = Objects.requireNonNull(shown).cases();
        shown = decisions.judge(cases, asked);
        fill();
    }

    private void fill() {
        GameVerdicts now = Objects.requireNonNull(shown);
        title.setText(now.game());
        List<GameCases.OfPath> judged = now.cases().paths().stream()
                .filter(one -> now.paths().containsKey(one.name()))
                .toList();
        simulated.setVisible(judged.stream().anyMatch(GameCases.OfPath::isSimulated));
        if (judged.isEmpty()) {
            paths.getChildren().clear();
            detail.getChildren().setAll(Labels.note(without(now)));
            return;
        }
        GameCases.OfPath looked = judged.stream()
                .filter(one -> one.name().equals(path))
                .findFirst()
                .or(() -> judged.stream()
                        .filter(one -> now.primary().filter(one.name()::equals).isPresent())
                        .findFirst())
                .orElse(judged.getFirst());
        path = looked.name();
        workbench.pathProperty().set(looked.path());
        List<Node> cards = new ArrayList<>();
        for (GameCases.OfPath one : judged) {
            boolean winner = now.primary().filter(one.name()::equals).isPresent();
            VerdictCard card = new VerdictCard(one, now.verdict(one.name()), winner, () -> look(one.name()));
            card.choose(one.name().equals(path));
            cards.add(card);
        }
        paths.getChildren().setAll(cards);
        List<Node> below = new ArrayList<>(List.of(sentence(now, looked)));
        moved(now).ifPresent(below::add);
        Verdict verdict = now.verdict(path);
        Optional<Verdict> second =
                Optional.ofNullable(other).map(judgedToo -> judgedToo.paths().get(path));
        ClaimRows rows = claims;
        if (rows == null || !claimsOf.equals(now.game() + path) || !rows.update(verdict, second)) {
            rows = new ClaimRows(
                    theme,
                    verdict,
                    second,
                    this::move,
                    () -> Optional.ofNullable(shown).map(List::of).map(VerdictRows::table));
            claims = rows;
            claimsOf = now.game() + path;
        }
        below.addAll(List.of(
                rows,
                Columns.even(
                        theme,
                        360,
                        new SettlePanel(workbench, looked, verdict, ways),
                        new RestsPanel(looked, verdict, ways))));
        PooledOverRigs.of(now.cases()).stream()
                .filter(one -> one.path().equals(looked.path().name()))
                .forEach(one -> below.add(new RigsPanel(one)));
        replace(below);
    }

    /// Puts new parts around the claims, which stay where they are while one of their bounds is dragged.
    private void replace(List<Node> below) {
        List<Node> now = detail.getChildren();
        now.removeIf(node -> !below.contains(node));
        for (int i = 0; i < below.size(); i++) {
            if (i >= now.size() || !now.get(i).equals(below.get(i))) {
                now.add(i, below.get(i));
            }
        }
    }

    private static String without(GameVerdicts now) {
        return now.cases().without().isEmpty()
                ? DecideText.JUDGES_NO_PATH.formatted(now.school().title())
                : now.cases().without() + ".";
    }

    private void look(String name) {
        path = name;
        fill();
    }

    private VBox sentence(GameVerdicts now, GameCases.OfPath looked) {
        Verdict verdict = now.verdict(looked.name());
        Label said = Labels.wrapped(Said.sentence(looked.name(), verdict), "verdict-sentence");
        said.setId("verdict-sentence");
        VBox panel = Boxes.panel(said);
        if (other != null && other.paths().containsKey(looked.name())) {
            Verdict second = other.verdict(looked.name());
            Label also = Labels.wrapped(
                    DecideText.BY.formatted(other.school().title(), Said.sentence(looked.name(), second)));
            also.setId("verdict-beside");
            panel.getChildren().add(also);
        }
        return panel;
    }

    /// What moved bounds change, with a way to keep them and one back. Nothing is stored until it is said.
    private Optional<Node> moved(GameVerdicts now) {
        StoredSchools schools = workbench.contentsProperty().get().schools();
        School kept = schools.schools().all().stream()
                .filter(one -> one.id().equals(now.school().id()))
                .findFirst()
                .orElse(now.school());
        if (kept.equals(now.school())) {
            return Optional.empty();
        }
        Verdict.Word before = decisions.judge(now.cases(), kept).verdict(path).word();
        Verdict.Word after = now.verdict(path).word();
        Label words = Labels.wrapped(
                before == after
                        ? DecideText.BOUNDS_MOVED_SAME.formatted(after.title())
                        : DecideText.BOUNDS_MOVED.formatted(after.title(), before.title()));
        words.setId("verdict-moved");
        HBox.setHgrow(words, Priority.ALWAYS);
        School own = Schools.isShipped(kept) && !schools.schools().own().contains(kept)
                ? now.school().named("%s, %s".formatted(kept.title(), now.game()))
                : now.school();
        Button keep = Buttons.quiet(DecideText.KEEP_AS.formatted(own.title()), DecideText.KEEP_AS_TIP, () -> keep(own));
        keep.setId("keep-bounds");
        Button undo = Buttons.quiet(DecideText.PUT_BACK, DecideText.PUT_BACK_TIP, () -> judgeBy(kept));
        undo.setId("put-back");
        HBox row = Boxes.row(words, keep, undo);
        row.getStyleClass().addAll("finding", "finding-warning");
        return Optional.of(row);
    }

    private void keep(School own) {
        Chosen now = workbench.contentsProperty().get().schools().of(game());
        workbench.edits().schools().keepFor(game(), own, new Chosen(Optional.of(own.id()), now.beside()));
    }

    private void move(Rule rule, double bound) {
        School asked = Objects.requireNonNull(shown).school();
        asked.asked(rule)
                .filter(one -> one.bound() != bound)
                .ifPresent(one -> tryBound(asked, one.with(bound, DecideText.MOVED_IN_DECIDE)));
    }

    private void tryBound(School asked, Asked bound) {
        School tried;
        try {
            tried = asked.with(bound);
        } catch (IllegalArgumentException e) {
            return; // bounds that contradict are as far as it goes
        }
        judgeBy(tried);
    }
}

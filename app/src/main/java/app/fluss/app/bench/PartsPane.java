package app.fluss.app.bench;

import app.fluss.app.model.BenchEdits;
import app.fluss.app.model.Contents;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.WorkedOut;
import app.fluss.devices.machine.Found;
import app.fluss.devices.machine.ThisComputer;
import app.fluss.files.study.Game;
import app.fluss.files.study.Item;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Rigs, displays, links, clients, headsets and games, with their facts.
final class PartsPane extends HBox {
    private static final List<BenchPart> PARTS =
            List.of(BenchPart.RIG, BenchPart.DISPLAY, BenchPart.LINK, BenchPart.CLIENT, BenchPart.HEADSET);

    private final Workbench workbench;
    private final Theme theme;
    private final Jobs jobs;
    private final Consumer<String> problems;
    private final ListView<Subject> list = new ListView<>();
    private final VBox detail = Boxes.scrolled();
    private @Nullable Subject shown;
    private @Nullable FactForm form;
    private final VBox works = new VBox(4);
    private boolean describe;

    /// Something with facts.
    private sealed interface Subject {
        String name();

        BenchPart part();

        Map<FactKey, Fact> facts();

        record OfItem(Item item) implements Subject {
            @Override
            public String name() {
                return item.name();
            }

            @Override
            public BenchPart part() {
                return item.part();
            }

            @Override
            public Map<FactKey, Fact> facts() {
                return item.facts();
            }
        }

        record OfGame(Game game, Map<FactKey, Fact> facts) implements Subject {
            @Override
            public String name() {
                return game.name();
            }

            @Override
            public BenchPart part() {
                return BenchPart.GAME;
            }
        }

        default boolean isSame(@Nullable Subject other) {
            return switch (this) {
                case OfItem(Item item) -> other instanceof OfItem(Item same) && same.id() == item.id();
                case OfGame(Game game, var _) -> other instanceof OfGame(Game same, var _) && same.id() == game.id();
            };
        }
    }

    PartsPane(Workbench workbench, Theme theme, Jobs jobs, Consumer<String> problems) {
        super(12);
        this.workbench = workbench;
        this.theme = theme;
        this.jobs = jobs;
        this.problems = problems;
        list.setId("parts");
        list.setCellFactory(_ -> new SubjectCell());
        list.getSelectionModel().selectedItemProperty().subscribe(this::show);
        Button fill = Buttons.quiet(
                BenchText.FILL_FROM_THIS_COMPUTER, BenchText.FILL_FROM_THIS_COMPUTER_TIP, this::fillFromComputer);
        fill.setId("fill");
        fill.setMaxWidth(Double.MAX_VALUE);
        VBox left = new VBox(8, list, adding(), fill);
        VBox.setVgrow(list, Priority.ALWAYS);
        Ems.fix(left, 212);
        VBox panel = Boxes.panel(Boxes.scrolling(detail));
        HBox.setHgrow(panel, Priority.ALWAYS);
        VBox.setVgrow(panel.getChildren().getFirst(), Priority.ALWAYS);
        getChildren().addAll(left, panel);
        workbench.contentsProperty().subscribe(this::fill);
    }

    private MenuButton adding() {
        MenuButton add = new MenuButton(BenchText.ADD);
        add.setId("add-part");
        add.getStyleClass().add("quiet");
        add.setMaxWidth(Double.MAX_VALUE);
        for (BenchPart part : PARTS) {
            MenuItem item = new MenuItem(part.title());
            item.setOnAction(_ -> addPart(part));
            add.getItems().add(item);
        }
        MenuItem game = new MenuItem(BenchText.GAME_WITH_SCENE);
        game.setOnAction(_ -> addGame());
        add.getItems().add(game);
        return add;
    }

    private void addPart(BenchPart part) {
        ask(BenchText.NAME_OF.formatted(part.title()), (edits, name) -> edits.add(part, name));
    }

    private void addGame() {
        BenchEdits edits = workbench.edits().bench();
        SceneDialog.ask(theme, getScene().getWindow(), "").ifPresent(answer -> answer.addTo(edits));
    }

    /// Asks for a name; the answer changes the study that was open when the question was asked.
    private void ask(String what, BiConsumer<BenchEdits, String> then) {
        BenchEdits edits = workbench.edits().bench();
        Dialogs.text(theme, getScene().getWindow(), what, "").ifPresent(name -> {
            describe = true;
            then.accept(edits, name);
        });
    }

    private void fill(Contents contents) {
        List<Subject> subjects = new ArrayList<>();
        for (BenchPart part : PARTS) {
            for (Item item : contents.bench().items(part)) {
                subjects.add(new Subject.OfItem(item));
                for (Item mode : contents.bench().items(BenchPart.PICTURE_MODE)) {
                    if (mode.parent().isPresent() && mode.parent().getAsLong() == item.id()) {
                        subjects.add(new Subject.OfItem(mode));
                    }
                }
            }
        }
        for (Game game : contents.games()) {
            subjects.add(new Subject.OfGame(game, contents.bench().gameFacts().getOrDefault(game.id(), Map.of())));
        }
        Subject before = shown;
        List<Subject> known = List.copyOf(list.getItems());
        list.getItems().setAll(subjects);
        // What was just added is what is described next.
        Optional<Subject> added = subjects.stream()
                .filter(subject ->
                        (describe || !known.isEmpty()) && known.stream().noneMatch(subject::isSame))
                .reduce((_, later) -> later);
        added.or(() -> subjects.stream()
                        .filter(subject -> subject.isSame(before))
                        .findFirst())
                .or(() -> subjects.stream().findFirst())
                .ifPresentOrElse(list.getSelectionModel()::select, () -> show(null));
        FactForm described = form;
        if (describe && added.isPresent() && described != null) {
            describe = false;
            Platform.runLater(described::focus);
        }
    }

    private void show(@Nullable Subject subject) {
        if (subject == null) {
            if (list.getItems().isEmpty()) {
                shown = null;
                form = null;
                detail.getChildren().setAll(empty());
            }
            return;
        }
        FactForm shownForm = form;
        if (shownForm == null || !subject.isSame(shown)) {
            shownForm = new FactForm(theme, FactKey.of(subject.part()), true, this::take);
            form = shownForm;
            detail.getChildren().setAll(head(subject), shownForm);
        } else {
            detail.getChildren().set(0, head(subject));
        }
        detail.getChildren().remove(works);
        detail.getChildren().removeIf(ScenesEditor.class::isInstance);
        shown = subject;
        shownForm.show(subject.facts());
        if (subject instanceof Subject.OfGame(Game game, var _)) {
            detail.getChildren().add(new ScenesEditor(workbench, theme, game));
        }
        showWorks(subject);
    }

    private Node empty() {
        VBox box = new VBox(10, Labels.title(BenchText.NO_EQUIPMENT_YET), Labels.note(BenchText.NO_EQUIPMENT_HINT));
        WrappingRow begin = new WrappingRow(
                8,
                Buttons.primary(
                        BenchText.FILL_FROM_THIS_COMPUTER, BenchText.FILL_EMPTY_BENCH_TIP, this::fillFromComputer),
                Buttons.quiet(BenchText.ADD_RIG, BenchText.ADD_RIG_TIP, () -> addPart(BenchPart.RIG)),
                Buttons.quiet(BenchText.ADD_DISPLAY, BenchText.ADD_DISPLAY_TIP, () -> addPart(BenchPart.DISPLAY)),
                Buttons.quiet(BenchText.ADD_GAME, BenchText.ADD_GAME_TIP, this::addGame));
        box.getChildren().add(begin);
        box.getStyleClass().add("empty");
        return box;
    }

    private Node head(Subject subject) {
        WrappingRow head = new WrappingRow(
                8, Labels.title(subject.name()), Labels.of(subject.part().title(), "chip"), Boxes.spacer());
        head.getChildren().add(Buttons.quiet(BenchText.RENAME, BenchText.RENAME_TIP, () -> rename(subject)));
        if (subject instanceof Subject.OfItem(Item item)) {
            if (item.part() == BenchPart.DISPLAY) {
                head.getChildren()
                        .add(Buttons.quiet(
                                BenchText.ADD_PICTURE_MODE,
                                BenchText.ADD_PICTURE_MODE_TIP,
                                () -> ask(BenchText.NAME_OF_PICTURE_MODE, (edits, name) -> edits.addMode(item, name))));
            }
            if (item.inUse()) {
                head.getChildren().add(Labels.of(BenchText.IN_USE, "chip", "chip-strong"));
            } else if (item.part() != BenchPart.PICTURE_MODE) {
                head.getChildren()
                        .add(Buttons.quiet(
                                BenchText.USE_IT,
                                BenchText.USE_IT_TIP,
                                () -> workbench.edits().bench().use(item)));
            }
            head.getChildren()
                    .addAll(
                            Buttons.quiet(
                                    BenchText.DUPLICATE,
                                    BenchText.DUPLICATE_TIP,
                                    () -> workbench
                                            .edits()
                                            .bench()
                                            .duplicate(
                                                    item,
                                                    workbench
                                                            .contentsProperty()
                                                            .get()
                                                            .freeName(item))),
                            Buttons.quiet(
                                    BenchText.REMOVE,
                                    BenchText.REMOVE_TIP,
                                    () -> workbench.edits().bench().remove(item)));
        }
        return head;
    }

    private void rename(Subject subject) {
        BenchEdits edits = workbench.edits().bench();
        Dialogs.text(theme, getScene().getWindow(), BenchText.RENAME_ITEM.formatted(subject.name()), subject.name())
                .filter(name -> !name.equals(subject.name()))
                .ifPresent(name -> {
                    switch (subject) {
                        case Subject.OfItem(Item item) -> edits.rename(item, name);
                        case Subject.OfGame(Game game, var _) -> edits.rename(game, name);
                    }
                });
    }

    private void take(FactKey key, String value, FactSource source) {
        Subject subject = shown;
        if (subject == null) {
            return;
        }
        BenchEdits edits = workbench.edits().bench();
        switch (subject) {
            case Subject.OfItem(Item item) when value.isEmpty() -> edits.clear(item, key);
            case Subject.OfGame(Game game, var _) when value.isEmpty() -> edits.clear(game, key);
            case Subject.OfItem(Item item) -> edits.state(item, List.of(today(key, value, source)));
            case Subject.OfGame(Game game, var _) -> edits.state(game, today(key, value, source));
        }
    }

    private static Fact today(FactKey key, String value, FactSource source) {
        return new Fact(key, value, source, LocalDate.now(ZoneId.systemDefault()));
    }

    /// What Fluss works out from the facts as they stand.
    private void showWorks(Subject subject) {
        Setup setup = Setup.EMPTY.with(subject.facts().values());
        List<Outcome> outcomes = WorkedOut.of(subject.part(), setup);
        works.getChildren().clear();
        for (Outcome outcome : outcomes) {
            works.getChildren().add(Labels.wrapped(StateMark.of(outcome.state()) + "  " + outcome.seen(), "small"));
        }
        if (!outcomes.isEmpty()) {
            works.getChildren().addFirst(Labels.heading(BenchText.CALCULATED));
            works.setId("works");
            detail.getChildren().add(1, works);
        }
    }

    private void fillFromComputer() {
        BenchEdits edits = workbench.edits().bench();
        jobs.start(
                BenchText.READING_THIS_COMPUTER,
                _ -> ThisComputer.read(),
                found -> edits.fill(found.stream().map(PartsPane::known).toList()),
                e -> problems.accept(BenchText.COMPUTER_NOT_READ.formatted(e.getMessage())));
    }

    private static BenchEdits.Known known(Found part) {
        return new BenchEdits.Known(
                part.part(),
                part.name(),
                part.facts().entrySet().stream()
                        .map(fact -> today(fact.getKey(), fact.getValue(), FactSource.READ))
                        .toList());
    }

    private static final class SubjectCell extends ListCell<Subject> {
        @Override
        protected void updateItem(@Nullable Subject subject, boolean empty) {
            super.updateItem(subject, empty);
            setMinWidth(0);
            setPrefWidth(0);
            if (empty || subject == null) {
                setText(null);
                setGraphic(null);
                return;
            }
            boolean mode = subject.part() == BenchPart.PICTURE_MODE;
            boolean inUse = !mode && subject instanceof Subject.OfItem(Item item) && item.inUse();
            Label name = Labels.of((mode ? "    " : "") + subject.name());
            name.setMinWidth(0);
            setText(null);
            setGraphic(Boxes.row(
                    name, Boxes.spacer(), Labels.of(subject.part().title() + (inUse ? " ●" : ""), "muted", "small")));
        }
    }
}

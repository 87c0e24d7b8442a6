package app.fluss.app.bench;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.WorkedOut;
import app.fluss.devices.machine.Found;
import app.fluss.devices.machine.ThisComputer;
import app.fluss.files.study.Bench;
import app.fluss.files.study.Fact;
import app.fluss.files.study.FactSource;
import app.fluss.files.study.Game;
import app.fluss.files.study.Item;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
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
                "Fill from this computer",
                "Read processor, memory, cards, displays and power source; what cannot be read stays empty",
                this::fillFromComputer);
        fill.setId("fill");
        fill.setMaxWidth(Double.MAX_VALUE);
        VBox left = new VBox(8, list, adding(), fill);
        VBox.setVgrow(list, Priority.ALWAYS);
        left.setMinWidth(212);
        left.setPrefWidth(212);
        VBox panel = Boxes.panel(Boxes.scrolling(detail));
        HBox.setHgrow(panel, Priority.ALWAYS);
        VBox.setVgrow(panel.getChildren().getFirst(), Priority.ALWAYS);
        getChildren().addAll(left, panel);
        workbench.contentsProperty().subscribe(this::fill);
    }

    private MenuButton adding() {
        MenuButton add = new MenuButton("Add");
        add.setId("add-part");
        add.getStyleClass().add("quiet");
        add.setMaxWidth(Double.MAX_VALUE);
        for (BenchPart part : PARTS) {
            MenuItem item = new MenuItem(part.title());
            item.setOnAction(_ -> ask("Name of the " + part.title())
                    .ifPresent(name -> workbench.note(
                            "Adding a " + part.title(), study -> study.bench().add(part, OptionalLong.empty(), name))));
            add.getItems().add(item);
        }
        MenuItem game = new MenuItem("game with a scene…");
        game.setOnAction(_ -> SceneDialog.ask(theme, getScene().getWindow(), "")
                .ifPresent(answer -> workbench.note("Adding a game", study -> answer.addTo(study))));
        add.getItems().add(game);
        return add;
    }

    private Optional<String> ask(String what) {
        return Dialogs.text(theme, getScene().getWindow(), what, "");
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
                .filter(subject -> !known.isEmpty() && known.stream().noneMatch(subject::isSame))
                .reduce((_, later) -> later);
        added.or(() -> subjects.stream()
                        .filter(subject -> subject.isSame(before))
                        .findFirst())
                .or(() -> subjects.stream().findFirst())
                .ifPresentOrElse(list.getSelectionModel()::select, () -> show(null));
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
            shownForm = new FactForm(FactKey.of(subject.part()), true, this::take);
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
        VBox box = new VBox(
                10,
                Labels.title("Nothing stands on the bench yet"),
                Labels.note("A comparison is only worth what was the same on both sides. Let Fluss read this computer,"
                        + " add what it cannot know, then compose paths."));
        box.getStyleClass().add("empty");
        return box;
    }

    private Node head(Subject subject) {
        HBox head =
                Boxes.row(Labels.title(subject.name()), Labels.of(subject.part().title(), "chip"), Boxes.spacer());
        if (subject instanceof Subject.OfItem(Item item)) {
            if (item.part() == BenchPart.DISPLAY) {
                head.getChildren()
                        .add(Buttons.quiet(
                                "Add picture mode…",
                                "With the lag that was measured in it",
                                () -> ask("Name of the picture mode")
                                        .ifPresent(name -> workbench.note(
                                                "Adding a picture mode",
                                                study -> study.bench()
                                                        .add(
                                                                BenchPart.PICTURE_MODE,
                                                                OptionalLong.of(item.id()),
                                                                name)))));
            }
            if (item.inUse()) {
                head.getChildren().add(Labels.of("in use", "chip", "chip-strong"));
            } else if (item.part() != BenchPart.PICTURE_MODE) {
                head.getChildren()
                        .add(Buttons.quiet(
                                "Use it",
                                "It takes part in the runs from now on",
                                () -> workbench.note(
                                        "Changing the bench",
                                        study -> study.bench().use(item))));
            }
            head.getChildren()
                    .add(Buttons.quiet(
                            "Remove",
                            "Take it off the bench (can be undone)",
                            () -> workbench.note(
                                    "Changing the bench", study -> study.bench().remove(item))));
        }
        return head;
    }

    private void take(FactKey key, String value, FactSource source) {
        Subject subject = shown;
        if (subject == null) {
            return;
        }
        workbench.note("Stating " + key.title(), study -> {
            if (value.isEmpty()) {
                clear(study, subject, key);
            } else {
                state(study, subject, List.of(Fact.today(key, value, source)));
            }
        });
    }

    private static void clear(Study study, Subject subject, FactKey key) throws StudyException {
        switch (subject) {
            case Subject.OfItem(Item item) -> study.bench().clear(item, key);
            case Subject.OfGame(Game game, var _) -> study.bench().clear(game, key);
        }
    }

    private static void state(Study study, Subject subject, List<Fact> facts) throws StudyException {
        switch (subject) {
            case Subject.OfItem(Item item) -> study.bench().state(item, facts);
            case Subject.OfGame(Game game, var _) -> study.bench().state(game, facts);
        }
    }

    /// What Fluss works out from the facts as they stand.
    private void showWorks(Subject subject) {
        Setup setup = Setup.EMPTY.with(Bench.values(subject.facts()));
        List<Outcome> outcomes = WorkedOut.of(subject.part(), setup);
        works.getChildren().clear();
        for (Outcome outcome : outcomes) {
            works.getChildren().add(Labels.wrapped(StateMark.of(outcome.state()) + "  " + outcome.seen(), "small"));
        }
        if (!outcomes.isEmpty()) {
            works.getChildren().addFirst(Labels.heading("Worked out"));
            works.setId("works");
            detail.getChildren().add(1, works);
        }
    }

    private void fillFromComputer() {
        jobs.start(
                "Reading this computer",
                _ -> ThisComputer.read(),
                this::keep,
                e -> problems.accept("This computer could not be read: " + e.getMessage()));
    }

    private void keep(List<Found> found) {
        workbench.note("Filling from this computer", study -> {
            for (Found part : found) {
                Optional<Item> known = study.bench().read().items(part.part()).stream()
                        .filter(item -> item.name().equals(part.name()))
                        .findFirst();
                if (known.isEmpty()) {
                    study.bench().add(part.part(), OptionalLong.empty(), part.name());
                }
                Item item = known.isPresent()
                        ? known.get()
                        : study.bench().read().items(part.part()).getLast();
                study.bench()
                        .state(
                                item,
                                part.facts().entrySet().stream()
                                        .map(fact -> Fact.today(fact.getKey(), fact.getValue(), FactSource.READ))
                                        .toList());
            }
        });
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

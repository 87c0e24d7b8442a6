package app.fluss.app.importing;

import app.fluss.app.model.Contents;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.NumberField;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.path.NameGuess;
import app.fluss.core.path.PathGuess;
import app.fluss.core.path.StageKind;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Taking;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/// Fields that say what run it is: where it was measured, on what path, and what was set.
public final class RunFields extends GridPane {
    private static final List<FactKey> OWN_FIELDS =
            List.of(FactKey.OUTPUT_HZ, FactKey.SYNC, FactKey.VRR_FLOOR_HZ, FactKey.CAP_FPS);

    private final ComboBox<String> game = Choice.typed("game");
    private final ComboBox<String> scene = Choice.typed("scene");
    private final ComboBox<String> path = Choice.typed("path");
    private final ChoiceBox<PathKind> kind = new ChoiceBox<>();
    private final TextField name = new TextField();
    private final TextField multiplier = field("multiplier", 6, ImportText.NOT_STATED);
    private final TextField cap = field("cap", 5, "");
    private final TextField claimed = field("claimed", 5, "");
    private final TextField facts = field("facts", 30, ImportText.FACTS_PROMPT);
    private final DisplayFields display;
    private List<DeliveryPath> known = List.of();
    private boolean named;
    private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper("");

    /// @param contents what the study holds, to choose from
    /// @param selected the run that is looked at, whose scene is proposed
    /// @param runName proposed for the run
    public RunFields(Contents contents, Optional<Run> selected, String runName) {
        setHgap(10);
        setVgap(7);
        for (int c = 0; c < 4; c++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHgrow(c % 2 == 1 ? Priority.ALWAYS : Priority.NEVER);
            getColumnConstraints().add(column);
        }
        List.of(game, scene, path).forEach(box -> box.setMaxWidth(Double.MAX_VALUE));
        display = new DisplayFields(selected.flatMap(Run::display).or(contents::display));
        display.setId("display-fields");
        kind.setId("path-kind");
        kind.getItems().setAll(PathKind.all());
        name.setId("run-name");
        name.setText(runName);
        fill(contents, selected);
        proposePath(contents, runName);
        addRow(0, label(ImportText.GAME), game, label(ImportText.SCENE), scene);
        addRow(1, label(ImportText.PATH), path, label(ImportText.RUN), name);
        List.of(game, scene, path).forEach(box -> box.getEditor().textProperty().subscribe(this::check));
        // Repeats and paths of a scene share most of what was set: what is left to do is to change what differs.
        selected.ifPresent(run -> facts.setText(Facts.line(typedFacts(run))));
        List.of(name, multiplier, cap, claimed, facts)
                .forEach(field -> field.textProperty().subscribe(this::check));
        display.validProperty().subscribe(this::check);
        kind.valueProperty().subscribe(this::check);
        check();
    }

    /// Where typing begins: at what is still to be said, else at what differs from the run that is looked at.
    Node first() {
        return Stream.of(game, scene, path)
                .filter(box -> box.getValue() == null || box.getValue().isBlank()) // editors follow once they are shown
                .findFirst()
                .orElse(path);
    }

    /// Also asks what was set, which a simulation knows by itself.
    ///
    /// @param counter whether to ask what the counter said
    public RunFields withSettings(boolean counter) {
        HBox capRow = Boxes.row(cap, label("/s"));
        if (counter) {
            capRow.getChildren().addAll(label(ImportText.COUNTER_SAID), claimed, label(ImportText.CLAIMED_UNIT));
        }
        wide(2, ImportText.WHAT_IT_IS, Boxes.row(kind, label(ImportText.MULTIPLIER), multiplier));
        wide(3, ImportText.DISPLAY, display);
        wide(4, ImportText.FRAME_CAP, capRow);
        wide(5, ImportText.FACTS, facts);
        return this;
    }

    private void wide(int row, String label, Node field) {
        add(label(label), 0, row);
        add(field, 1, row, 3, 1);
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static TextField field(String id, int columns, String prompt) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(columns);
        field.setPromptText(prompt);
        return field;
    }

    private void fill(Contents contents, Optional<Run> selected) {
        game.getItems().setAll(contents.games().stream().map(Game::name).toList());
        game.getEditor().textProperty().subscribe(name -> offerScenes(contents, name));
        List<DeliveryPath> paths = contents.bench().paths();
        path.getItems().setAll(paths.stream().map(DeliveryPath::name).toList());
        boolean first = contents.runs().isEmpty();
        path.setValue(first ? "native" : "");
        kind.setValue(first ? PathKind.NATIVE : PathKind.of(Chain.of(StageKind.OTHER_GENERATION)));
        scene.setValue(first ? ImportText.FIRST_ROUTE : "");
        // What is looked at, else what can only be meant.
        selected.map(run -> contents.scene(run.sceneId()))
                .or(() -> contents.scenes().size() == 1
                        ? Optional.of(contents.scenes().getFirst())
                        : Optional.empty())
                .ifPresent(meant -> {
                    game.setValue(contents.game(meant).name());
                    scene.setValue(meant.name());
                });
        path.getEditor()
                .textProperty()
                .subscribe(text -> paths.stream()
                        .filter(known -> known.name().equals(text))
                        .findFirst()
                        .map(DeliveryPath::chain)
                        .ifPresentOrElse(this::take, () -> guess(PathGuess.of(text))));
        known = paths;
    }

    /// The path that the name of a file speaks of.
    private void proposePath(Contents contents, String file) {
        List<String> games = contents.games().stream().map(Game::name).toList();
        String said = NameGuess.of(file, "", games, path.getItems()).path();
        if (!said.isEmpty()) {
            path.setValue(said);
            named = true;
        }
    }

    /// The scenes of a game that is known, else of all.
    private void offerScenes(Contents contents, String name) {
        List<String> offered = contents.games().stream()
                .filter(known -> known.name().equals(name.strip()))
                .findFirst()
                .map(known -> contents.scenes().stream().filter(one -> one.gameId() == known.id()))
                .orElseGet(() -> contents.scenes().stream())
                .map(Scene::name)
                .distinct()
                .toList();
        if (!scene.getItems().equals(offered)) {
            // What is typed goes into the value only later.
            String typed = scene.getSkin() == null
                    ? scene.getValue()
                    : scene.getEditor().getText();
            scene.getItems().setAll(offered);
            scene.setValue(typed);
        }
    }

    private void take(Chain known) {
        kind.setValue(PathKind.of(known));
        multiplier.setText(multiplier(known).orElse(""));
    }

    /// The multiplier of a path that has generators, as it is typed.
    private static Optional<String> multiplier(Chain chain) {
        return chain.stages().stream().anyMatch(stage -> stage.kind().isGenerator())
                        && !Double.isNaN(chain.multiplier())
                ? Optional.of(NumberField.text(chain.multiplier()))
                : Optional.empty();
    }

    /// What the name of a new path says; where it says nothing, what was chosen and typed stays.
    private void guess(Chain said) {
        if (said.isNative() || said.stages().getFirst().kind() != StageKind.OTHER_GENERATION) {
            kind.setValue(PathKind.of(said));
        }
        multiplier(said).ifPresent(multiplier::setText);
    }

    private void check() {
        String wrong = "";
        if (text(game).isBlank()
                || text(scene).isBlank()
                || text(path).isBlank()
                || name.getText().isBlank()) {
            wrong = ImportText.ENTER_PLACE;
        } else if (!display.validProperty().get()) {
            wrong = ImportText.REFRESH_INVALID;
        } else if (!multiplier.getText().isBlank()
                && FactKey.MULTIPLIER.problem(multiplierText()).isPresent()) {
            wrong = ImportText.MULTIPLIER_INVALID;
        } else if (isWrong(cap) || isWrong(claimed)) {
            wrong = ImportText.RATE_INVALID;
        } else if (Facts.parse(facts.getText()).isEmpty()) {
            wrong = ImportText.FACTS_INVALID;
        }
        problem.set(wrong);
    }

    private String multiplierText() {
        return multiplier.getText().strip().replace(',', '.');
    }

    private Chain chain() {
        String wanted = text(path).strip();
        return known.stream()
                .filter(other -> other.name().equals(wanted))
                .map(DeliveryPath::chain)
                .findFirst()
                .orElseGet(() -> kind.getValue().chain(multiplierText()));
    }

    private static boolean isWrong(TextField rate) {
        return !rate.getText().isBlank() && !(NumberField.value(rate.getText()) > 0);
    }

    /// What keeps the fields from being used, in words; empty if nothing does.
    public ReadOnlyStringProperty problemProperty() {
        return problem.getReadOnlyProperty();
    }

    /// Proposes a path.
    public void propose(String pathName, boolean nativePath) {
        propose(pathName, nativePath ? Chain.NATIVE : Chain.of(StageKind.OTHER_GENERATION));
    }

    /// Proposes a path that a log speaks of, where its name says nothing.
    void proposeUnnamed(StageKind stage) {
        if (!named) {
            propose(stage.title(), Chain.of(stage));
        }
    }

    private void propose(String pathName, Chain chain) {
        path.setValue(pathName);
        kind.setValue(PathKind.of(chain));
    }

    private static String text(ComboBox<String> box) {
        return box.getEditor().getText();
    }

    /// The run as the fields say.
    public RunDraft draft() {
        return new RunDraft(
                text(game).strip(),
                text(scene).strip(),
                text(path).strip(),
                chain(),
                name.getText().strip(),
                false,
                setup(),
                NumberField.value(claimed.getText()),
                Taking.UNRECORDED);
    }

    private Setup setup() {
        Setup stated = Setup.EMPTY.withNamed(Facts.parse(facts.getText()).orElse(Map.of()), FactSource.TYPED);
        double capFps = NumberField.value(cap.getText());
        if (!Double.isNaN(capFps)) {
            stated = stated.with(Map.of(FactKey.CAP_FPS, FactKey.text(capFps)), FactSource.TYPED);
        }
        return display.mode().isPresent() ? stated.withDisplay(display.mode().get(), FactSource.TYPED) : stated;
    }

    /// What is typed as facts: display and cap have fields of their own.
    private static Map<String, String> typedFacts(Run run) {
        Map<String, String> named = run.setup().recorded().named();
        OWN_FIELDS.forEach(key -> named.remove(key.id()));
        return named;
    }
}

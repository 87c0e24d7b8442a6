package app.fluss.app.bench;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Outcome.State;
import app.fluss.core.path.Preflight;
import app.fluss.core.path.Requirement;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Scene;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The requirements of a path in a game, judged against the bench: not met first, then unknown.
final class PreflightPane extends VBox {
    private final Workbench workbench;
    private final ChoiceBox<Scene> scenes;
    private final ChoiceBox<DeliveryPath> paths = Choice.of("preflight-path", BenchText.PATH, DeliveryPath::name);
    private final Label summary = Labels.of("", "muted");
    private final VBox cards = new VBox(8);
    private Map<String, Boolean> said = Map.of();
    private boolean filling;

    PreflightPane(Workbench workbench) {
        super(10);
        this.workbench = workbench;
        setId("preflight");
        scenes = Choice.of(
                "preflight-scene",
                BenchText.SCENE,
                scene -> workbench.contentsProperty().get().place(scene));
        scenes.setMinWidth(USE_PREF_SIZE);
        paths.setMinWidth(USE_PREF_SIZE);
        scenes.valueProperty().subscribe((_, _) -> chosen());
        paths.valueProperty().subscribe((_, path) -> {
            if (path != null && !filling) {
                workbench.pathProperty().set(path);
            }
            chosen();
        });
        VBox scrolled = new VBox(Boxes.scrolling(cards));
        VBox.setVgrow(scrolled, Priority.ALWAYS);
        VBox.setVgrow(scrolled.getChildren().getFirst(), Priority.ALWAYS);
        getChildren()
                .addAll(
                        new WrappingRow(8, scenes, Labels.of(BenchText.ON, "muted"), paths, Boxes.spacer(), summary),
                        scrolled);
        workbench.contentsProperty().subscribe(this::fill);
        workbench.selectedProperty().subscribe(run -> {
            if (run != null) {
                scenes.setValue(workbench.contentsProperty().get().scene(run.sceneId()));
            }
        });
        workbench.pathProperty().subscribe(path -> {
            if (path != null) {
                paths.setValue(path);
            }
        });
    }

    private void fill(Contents contents) {
        filling = true;
        Scene before = scenes.getValue();
        scenes.getItems().setAll(contents.scenes());
        scenes.setValue(contents.scenes().stream()
                .filter(scene -> before != null && scene.id() == before.id())
                .findFirst()
                .or(() -> Optional.ofNullable(workbench.selectedProperty().get())
                        .map(run -> contents.scene(run.sceneId())))
                .or(() -> contents.scenes().stream().findFirst())
                .orElse(null));
        paths.getItems().setAll(contents.bench().paths());
        paths.setValue(workbench.pathProperty().get());
        filling = false;
        chosen();
    }

    private void chosen() {
        Scene scene = scenes.getValue();
        DeliveryPath path = paths.getValue();
        if (filling) {
            return;
        }
        if (scene == null || path == null) {
            summary.setText("");
            cards.getChildren().setAll(Labels.note(BenchText.NO_REQUIREMENTS_HINT));
            return;
        }
        workbench.said(scene.gameId(), path.id(), Optional.empty(), now -> {
            said = now;
            show(scene, path);
        });
    }

    private void show(Scene scene, DeliveryPath path) {
        Contents contents = workbench.contentsProperty().get();
        Setup now = contents.bench().setup(scene.gameId(), path.chain());
        Setup baseline = path.isNative() ? now : contents.baseline(scene);
        List<Judgement> judged = Preflight.judge(workbench.requirements(), path.chain(), now, baseline, said);
        cards.getChildren().clear();
        Set<String> safety = new LinkedHashSet<>();
        judged.stream()
                .map(one -> one.requirement().safety())
                .filter(text -> !text.isEmpty())
                .forEach(safety::add);
        safety.forEach(text -> cards.getChildren().add(Labels.wrapped("△ " + text, "safety")));
        for (State state : State.values()) {
            List<Judgement> some =
                    judged.stream().filter(one -> one.state() == state).toList();
            if (!some.isEmpty()) {
                cards.getChildren().add(Labels.heading(title(state) + " (" + some.size() + ")"));
                some.forEach(one -> cards.getChildren().add(card(contents.game(scene), path, one)));
            }
        }
        summary.setText(BenchText.NOT_MET_UNKNOWN_MET.formatted(
                count(judged, State.NOT_MET), count(judged, State.UNKNOWN), count(judged, State.MET)));
    }

    private static long count(List<Judgement> judged, State state) {
        return judged.stream().filter(one -> one.state() == state).count();
    }

    private static String title(State state) {
        return switch (state) {
            case NOT_MET -> BenchText.NOT_MET;
            case UNKNOWN -> BenchText.UNKNOWN;
            case MET -> BenchText.MET;
        };
    }

    private Node card(Game game, DeliveryPath path, Judgement judged) {
        Requirement requirement = judged.requirement();
        VBox text = new VBox(2, Labels.wrapped(StateMark.of(judged.state()) + "  " + requirement.asks(), "strong"));
        if (judged.state() == State.MET) {
            text.getChildren().add(Labels.wrapped(judged.outcome().seen(), "muted", "small"));
        } else {
            text.getChildren()
                    .addAll(
                            Labels.wrapped(
                                    BenchText.SEEN.formatted(judged.outcome().seen()), "small"),
                            Labels.wrapped(requirement.why(), "muted", "small"),
                            Labels.wrapped("→ " + requirement.remedy(), "small"));
        }
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox card = new HBox(10, text);
        card.getStyleClass().addAll("finding", "state-" + judged.state().name().toLowerCase(Locale.ROOT));
        card.setId("requirement-" + requirement.id());
        card.getChildren().add(answers(game, path, judged));
        return card;
    }

    private Node answers(Game game, DeliveryPath path, Judgement judged) {
        String id = judged.requirement().id();
        if (judged.isOfRun()) {
            Label each = Labels.of(BenchText.CHECKED_AT_EACH_RUN, "muted", "small");
            each.setMinWidth(USE_PREF_SIZE);
            return each;
        } else if (judged.ticked()) {
            return Buttons.quiet(
                    BenchText.TAKE_BACK, BenchText.TAKE_BACK_TIP, () -> say(game, path, id, Optional.empty()));
        } else if (judged.state() == State.UNKNOWN) {
            return Boxes.row(
                    Buttons.quiet(
                            BenchText.IT_HOLDS, BenchText.IT_HOLDS_TIP, () -> say(game, path, id, Optional.of(true))),
                    Buttons.quiet(
                            BenchText.IT_DOES_NOT,
                            BenchText.IT_DOES_NOT_TIP,
                            () -> say(game, path, id, Optional.of(false))));
        }
        return new HBox();
    }

    private void say(Game game, DeliveryPath path, String requirement, Optional<Boolean> met) {
        workbench.edits().capture().answer(game.id(), path.id(), requirement, met);
    }
}

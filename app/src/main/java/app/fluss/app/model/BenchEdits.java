package app.fluss.app.model;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.path.Chain;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Item;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/// Changes of the bench. Runs that were measured before keep what they were measured on.
public final class BenchEdits {
    private final Edits edits;

    BenchEdits(Edits edits) {
        this.edits = edits;
    }

    /// Puts something on the bench.
    public void add(BenchPart part, String name) {
        edits.note(
                ModelText.ADDING.formatted(part.title()), study -> study.bench().add(part, OptionalLong.empty(), name));
    }

    /// Adds a picture mode to a display.
    public void addMode(Item display, String name) {
        edits.note(
                ModelText.ADDING_PICTURE_MODE,
                study -> study.bench().add(BenchPart.PICTURE_MODE, OptionalLong.of(display.id()), name));
    }

    /// Adds another one of its kind with the same facts.
    public void duplicate(Item item, String name) {
        edits.note(
                ModelText.DUPLICATING.formatted(item.name()),
                study -> study.bench().duplicate(item, name));
    }

    /// Adds another scene of the same game, described alike.
    public void duplicate(Scene scene, String name) {
        edits.note(
                ModelText.DUPLICATING.formatted(scene.name()),
                study -> study.bench().duplicate(scene, name));
    }

    /// Says that something takes part in the runs from now on.
    public void use(Item item) {
        edits.note(ModelText.CHANGING_BENCH, study -> study.bench().use(item));
    }

    /// Gives something on the bench another name.
    public void rename(Item item, String name) {
        edits.note(ModelText.RENAMING, study -> study.bench().rename(item, name));
    }

    /// Gives a game another name.
    public void rename(Game game, String name) {
        edits.change(ModelText.RENAMING_GAME, study -> study.gamesAndRuns().rename(game, name));
    }

    /// Gives a scene another name.
    public void rename(Scene scene, String name) {
        edits.change(ModelText.RENAMING_SCENE, study -> study.gamesAndRuns().rename(scene, name));
    }

    /// Removes a game with all that was measured of it.
    public void remove(Game game) {
        edits.change(ModelText.REMOVING_GAME, study -> study.gamesAndRuns().remove(game));
    }

    /// Removes a scene with all that was measured of it.
    public void remove(Scene scene) {
        edits.change(ModelText.REMOVING_SCENE, study -> study.gamesAndRuns().remove(scene));
    }

    /// Takes something off the bench.
    public void remove(Item item) {
        edits.note(ModelText.CHANGING_BENCH, study -> study.bench().remove(item));
    }

    /// States facts of something on the bench.
    public void state(Item item, List<Fact> facts) {
        edits.note(ModelText.STATING_FACTS, study -> study.bench().state(item, facts));
    }

    /// States a fact of a game.
    public void state(Game game, Fact fact) {
        edits.note(ModelText.STATING_FACTS, study -> study.bench().state(game, List.of(fact)));
    }

    /// Takes a fact back.
    public void clear(Item item, FactKey key) {
        edits.note(
                ModelText.CLEARING.formatted(key.title()),
                study -> study.bench().clear(item, key));
    }

    /// Takes a fact back.
    public void clear(Game game, FactKey key) {
        edits.note(
                ModelText.CLEARING.formatted(key.title()),
                study -> study.bench().clear(game, key));
    }

    /// A part of a machine with what is known of it.
    public record Known(BenchPart part, String name, List<Fact> facts) {}

    /// States what a machine says of itself; parts that are not on the bench yet are put there.
    public void fill(List<Known> known) {
        edits.note(ModelText.FILLING_FROM_THIS_COMPUTER, study -> {
            for (Known part : known) {
                study.bench().state(item(study, part), part.facts());
            }
        });
    }

    private static Item item(Study study, Known part) throws StudyException {
        Optional<Item> there = study.bench().read().items(part.part()).stream()
                .filter(item -> item.name().equals(part.name()))
                .findFirst();
        if (there.isPresent()) {
            return there.get();
        }
        study.bench().add(part.part(), OptionalLong.empty(), part.name());
        return study.bench().read().items(part.part()).getLast();
    }

    /// Adds a scene; its game is made if it is new.
    public void addScene(String game, String scene, int seconds) {
        edits.note(ModelText.ADDING_SCENE, study -> study.bench().addScene(game, scene, seconds));
    }

    /// Describes a scene anew.
    public void describe(Scene scene) {
        edits.note(ModelText.DESCRIBING_SCENE, study -> study.bench().describe(scene));
    }

    /// Adds a path.
    ///
    /// @param done is told once it is there and shown
    public void addPath(String name, Chain chain, Runnable done) {
        edits.note(ModelText.ADDING_PATH, study -> study.bench().addPath(name, chain), done);
    }

    /// Changes a path.
    public void changePath(DeliveryPath path, String name, Chain chain) {
        edits.note(ModelText.CHANGING_PATH, study -> study.bench().changePath(path, name, chain));
    }

    /// Removes a path.
    public void removePath(DeliveryPath path) {
        edits.note(ModelText.REMOVING_PATH, study -> study.bench().removePath(path));
    }
}

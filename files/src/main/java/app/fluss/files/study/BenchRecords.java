package app.fluss.files.study;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.measure.Section;
import app.fluss.core.path.Chain;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import org.jspecify.annotations.Nullable;

/// What stands on the bench, as kept: rigs, displays, links, headsets, games, scenes and paths.
public final class BenchRecords {
    private final Steps steps;
    private final Sql sql;

    BenchRecords(Steps steps) {
        this.steps = steps;
        this.sql = steps.sql();
    }

    /// Everything on it; native paths come first, the others by name.
    public Bench read() throws StudyException {
        return steps.read(() -> {
            Map<Long, Map<FactKey, Fact>> ofItems = facts("item_id");
            List<Item> items = sql.list(
                    "SELECT id, part, parent_id, name, in_use FROM item ORDER BY id",
                    row -> new Item(
                            row.getLong("id"),
                            Sql.word(row, "part", BenchPart.class),
                            Sql.number(row, "parent_id"),
                            Sql.text(row, "name"),
                            row.getBoolean("in_use"),
                            ofItems.getOrDefault(row.getLong("id"), Map.of())));
            List<DeliveryPath> paths = sql.list("SELECT id, name, stages FROM path", BenchRecords::path).stream()
                    .sorted(Comparator.comparing((DeliveryPath path) -> !path.isNative())
                            .thenComparing(DeliveryPath::name, NameOrder.NAMES))
                    .toList();
            return new Bench(items, facts("game_id"), paths);
        });
    }

    private static DeliveryPath path(ResultSet row) throws SQLException {
        return new DeliveryPath(row.getLong("id"), Sql.text(row, "name"), ChainJson.read(Sql.text(row, "stages")));
    }

    private Map<Long, Map<FactKey, Fact>> facts(String owner) throws SQLException {
        Map<Long, Map<FactKey, Fact>> facts = new HashMap<>();
        sql.list(
                "SELECT id, %1$s, name, value, source, stated_on FROM bench_fact WHERE %1$s IS NOT NULL"
                        .formatted(owner),
                row -> {
                    String value = Sql.text(row, "value");
                    FactSource source = Sql.word(row, "source", FactSource.class);
                    LocalDate date = Sql.date(row, "stated_on");
                    Map<FactKey, Fact> ofOwner =
                            facts.computeIfAbsent(row.getLong(owner), _ -> new EnumMap<>(FactKey.class));
                    // What only a later or an earlier Fluss knows stays in the file and is passed over.
                    FactKey.of(Sql.text(row, "name"))
                            .filter(key -> key.problem(value).isEmpty())
                            .ifPresent(key -> ofOwner.put(key, new Fact(key, value, source, date)));
                    return ofOwner;
                });
        return facts;
    }

    /// Puts something on the bench. The first of its part is in use.
    ///
    /// @param parent what it belongs to, if it does
    /// @return its number
    public long add(BenchPart part, OptionalLong parent, String name) throws StudyException {
        return steps.change("add " + name, () -> {
            boolean first = sql.list("SELECT 1 FROM item WHERE part = ?", row -> row.getInt(1), part.name())
                    .isEmpty();
            return sql.insert(
                    "INSERT INTO item (part, parent_id, name, in_use) VALUES (?, ?, ?, ?)",
                    part.name(),
                    parent.isPresent() ? parent.getAsLong() : null,
                    name,
                    first);
        });
    }

    /// Adds another one of its kind with the same facts and, for a display, picture modes. It is not in use.
    ///
    /// @return its number
    public long duplicate(Item item, String name) throws StudyException {
        return steps.change("duplicate " + item.name(), () -> {
            long copy = copy(item.id(), null, name);
            for (long mode : sql.list("SELECT id FROM item WHERE parent_id = ?", row -> row.getLong(1), item.id())) {
                copy(mode, copy, null);
            }
            return copy;
        });
    }

    /// Copies something with its facts; its parent and name unless others are given.
    private long copy(long of, @Nullable Long parent, @Nullable String name) throws SQLException {
        long copy = sql.insert(
                "INSERT INTO item (part, parent_id, name, in_use)"
                        + " SELECT part, coalesce(?, parent_id), coalesce(?, name), 0 FROM item WHERE id = ?",
                parent,
                name,
                of);
        sql.run(
                "INSERT INTO bench_fact (item_id, name, value, source, stated_on)"
                        + " SELECT ?, name, value, source, stated_on FROM bench_fact WHERE item_id = ?",
                copy,
                of);
        return copy;
    }

    /// Gives something another name.
    public void rename(Item item, String name) throws StudyException {
        steps.change("rename " + item.name(), () -> sql.run("UPDATE item SET name = ? WHERE id = ?", name, item.id()));
    }

    /// Takes something off the bench, with its facts and what belongs to it.
    public void remove(Item item) throws StudyException {
        steps.change("remove " + item.name(), () -> {
            sql.run(
                    "DELETE FROM bench_fact WHERE item_id = ? OR item_id IN (SELECT id FROM item WHERE parent_id = ?)",
                    item.id(),
                    item.id());
            sql.run("DELETE FROM item WHERE parent_id = ?", item.id());
            return sql.run("DELETE FROM item WHERE id = ?", item.id());
        });
    }

    /// Says that something takes part in the runs from now on, in place of what did before.
    public void use(Item item) throws StudyException {
        steps.change("use " + item.name(), () -> {
            sql.run(
                    "UPDATE item SET in_use = 0 WHERE part = ? AND in_use = 1",
                    item.part().name());
            return sql.run("UPDATE item SET in_use = 1 WHERE id = ?", item.id());
        });
    }

    /// States facts of something on the bench.
    public void state(Item item, List<Fact> facts) throws StudyException {
        state("item_id", item.id(), item.name(), facts);
    }

    /// States facts of a game.
    public void state(Game game, List<Fact> facts) throws StudyException {
        state("game_id", game.id(), game.name(), facts);
    }

    private void state(String owner, long id, String name, List<Fact> facts) throws StudyException {
        steps.change("state facts of " + name, () -> {
            for (Fact fact : facts) {
                sql.run(
                        "DELETE FROM bench_fact WHERE %s = ? AND name = ?".formatted(owner),
                        id,
                        fact.key().id());
                sql.run(
                        "INSERT INTO bench_fact (%s, name, value, source, stated_on) VALUES (?, ?, ?, ?, ?)"
                                .formatted(owner),
                        id,
                        fact.key().id(),
                        fact.value(),
                        fact.source().name(),
                        fact.date().orElseThrow().toString());
            }
            return facts.size();
        });
    }

    /// Takes a fact back.
    public void clear(Item item, FactKey key) throws StudyException {
        steps.change(
                "clear " + key.title(),
                () -> sql.run("DELETE FROM bench_fact WHERE item_id = ? AND name = ?", item.id(), key.id()));
    }

    /// Takes a fact back.
    public void clear(Game game, FactKey key) throws StudyException {
        steps.change(
                "clear " + key.title(),
                () -> sql.run("DELETE FROM bench_fact WHERE game_id = ? AND name = ?", game.id(), key.id()));
    }

    /// Adds a game with its first scene.
    ///
    /// @return the number of the scene
    public long addScene(String game, String scene, int seconds) throws StudyException {
        return steps.change("add " + game + ", " + scene, () -> {
            sql.run("INSERT OR IGNORE INTO game (name) VALUES (?)", game);
            return sql.insert(
                    "INSERT INTO scene (game_id, name, seconds) SELECT id, ?, ? FROM game WHERE name = ?",
                    scene,
                    seconds,
                    game);
        });
    }

    /// Adds another scene of the same game, described alike.
    ///
    /// @return its number
    public long duplicate(Scene scene, String name) throws StudyException {
        return steps.change(
                "duplicate " + scene.name(),
                () -> sql.insert(
                        "INSERT INTO scene (game_id, name, seconds, begins, route, weight)"
                                + " SELECT game_id, ?, seconds, begins, route, weight FROM scene WHERE id = ?",
                        name,
                        scene.id()));
    }

    /// Describes a scene anew.
    public void describe(Scene scene) throws StudyException {
        steps.change(
                "describe " + scene.name(),
                () -> sql.run(
                        "UPDATE scene SET seconds = ?, begins = ?, route = ?, weight = ? WHERE id = ?",
                        scene.seconds(),
                        scene.begins(),
                        scene.route(),
                        scene.weight().name(),
                        scene.id()));
    }

    /// Adds a path.
    ///
    /// @return its number
    public long addPath(String name, Chain chain) throws StudyException {
        return steps.change(
                "add path " + name,
                () -> sql.insert("INSERT INTO path (name, stages) VALUES (?, ?)", name, ChainJson.write(chain)));
    }

    /// Changes a path.
    ///
    /// @throws StudyException if it has runs and the change is more than stating what was not stated: those runs
    ///     would then be of another path than they were
    public void changePath(DeliveryPath path, String name, Chain chain) throws StudyException {
        if (hasRuns(path) && !path.chain().isStatedMoreFullyBy(chain)) {
            throw new StudyException(
                    "%s has runs, so its stages and settings stay as they were. Duplicate it and change the copy."
                            .formatted(path.name()));
        }
        steps.change(
                "change path " + path.name(),
                () -> sql.run(
                        "UPDATE path SET name = ?, stages = ? WHERE id = ?", name, ChainJson.write(chain), path.id()));
    }

    /// Removes a path, with what was planned of it.
    ///
    /// @throws StudyException if it has runs
    public void removePath(DeliveryPath path) throws StudyException {
        if (hasRuns(path)) {
            throw new StudyException("%s has runs. Remove these first.".formatted(path.name()));
        }
        steps.change("remove path " + path.name(), () -> {
            sql.run("DELETE FROM wish WHERE path_id = ?", path.id());
            sql.run("DELETE FROM tick WHERE path_id = ?", path.id());
            sql.run(
                    "DELETE FROM pad WHERE attempt_id IN (SELECT attempt.id FROM attempt JOIN sheet ON sheet.id ="
                            + " sheet_id WHERE path_id = ?)",
                    path.id());
            sql.run("DELETE FROM attempt WHERE sheet_id IN (SELECT id FROM sheet WHERE path_id = ?)", path.id());
            sql.run("DELETE FROM sheet WHERE path_id = ?", path.id());
            BlindRecords.removed(sql, "path_a = ?", path.id());
            BlindRecords.removed(sql, "path_b = ?", path.id());
            return sql.run("DELETE FROM path WHERE id = ?", path.id());
        });
    }

    private boolean hasRuns(DeliveryPath path) throws StudyException {
        return steps.read(
                () -> !sql.list("SELECT 1 FROM run WHERE path_id = ? LIMIT 1", row -> row.getInt(1), path.id())
                        .isEmpty());
    }

    static Scene scene(ResultSet row) throws SQLException {
        return new Scene(
                row.getLong("id"),
                row.getLong("game_id"),
                Sql.text(row, "name"),
                row.getInt("seconds"),
                Sql.text(row, "begins"),
                Sql.text(row, "route"),
                Sql.word(row, "weight", Section.Weight.class));
    }
}

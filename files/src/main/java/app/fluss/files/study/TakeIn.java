package app.fluss.files.study;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/// Takes another analyst's study in: its games, scenes, paths and runs stand beside ours, each run marked
/// with where it comes from. No row that is there is changed. What goes by one name and is not the same
/// gets the origin added to its name; equipment always does, for another analyst's desk is another desk.
final class TakeIn {
    private static final String THEIRS = "theirs";
    private static final int MOST_NAMED = 5;

    private final Sql sql;
    private final String origin;
    private final TakenIn.Builder taken = new TakenIn.Builder();
    private final Map<Long, Long> games = new HashMap<>();
    private final Map<Long, Long> scenes = new HashMap<>();
    private final Map<Long, Long> paths = new HashMap<>();

    private TakeIn(Sql sql, String origin) {
        this.sql = sql;
        this.origin = origin;
    }

    /// Takes it in as one step that can be undone.
    ///
    /// @param origin how it is marked
    /// @throws StudyException if the other study is none, is damaged or does not verify; nothing has changed then
    static TakenIn from(Steps steps, Path other, String origin) throws StudyException, IOException {
        steps.requireWritable();
        Path folder = Files.createTempDirectory("fluss-take-in");
        Path copy = folder.resolve("theirs.fluss");
        try {
            verified(other, copy);
            steps.read(() -> steps.sql().run("ATTACH ? AS " + THEIRS, StudyFile.uri(copy)));
            try {
                return steps.change("take in " + other.getFileName(), () -> new TakeIn(steps.sql(), origin).all());
            } finally {
                steps.read(() -> steps.sql().run("DETACH " + THEIRS));
            }
        } finally {
            Files.deleteIfExists(copy);
            Files.deleteIfExists(folder);
        }
    }

    /// A copy of the other study, brought up to date and checked; the original is only read.
    private static void verified(Path other, Path copy) throws StudyException, IOException {
        if (!Files.isRegularFile(other)) {
            throw new StudyException("There is no study %s.".formatted(other));
        }
        Files.copy(other, copy);
        try (Study study = Study.open(copy)) {
            List<String> wrong = study.check();
            if (!wrong.isEmpty()) {
                String more = wrong.size() > MOST_NAMED ? " and %d more".formatted(wrong.size() - MOST_NAMED) : "";
                throw new StudyException("%s does not verify, so nothing of it was taken in: %s%s."
                        .formatted(
                                other.getFileName(),
                                String.join(
                                        "; ", wrong.stream().limit(MOST_NAMED).toList()),
                                more));
            }
            if (study.runs().isEmpty()) {
                throw new StudyException(
                        "%s holds no run: there is nothing to take in.".formatted(other.getFileName()));
            }
        } catch (StudyException e) {
            String words = String.valueOf(e.getMessage()).replace(copy.toString(), String.valueOf(other.getFileName()));
            throw new StudyException(words, e);
        } finally {
            try (var left = Files.list(Objects.requireNonNull(copy.getParent()))) {
                for (Path file : left.filter(one -> !one.equals(copy)).toList()) {
                    Files.deleteIfExists(file); // a copy that an upgrade kept
                }
            }
        }
    }

    private TakenIn all() throws SQLException {
        games();
        scenes();
        paths();
        Map<Item, String> items = items();
        evidence();
        runs(items);
        return taken.build();
    }

    private record Named(long id, String name) {}

    private List<Named> theirs(String table) throws SQLException {
        return sql.list(
                "SELECT id, name FROM %s.%s ORDER BY id".formatted(THEIRS, table),
                row -> new Named(row.getLong("id"), Sql.text(row, "name")));
    }

    private Optional<Long> id(String query, Object... values) throws SQLException {
        return sql.list(query, row -> row.getLong(1), values).stream().findFirst();
    }

    private void games() throws SQLException {
        for (Named game : theirs("game")) {
            Optional<Long> known = id("SELECT id FROM main.game WHERE name = ?", game.name);
            if (known.isPresent()) {
                games.put(game.id, known.get());
            } else {
                long added = sql.insert("INSERT INTO main.game (name) VALUES (?)", game.name);
                games.put(game.id, added);
                sql.run(
                        "INSERT INTO main.bench_fact (item_id, game_id, name, value, source, stated_on)"
                                + " SELECT NULL, ?, name, value, source, stated_on FROM theirs.bench_fact WHERE game_id = ?",
                        added,
                        game.id);
                taken.game(game.name);
            }
        }
    }

    private void scenes() throws SQLException {
        String same = "SELECT o.id FROM main.scene o, theirs.scene t WHERE t.id = ? AND o.game_id = ?"
                + " AND (o.name = t.name OR o.name = t.name || ?) AND o.seconds = t.seconds AND o.begins = t.begins"
                + " AND o.route = t.route AND o.weight = t.weight";
        for (Named scene : theirs("scene")) {
            long game = Objects.requireNonNull(games.get(id("SELECT game_id FROM theirs.scene WHERE id = ?", scene.id)
                    .orElseThrow()));
            Optional<Long> known = id(same, scene.id, game, suffix());
            if (known.isPresent()) {
                scenes.put(scene.id, known.get());
            } else {
                boolean free = id("SELECT id FROM main.scene WHERE game_id = ? AND name = ?", game, scene.name)
                        .isEmpty();
                String name = free ? scene.name : scene.name + suffix();
                scenes.put(
                        scene.id,
                        sql.insert(
                                "INSERT INTO main.scene (game_id, name, seconds, begins, route, weight)"
                                        + " SELECT ?, ?, seconds, begins, route, weight FROM theirs.scene WHERE id = ?",
                                game,
                                name,
                                scene.id));
                taken.renamed(scene.name, name);
            }
        }
    }

    private void paths() throws SQLException {
        String same = "SELECT o.id FROM main.path o, theirs.path t WHERE t.id = ? AND o.stages = t.stages"
                + " AND (o.name = t.name OR o.name = t.name || ?)";
        for (Named path : theirs("path")) {
            Optional<Long> known = id(same, path.id, suffix());
            if (known.isPresent()) {
                paths.put(path.id, known.get());
            } else {
                boolean free =
                        id("SELECT id FROM main.path WHERE name = ?", path.name).isEmpty();
                String name = free ? path.name : path.name + suffix();
                paths.put(
                        path.id,
                        sql.insert(
                                "INSERT INTO main.path (name, stages) SELECT ?, stages FROM theirs.path WHERE id = ?",
                                name,
                                path.id));
                taken.renamed(path.name, name);
            }
        }
    }

    private String suffix() {
        return " (" + origin + ")";
    }

    private record Item(String part, String name) {}

    /// Their equipment, none of it in use here.
    ///
    /// @return the name that each has here
    private Map<Item, String> items() throws SQLException {
        Map<Item, String> names = new HashMap<>();
        for (Named item : theirs("item")) {
            String part = sql.list("SELECT part FROM theirs.item WHERE id = ?", row -> Sql.text(row, "part"), item.id)
                    .getFirst();
            String name = item.name + suffix();
            names.put(new Item(part, item.name), name);
            if (id("SELECT id FROM main.item WHERE part = ? AND name = ?", part, name)
                    .isEmpty()) {
                long added = sql.insert(
                        "INSERT INTO main.item (part, parent_id, name, in_use) VALUES (?, NULL, ?, 0)", part, name);
                sql.run(
                        "INSERT INTO main.bench_fact (item_id, game_id, name, value, source, stated_on)"
                                + " SELECT ?, NULL, name, value, source, stated_on FROM theirs.bench_fact WHERE item_id = ?",
                        added,
                        item.id);
            }
        }
        return names;
    }

    /// What lies under its checksum is the same on both sides, for theirs was verified.
    private void evidence() throws SQLException {
        for (String table : List.of("evidence", "evidence_part", "excerpt")) {
            String columns = columns(table, "");
            sql.run("INSERT OR IGNORE INTO main.%1$s (%2$s) SELECT %2$s FROM theirs.%1$s".formatted(table, columns));
        }
    }

    private String columns(String table, String without) throws SQLException {
        return String.join(
                ", ",
                sql.list("SELECT name FROM pragma_table_info(?)", row -> row.getString(1), table).stream()
                        .filter(column -> !column.equals(without))
                        .toList());
    }

    private void runs(Map<Item, String> items) throws SQLException {
        for (Named run : theirs("run")) {
            long scene = mapped(scenes, "SELECT scene_id FROM theirs.run WHERE id = ?", run.id);
            if (isHere(run, scene)) {
                taken.known(run.name);
            } else {
                add(run, scene, items);
                taken.run();
            }
        }
    }

    private long mapped(Map<Long, Long> map, String query, long id) throws SQLException {
        return Objects.requireNonNull(map.get(id(query, id).orElseThrow()));
    }

    /// Whether a run was taken in before: one of the same name in the same scene, from the same origin.
    private boolean isHere(Named run, long scene) throws SQLException {
        return id(
                        "SELECT r.id FROM main.run r JOIN main.fact f ON f.run_id = r.id WHERE r.name = ?"
                                + " AND r.scene_id = ? AND f.name = ? AND f.value = ? AND r.measured_at IS"
                                + " (SELECT measured_at FROM theirs.run WHERE id = ?)",
                        run.name,
                        scene,
                        Run.COMES_FROM,
                        origin,
                        run.id)
                .isPresent();
    }

    private void add(Named run, long scene, Map<Item, String> items) throws SQLException {
        long path = mapped(paths, "SELECT path_id FROM theirs.run WHERE id = ?", run.id);
        String columns = columns("run", "id").replace("scene_id, path_id, ", "");
        long added = sql.insert(
                "INSERT INTO main.run (scene_id, path_id, %1$s) SELECT ?, ?, %1$s FROM theirs.run WHERE id = ?"
                        .formatted(columns),
                scene,
                path,
                run.id);
        for (String table : HandOn.tables(sql, "run_id")) {
            switch (table) {
                case "run_item" -> items(run.id, added, items);
                case "frame_log", "host_log" -> log(table, run.id, added);
                default -> copy(table, "run_id", run.id, added);
            }
        }
        children("trial", "latency", "latency_id", run.id, added);
        children("correction", "recording", "recording_id", run.id, added);
        sql.run("DELETE FROM main.fact WHERE run_id = ? AND name = ?", added, Run.COMES_FROM);
        sql.run(
                "INSERT INTO main.fact (run_id, name, value, source, stated_on) VALUES (?, ?, ?, ?, NULL)",
                added,
                Run.COMES_FROM,
                origin,
                FactSource.TYPED.name());
    }

    private void copy(String table, String owner, long from, long to) throws SQLException {
        String columns = columns(table, "id").replace(owner + ", ", "");
        sql.run(
                "INSERT INTO main.%1$s (%2$s, %3$s) SELECT ?, %3$s FROM theirs.%1$s WHERE %2$s = ?"
                        .formatted(table, owner, columns),
                to,
                from);
    }

    private void children(String table, String parent, String owner, long from, long to) throws SQLException {
        Optional<Long> theirs = id("SELECT id FROM theirs.%s WHERE run_id = ?".formatted(parent), from);
        if (theirs.isPresent()) {
            long ours = id("SELECT id FROM main.%s WHERE run_id = ?".formatted(parent), to)
                    .orElseThrow();
            copy(table, owner, theirs.get(), ours);
        }
    }

    /// A log with its parsed columns.
    private void log(String table, long from, long to) throws SQLException {
        Optional<Long> parsed = id("SELECT log_id FROM theirs.%s WHERE run_id = ?".formatted(table), from);
        if (parsed.isPresent()) {
            String columns = columns("parsed_log", "id");
            long log = sql.insert(
                    "INSERT INTO main.parsed_log (%1$s) SELECT %1$s FROM theirs.parsed_log WHERE id = ?"
                            .formatted(columns),
                    parsed.get());
            sql.run(
                    "INSERT INTO main.parsed_column (log_id, name, data)"
                            + " SELECT ?, name, data FROM theirs.parsed_column WHERE log_id = ?",
                    log,
                    parsed.get());
            sql.run(
                    "INSERT INTO main.%1$s (run_id, sha256, log_id) SELECT ?, sha256, ? FROM theirs.%1$s WHERE run_id = ?"
                            .formatted(table),
                    to,
                    log,
                    from);
        }
    }

    private void items(long from, long to, Map<Item, String> items) throws SQLException {
        List<Item> named = new ArrayList<>(sql.list(
                "SELECT part, name FROM theirs.run_item WHERE run_id = ?",
                row -> new Item(Sql.text(row, "part"), Sql.text(row, "name")),
                from));
        String rig = BenchPart.RIG.name();
        if (named.stream().noneMatch(item -> item.part.equals(rig))) {
            named.add(new Item(rig, "rig"));
        }
        for (Item item : named) {
            sql.run(
                    "INSERT INTO main.run_item (run_id, part, name) VALUES (?, ?, ?)",
                    to,
                    item.part,
                    items.getOrDefault(item, item.name + suffix()));
        }
    }
}

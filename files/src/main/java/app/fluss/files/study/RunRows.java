package app.fluss.files.study;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.reading.Impression;
import app.fluss.core.toggle.ToggleMark;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Runs as rows: with their path and setup as they were, and what they rest on.
final class RunRows {
    private static final String RUNS = "SELECT run.*, path.name AS path_name FROM run JOIN path ON path.id = path_id";

    private final Sql sql;

    RunRows(Steps steps) {
        this.sql = steps.sql();
    }

    /// All runs, in the order they were added.
    List<Run> all() throws SQLException {
        return runs("ORDER BY run.id", "");
    }

    /// One run, if it is there.
    Optional<Run> numbered(long id) throws SQLException {
        return runs("WHERE run.id = ?", "WHERE run_id = ?", id).stream().findFirst();
    }

    private List<Run> runs(String ofRuns, String ofRest, Object... values) throws SQLException {
        Map<Long, Setup> setups = new HashMap<>();
        sql.list("SELECT * FROM fact " + ofRest, row -> fact(row, setups), values);
        sql.list(
                "SELECT * FROM run_item " + ofRest,
                row -> setups.merge(
                        row.getLong("run_id"),
                        Setup.EMPTY.withItem(Sql.word(row, "part", BenchPart.class), Sql.text(row, "name")),
                        (known, more) -> known.withItems(more.items())),
                values);
        Map<Long, List<Claim>> claims = new HashMap<>();
        for (Claim.Kind kind : Claim.Kind.values()) {
            sql.list(
                    "SELECT * FROM %s %s".formatted(ClaimKind.table(kind), ofRest),
                    row -> claims.computeIfAbsent(row.getLong("run_id"), _ -> new ArrayList<>())
                            .add(ClaimKind.claim(row, kind)),
                    values);
        }
        Map<Long, List<ToggleMark>> toggles = new HashMap<>();
        sql.list(
                "SELECT * FROM toggle_mark %s ORDER BY at_ms".formatted(ofRest),
                row -> toggles.computeIfAbsent(row.getLong("run_id"), _ -> new ArrayList<>())
                        .add(new ToggleMark(
                                Sql.orNaN(row, "at_ms"), row.getBoolean("turns_on"), Sql.orNaN(row, "settles_ms"))),
                values);
        Map<Long, List<Attached>> evidence = new HashMap<>();
        for (EvidenceKind<?, ?> kind : EvidenceKinds.ALL) {
            kind.attached(sql, ofRest, values)
                    .forEach(one -> evidence.computeIfAbsent(one.runId(), _ -> new ArrayList<>())
                            .add(one));
        }
        return sql.list(
                RUNS + " " + ofRuns,
                row -> {
                    long id = row.getLong("id");
                    return run(
                            row,
                            setups.getOrDefault(id, Setup.EMPTY),
                            evidence.getOrDefault(id, List.of()),
                            claims.getOrDefault(id, List.of()),
                            toggles.getOrDefault(id, List.of()));
                },
                values);
    }

    private static Setup fact(ResultSet row, Map<Long, Setup> setups) throws SQLException {
        long run = row.getLong("run_id");
        String name = Sql.text(row, "name");
        String value = Sql.text(row, "value");
        FactSource source = Sql.word(row, "source", FactSource.class);
        String statedOn = row.getString("stated_on");
        Optional<LocalDate> date = Optional.ofNullable(statedOn).map(LocalDate::parse);
        Setup known = setups.getOrDefault(run, Setup.EMPTY);
        Setup more = FactKey.of(name)
                .filter(key -> key.problem(value).isEmpty())
                .map(key -> known.with(List.of(new Fact(key, value, source, date))))
                .orElseGet(() -> known.withNamed(Map.of(name, value), source));
        setups.put(run, more);
        return more;
    }

    private static Run run(
            ResultSet row, Setup setup, List<Attached> evidence, List<Claim> claims, List<ToggleMark> toggles)
            throws SQLException {
        Chain chain = ChainJson.read(Sql.text(row, "stages"));
        Setup whole = setup.with(chain.settings(), FactSource.SET);
        whole.display(); // a mode that no display has is found here, where the row is known
        return new Run(
                row.getLong("id"),
                row.getLong("scene_id"),
                new DeliveryPath(row.getLong("path_id"), Sql.text(row, "path_name"), chain),
                Sql.text(row, "name"),
                row.getBoolean("simulated"),
                whole,
                Sql.orNaN(row, "claimed_fps"),
                evidence,
                claims,
                toggles,
                new Taking(
                        Sql.number(row, "measured_at"),
                        Sql.word(row, "outcome", Outcome.class),
                        Sql.text(row, "reason"),
                        impression(row)));
    }

    static Impression impression(ResultSet row) throws SQLException {
        return new Impression(
                row.getInt("smoothness"), row.getInt("response"), row.getInt("artefacts"), Sql.text(row, "words"));
    }

    /// Adds a run without evidence; its game, scene and path are made if they are new.
    ///
    /// @return its number
    long insert(RunDraft draft) throws SQLException {
        Where where = where(draft);
        Taking taking = draft.taking();
        long run = sql.insert(
                "INSERT INTO run (scene_id, path_id, stages, name, simulated, claimed_fps, measured_at, outcome, reason,"
                        + " smoothness, response, artefacts, words) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                where.scene,
                where.path,
                ChainJson.write(draft.chain()),
                draft.name(),
                draft.simulated(),
                Sql.orNull(draft.claimedFps()),
                taking.measuredAtMs().isPresent() ? taking.measuredAtMs().getAsLong() : null,
                taking.outcome().name(),
                taking.reason(),
                taking.impression().smoothness(),
                taking.impression().response(),
                taking.impression().artefacts(),
                taking.impression().words());
        insertSetup(run, draft.setup());
        return run;
    }

    /// Puts a run elsewhere, and says how input felt and what was noted; its game, scene and path are made if they are
    /// new. Smoothness and artefacts, which are said elsewhere, stay.
    void place(long run, RunDraft draft) throws SQLException {
        Where where = where(draft);
        Impression impression = draft.taking().impression();
        sql.run(
                "UPDATE run SET scene_id = ?, path_id = ?, stages = ?, name = ?, response = ?, words = ? WHERE id = ?",
                where.scene,
                where.path,
                ChainJson.write(draft.chain()),
                draft.name(),
                impression.response(),
                impression.words(),
                run);
    }

    /// Says that a run was measured on a path.
    void setPath(long run, DeliveryPath path) throws SQLException {
        sql.run("UPDATE run SET path_id = ?, stages = ? WHERE id = ?", path.id(), ChainJson.write(path.chain()), run);
    }

    private record Where(long scene, long path) {}

    private Where where(RunDraft draft) throws SQLException {
        long game =
                findOrInsert("SELECT id FROM game WHERE name = ?", "INSERT INTO game (name) VALUES (?)", draft.game());
        long scene = findOrInsert(
                "SELECT id FROM scene WHERE game_id = ? AND name = ?",
                "INSERT INTO scene (game_id, name) VALUES (?, ?)",
                game,
                draft.scene());
        List<Long> known = sql.list("SELECT id FROM path WHERE name = ?", row -> row.getLong(1), draft.path());
        long path = known.isEmpty()
                ? sql.insert(
                        "INSERT INTO path (name, stages) VALUES (?, ?)", draft.path(), ChainJson.write(draft.chain()))
                : known.getFirst();
        return new Where(scene, path);
    }

    private long findOrInsert(String query, String insert, Object... values) throws SQLException {
        List<Long> known = sql.list(query, row -> row.getLong(1), values);
        return known.isEmpty() ? sql.insert(insert, values) : known.getFirst();
    }

    /// States what a run was measured on, in place of what was stated before. The settings of its path are its stages'.
    void insertSetup(long run, Setup setup) throws SQLException {
        deleteSetup(run);
        for (Fact fact : setup.facts()) {
            if (fact.source() != FactSource.SET) {
                insertFact(
                        run,
                        fact.key().id(),
                        fact.value(),
                        fact.source(),
                        fact.date().map(LocalDate::toString));
            }
        }
        for (var other : setup.others().entrySet()) {
            insertFact(run, other.getKey(), other.getValue(), FactSource.TYPED, Optional.empty());
        }
        for (var item : setup.items().entrySet()) {
            sql.insert(
                    "INSERT INTO run_item (run_id, part, name) VALUES (?, ?, ?)",
                    run,
                    item.getKey().name(),
                    item.getValue());
        }
    }

    private void insertFact(long run, String name, String value, FactSource source, Optional<String> date)
            throws SQLException {
        sql.insert(
                "INSERT INTO fact (run_id, name, value, source, stated_on) VALUES (?, ?, ?, ?, ?)",
                run,
                name,
                value,
                source.name(),
                date.orElse(null));
    }

    /// Says where the path of a run was switched, in place of what was said before.
    void setToggles(long run, List<ToggleMark> marks) throws SQLException {
        sql.run("DELETE FROM toggle_mark WHERE run_id = ?", run);
        for (ToggleMark mark : marks) {
            sql.insert(
                    "INSERT INTO toggle_mark (run_id, at_ms, turns_on, settles_ms) VALUES (?, ?, ?, ?)",
                    run,
                    mark.atMs(),
                    mark.turnsOn(),
                    mark.settlesMs());
        }
    }

    /// Takes a run away with all that hangs on it; its evidence stays in the file, so that this can be undone.
    int delete(long run, EvidenceShelf shelf) throws SQLException {
        sql.run("DELETE FROM section WHERE run_id = ?", run);
        sql.run("DELETE FROM toggle_mark WHERE run_id = ?", run);
        sql.run("DELETE FROM run_check WHERE run_id = ?", run);
        deleteSetup(run);
        for (EvidenceKind<?, ?> kind : EvidenceKinds.ALL) {
            shelf.delete(kind, run);
        }
        return sql.run("DELETE FROM run WHERE id = ?", run);
    }

    private void deleteSetup(long run) throws SQLException {
        sql.run("DELETE FROM fact WHERE run_id = ?", run);
        sql.run("DELETE FROM run_item WHERE run_id = ?", run);
    }
}

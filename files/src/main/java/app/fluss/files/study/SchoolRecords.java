package app.fluss.files.study;

import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.core.verdict.Schools;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Schools, as kept: the analyst's own, and which of all each game is judged by.
public final class SchoolRecords {
    private final Steps steps;
    private final Sql sql;

    SchoolRecords(Steps steps) {
        this.steps = steps;
        this.sql = steps.sql();
    }

    /// All of it.
    public StoredSchools read() throws StudyException {
        return steps.read(() -> {
            Map<Long, List<Asked>> asks = new HashMap<>();
            Map<Long, List<Rule>> orders = new HashMap<>();
            for (long school : sql.list("SELECT id FROM school", row -> row.getLong(1))) {
                asks.put(school, asks(school));
                orders.put(
                        school,
                        sql.list(
                                "SELECT * FROM school_order WHERE school_id = ? ORDER BY id",
                                row -> Sql.word(row, "rule", Rule.class),
                                school));
            }
            List<School> own = sql.list(
                    "SELECT * FROM school ORDER BY title",
                    row -> new School(
                            Sql.text(row, "name"),
                            Sql.text(row, "title"),
                            Sql.text(row, "what_for"),
                            asks.getOrDefault(row.getLong("id"), List.of()),
                            orders.getOrDefault(row.getLong("id"), List.of())));
            Map<Long, StoredSchools.Chosen> chosen = new HashMap<>();
            sql.list(
                    "SELECT * FROM game_school",
                    row -> chosen.put(
                            row.getLong("game_id"),
                            new StoredSchools.Chosen(
                                    Optional.ofNullable(row.getString("school")),
                                    Optional.ofNullable(row.getString("beside")))));
            return new StoredSchools(new Schools(own), chosen);
        });
    }

    private List<Asked> asks(long school) throws SQLException {
        return sql.list(
                "SELECT * FROM school_ask WHERE school_id = ? ORDER BY id",
                row -> new Asked(
                        Sql.word(row, "rule", Rule.class),
                        Sql.orNaN(row, "bound"),
                        Sql.orNaN(row, "warn_bound"),
                        Sql.text(row, "source")),
                school);
    }

    /// Keeps a school of the analyst's, in place of one of the same name.
    public void keep(School school) throws StudyException {
        steps.change("keep the school " + school.title(), () -> {
            drop(school);
            long id = sql.insert(
                    "INSERT INTO school (name, title, what_for) VALUES (?, ?, ?)",
                    school.id(),
                    school.title(),
                    school.whatFor());
            for (Asked asked : school.asks()) {
                sql.insert(
                        "INSERT INTO school_ask (school_id, rule, bound, warn_bound, source) VALUES (?, ?, ?, ?, ?)",
                        id,
                        asked.rule().name(),
                        asked.bound(),
                        asked.warnBound(),
                        asked.source());
            }
            for (Rule rule : school.order()) {
                sql.insert("INSERT INTO school_order (school_id, rule) VALUES (?, ?)", id, rule.name());
            }
            return id;
        });
    }

    /// Takes a school of the analyst's away; games that were judged by it are judged by what their kind asks for.
    public void remove(School school) throws StudyException {
        steps.change("remove the school " + school.title(), () -> drop(school));
    }

    private int drop(School school) throws SQLException {
        for (String table : List.of("school_ask", "school_order")) {
            sql.run(
                    "DELETE FROM %s WHERE school_id IN (SELECT id FROM school WHERE name = ?)".formatted(table),
                    school.id());
        }
        return sql.run("DELETE FROM school WHERE name = ?", school.id());
    }

    /// Says by which school a game is judged, and which is shown beside it.
    public void choose(Game game, StoredSchools.Chosen chosen) throws StudyException {
        steps.change("choose a school for " + game.name(), () -> {
            sql.run("DELETE FROM game_school WHERE game_id = ?", game.id());
            return chosen.equals(StoredSchools.Chosen.NOTHING)
                    ? 0
                    : sql.insert(
                            "INSERT INTO game_school (game_id, school, beside) VALUES (?, ?, ?)",
                            game.id(),
                            chosen.school().orElse(null),
                            chosen.beside().orElse(null));
        });
    }
}

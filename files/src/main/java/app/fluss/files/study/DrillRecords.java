package app.fluss.files.study;

import app.fluss.core.feel.drill.ChartPart;
import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Round;
import app.fluss.core.feel.drill.Size;
import java.time.Instant;
import java.util.List;

/// Rounds of the drill.
public final class DrillRecords {
    private final Steps steps;
    private final Sql sql;

    DrillRecords(Steps steps) {
        this.steps = steps;
        this.sql = steps.sql();
    }

    /// All rounds, in the order in which they were played.
    public List<DrillRound> read() throws StudyException {
        return steps.read(() -> sql.list(
                "SELECT * FROM drill_round ORDER BY id",
                row -> new DrillRound(
                        row.getLong("id"),
                        Sql.text(row, "person"),
                        Sql.text(row, "scenario"),
                        row.getLong("seed"),
                        new Round(
                                Sql.word(row, "fault", Fault.class),
                                Sql.word(row, "named", Fault.class),
                                Sql.word(row, "pointed_at", ChartPart.class),
                                Sql.word(row, "size", Size.class)),
                        Instant.ofEpochMilli(row.getLong("done_at")))));
    }

    /// Keeps a round.
    public void keep(DrillRound played) throws StudyException {
        steps.change(
                "keep a round of the drill",
                () -> sql.insert(
                        "INSERT INTO drill_round (person, scenario, seed, size, fault, named, pointed_at, done_at)"
                                + " VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                        played.person(),
                        played.scenario(),
                        played.seed(),
                        played.round().size().name(),
                        played.round().fault().name(),
                        played.round().named().name(),
                        played.round().pointedAt().name(),
                        played.doneAt().toEpochMilli()));
    }

    /// Removes every round of a person: the record begins anew.
    public void forget(String person) throws StudyException {
        steps.change(
                "remove the drill record of " + person,
                () -> sql.run("DELETE FROM drill_round WHERE person = ?", person));
    }
}

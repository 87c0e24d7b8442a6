package app.fluss.files.study;

import app.fluss.core.feel.blind.Seal;
import app.fluss.core.feel.blind.Side;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import org.jspecify.annotations.Nullable;

/// Blind blocks.
public final class BlindRecords {
    private final Steps steps;
    private final Sql sql;

    BlindRecords(Steps steps) {
        this.steps = steps;
        this.sql = steps.sql();
    }

    /// All of them, in the order in which they were drawn.
    public List<BlindBlock> read() throws StudyException {
        return steps.read(() -> {
            Map<Long, List<BlindBlock.Said>> answers = new HashMap<>();
            sql.list(
                    "SELECT * FROM blind_answer ORDER BY block_id, place",
                    row -> answers.computeIfAbsent(row.getLong("block_id"), _ -> new ArrayList<>())
                            .add(new BlindBlock.Said(
                                    Sql.word(row, "said", Side.class),
                                    rating(row, "smoothness"),
                                    rating(row, "response"))));
            return sql.list(
                    "SELECT b.*, o.at AS opened_at FROM blind_block b LEFT JOIN blind_opened o ON o.seal = b.seal ORDER BY b.id",
                    row -> new BlindBlock(
                            row.getLong("id"),
                            row.getLong("scene_id"),
                            row.getLong("path_a"),
                            row.getLong("path_b"),
                            Sql.text(row, "player"),
                            Sql.word(row, "switched_by", BlindBlock.SwitchedBy.class),
                            Seal.of(Sql.text(row, "letters"), Sql.text(row, "nonce")),
                            Sql.text(row, "seal"),
                            Instant.ofEpochMilli(row.getLong("made_at")),
                            ended(row),
                            row.getInt("simulated") != 0,
                            answers.getOrDefault(row.getLong("id"), List.of())));
        });
    }

    private static OptionalInt rating(ResultSet row, String column) throws SQLException {
        int value = row.getInt(column);
        return row.wasNull() ? OptionalInt.empty() : OptionalInt.of(value);
    }

    /// An order that was opened stays opened, whatever is undone: nobody answers a trial whose order is
    /// known.
    private static Optional<Instant> ended(ResultSet row) throws SQLException {
        OptionalLong at = Sql.number(row, "ended_at");
        OptionalLong known = at.isPresent() ? at : Sql.number(row, "opened_at");
        return known.isPresent() ? Optional.of(Instant.ofEpochMilli(known.getAsLong())) : Optional.empty();
    }

    /// Keeps a block that was drawn. Its number, answers and end are not looked at.
    ///
    /// @return its number
    public long add(BlindBlock block) throws StudyException {
        return steps.change(
                "add a blind block",
                () -> sql.insert(
                        "INSERT INTO blind_block (scene_id, path_a, path_b, player, switched_by, seal, letters, nonce, made_at,"
                                + " simulated) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                        block.sceneId(),
                        block.pathA(),
                        block.pathB(),
                        block.player(),
                        block.switchedBy().name(),
                        block.hash(),
                        block.seal().letters(),
                        block.seal().nonce(),
                        block.madeAt().toEpochMilli(),
                        block.simulated() ? 1 : 0));
    }

    /// Keeps the answer to the next trial; the last one ends the block.
    ///
    /// @param now what time it is
    /// @throws StudyException if the block has ended
    public void answer(BlindBlock block, BlindBlock.Said said, Instant now) throws StudyException {
        if (!block.isOpen() || block.answers().size() == block.seal().order().size()) {
            throw new StudyException("This blind block has ended.");
        }
        int place = block.answers().size();
        steps.change("answer trial %d".formatted(place + 1), () -> {
            sql.insert(
                    "INSERT INTO blind_answer (block_id, place, said, smoothness, response) VALUES (?, ?, ?, ?, ?)",
                    block.id(),
                    place,
                    said.side().name(),
                    orNull(said.smoothness()),
                    orNull(said.response()));
            return place + 1 == block.seal().order().size() ? ended(block, now) : 0;
        });
    }

    private static @Nullable Integer orNull(OptionalInt rating) {
        return rating.isPresent() ? rating.getAsInt() : null;
    }

    /// Ends a block before its last trial: what was answered counts, and the order is opened.
    public void end(BlindBlock block, Instant now) throws StudyException {
        steps.change("end a blind block", () -> ended(block, now));
    }

    private int ended(BlindBlock block, Instant now) throws SQLException {
        sql.run("INSERT OR IGNORE INTO blind_opened (seal, at) VALUES (?, ?)", block.hash(), now.toEpochMilli());
        return sql.run("UPDATE blind_block SET ended_at = ? WHERE id = ?", now.toEpochMilli(), block.id());
    }

    /// Removes a block.
    public void remove(BlindBlock block) throws StudyException {
        steps.change("remove a blind block", () -> removed(sql, "id = ?", block.id()));
    }

    /// Removes blocks within a step.
    ///
    /// @param which a condition on their table, with one value
    static int removed(Sql sql, String which, long value) throws SQLException {
        sql.run(
                "DELETE FROM blind_answer WHERE block_id IN (SELECT id FROM blind_block WHERE %s)".formatted(which),
                value);
        return sql.run("DELETE FROM blind_block WHERE " + which, value);
    }
}

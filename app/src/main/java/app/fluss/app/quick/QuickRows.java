package app.fluss.app.quick;

import app.fluss.app.model.Contents;
import app.fluss.core.path.Chain;
import app.fluss.core.reading.QuickRow;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.QuickRun;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The rows of the table together: what blank cells carry on, what can be added, what is wrong first.
///
/// @param whole every row with what it carries on, blank ones too
/// @param read the runs that the rows come to; those that are wrong are left out
/// @param problem what is wrong first, with its row; empty if nothing is
record QuickRows(List<QuickRow> whole, List<QuickRow.Reading.Read> read, Optional<Problem> problem) {
    /// What is wrong.
    ///
    /// @param row 0-based
    /// @param column where
    /// @param why in words
    record Problem(int row, QuickRow.Column column, String why) {}

    static QuickRows of(List<QuickRow> typed) {
        List<QuickRow> whole = new ArrayList<>();
        List<QuickRow.Reading.Read> read = new ArrayList<>();
        Problem problem = null;
        QuickRow above = QuickRow.EMPTY;
        for (QuickRow row : typed) {
            QuickRow carried = row.after(above);
            whole.add(carried);
            if (row.isBlank()) {
                continue;
            }
            switch (carried.read()) {
                case QuickRow.Reading.Read one -> read.add(one);
                case QuickRow.Reading.Refused(QuickRow.Column column, String why) -> {
                    if (problem == null) {
                        problem = new Problem(whole.size() - 1, column, why);
                    }
                }
            }
            above = carried;
        }
        return new QuickRows(whole, read, Optional.ofNullable(problem));
    }

    /// Two paths that are one by their stages and two by their names, if one of them is typed here: they would not be
    /// compared as one.
    Optional<Alike> alike(List<DeliveryPath> known) {
        Map<Chain, String> names = new HashMap<>();
        known.forEach(path -> names.putIfAbsent(path.chain(), path.name()));
        for (QuickRow.Reading.Read one : read) {
            String name = one.row().path().strip();
            String before = names.putIfAbsent(QuickRun.chain(name, known), name);
            boolean old = known.stream().anyMatch(path -> path.name().equals(name));
            if (before != null && !before.equals(name) && !old) {
                return Optional.of(new Alike(before, name));
            }
        }
        return Optional.empty();
    }

    /// Names of paths with the same stages.
    record Alike(String first, String second) {}

    /// Names for the runs: what they are, numbered on from those that are there.
    List<String> names(Contents contents) {
        Map<List<String>, Integer> counts = new HashMap<>();
        for (Run run : contents.runs()) {
            Scene scene = contents.scene(run.sceneId());
            Game game = contents.game(scene);
            counts.merge(List.of(game.name(), scene.name(), run.path().name()), 1, Integer::sum);
        }
        return read.stream()
                .map(one -> {
                    QuickRow row = one.row();
                    int number = counts.merge(List.of(row.game(), row.scene(), row.path()), 1, Integer::sum);
                    return (row.ofTool() ? "tool " : "noted ") + number;
                })
                .toList();
    }
}

package app.fluss.core.path;

import app.fluss.core.bench.FactKey;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/// What must be done to go from one path to another.
///
/// @param steps in words, in the order in which they are done
/// @param restartsGame whether the game must be started anew
/// @param movesCable whether the display's cable moves to another card
public record Switch(List<String> steps, boolean restartsGame, boolean movesCable) {
    /// Compares two paths.
    public static Switch between(Chain from, Chain to) {
        List<String> steps = new ArrayList<>();
        boolean restarts = false;
        for (Stage stage : from.stages()) {
            if (!to.has(stage.kind())) {
                steps.add("switch off " + stage.kind().title());
                restarts |= stage.kind().restartsGame();
            }
        }
        boolean moves = from.has(StageKind.SECOND_GPU) != to.has(StageKind.SECOND_GPU);
        if (moves) {
            steps.add("power off, then move the display's cable to the "
                    + (to.has(StageKind.SECOND_GPU) ? "second" : "first") + " card");
        }
        for (Stage stage : to.stages()) {
            List<String> set = settings(from, stage);
            boolean fresh = !from.has(stage.kind());
            if (fresh) {
                steps.add(
                        "switch on " + stage.kind().title() + (set.isEmpty() ? "" : " with " + String.join(", ", set)));
            } else if (!set.isEmpty()) {
                steps.add("set %s: %s".formatted(stage.kind().title(), String.join(", ", set)));
            }
            restarts |= stage.kind().restartsGame() && (fresh || !set.isEmpty());
        }
        return new Switch(List.copyOf(steps), restarts || moves, moves);
    }

    private static List<String> settings(Chain from, Stage stage) {
        Stage before = from.stages().stream()
                .filter(other -> other.kind() == stage.kind())
                .findFirst()
                .orElseGet(() -> new Stage(stage.kind()));
        Set<FactKey> changed = EnumSet.noneOf(FactKey.class);
        for (FactKey key : stage.kind().settings()) {
            if (!key.follows()
                    && !Objects.equals(
                            before.settings().get(key), stage.settings().get(key))) {
                changed.add(key);
            }
        }
        return changed.stream()
                .map(key -> stage.settings().containsKey(key)
                        ? key.said(stage.settings().get(key))
                        : key.title() + " not stated")
                .toList();
    }
}

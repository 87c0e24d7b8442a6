package app.fluss.core.path;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// The stages of a path, from the game to the eye. No stages is the native path.
///
/// @param stages in the order in which images pass them
public record Chain(List<Stage> stages) {
    /// Nothing between the game and the display.
    public static final Chain NATIVE = new Chain(List.of());

    /// @throws IllegalArgumentException if the stages cannot follow each other, with the reason in words
    public Chain {
        stages = List.copyOf(stages);
        Optional<String> refused = refusal(stages);
        if (refused.isPresent()) {
            throw new IllegalArgumentException(refused.get());
        }
    }

    /// One stage of which nothing is stated yet.
    public static Chain of(StageKind kind) {
        return new Chain(List.of(new Stage(kind)));
    }

    /// Why stages cannot follow each other, in words; empty if they can.
    public static Optional<String> refusal(List<Stage> stages) {
        Set<StageKind> seen = EnumSet.noneOf(StageKind.class);
        for (int i = 0; i < stages.size(); i++) {
            StageKind kind = stages.get(i).kind();
            if (!seen.add(kind)) {
                return Optional.of("There is already a stage of %s.".formatted(kind.title()));
            }
            if (i > 0 && !mayFollow(stages.get(i - 1).kind(), kind)) {
                return Optional.of("%s cannot come after %s: %s"
                        .formatted(
                                capital(kind.title()), stages.get(i - 1).kind().title(), where(kind)));
            }
        }
        if (seen.contains(StageKind.VR_REPROJECTION) && seen.contains(StageKind.DISPLAY_SMOOTHING)) {
            return Optional.of("A headset's panel has no smoothing of its own: reprojection takes its place.");
        }
        return Optional.empty();
    }

    /// A stream's client may itself run a generator that captures.
    private static boolean mayFollow(StageKind before, StageKind after) {
        return before.rank() <= after.rank()
                || (before == StageKind.HOME_STREAM && after == StageKind.CAPTURE_GENERATION);
    }

    private static String where(StageKind kind) {
        return switch (kind) {
            case FRAME_CAP -> "it holds the game back before anything is drawn.";
            case ENGINE_GENERATION -> "it works inside the game, before any other stage.";
            case DRIVER_GENERATION -> "the driver gets what the game presents, before anything captures it.";
            case CAPTURE_GENERATION, SECOND_GPU, OTHER_GENERATION ->
                "it captures a picture on its way to the display, not behind it.";
            case VR_REPROJECTION -> "the compositor runs on the host, before the stream.";
            case HOME_STREAM -> "the stream ends at the client, before its display.";
            case DISPLAY_SMOOTHING -> "the panel is the last to touch an image.";
        };
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /// Whether nothing stands between the game and the display.
    public boolean isNative() {
        return stages.isEmpty();
    }

    /// Whether every image that the game hands on is one that it drew.
    public boolean drawsAll() {
        return stages.stream().allMatch(stage -> stage.kind() == StageKind.FRAME_CAP);
    }

    /// Whether it has a stage of a kind.
    public boolean has(StageKind kind) {
        return stages.stream().anyMatch(stage -> stage.kind() == kind);
    }

    /// Images presented per rendered image, as set; NaN if a generator's multiplier is not stated.
    public double multiplier() {
        return stages.stream().mapToDouble(Stage::multiplier).reduce(1, (a, b) -> a * b);
    }

    /// The settings of all stages; where two have the same setting, the later one's.
    public Map<FactKey, String> settings() {
        Map<FactKey, String> all = new EnumMap<>(FactKey.class);
        stages.forEach(stage -> all.putAll(stage.settings()));
        return all;
    }

    /// Facts that this path is there to change.
    public Set<FactKey> changes() {
        Set<FactKey> changed = EnumSet.noneOf(FactKey.class);
        stages.forEach(stage -> changed.addAll(stage.kind().changes()));
        return changed;
    }

    /// The same and what comes with its stages, as the names by which runs record them: a stream brings its
    /// link and its client along.
    public Set<String> brings() {
        Set<String> names = new TreeSet<>();
        changes().forEach(key -> names.add(key.id()));
        for (Stage stage : stages) {
            for (BenchPart part : stage.kind().brings()) {
                names.add(part.title());
                FactKey.of(part).forEach(key -> names.add(key.id()));
            }
        }
        return names;
    }

    /// With one more stage, at the first place where it can stand.
    ///
    /// @throws IllegalArgumentException if it can stand nowhere, with the reason
    public Chain with(StageKind kind) {
        for (int at = stages.size(); at >= 0; at--) {
            List<Stage> tried = new ArrayList<>(stages);
            tried.add(at, new Stage(kind));
            if (refusal(tried).isEmpty()) {
                return new Chain(tried);
            }
        }
        List<Stage> last = new ArrayList<>(stages);
        last.add(new Stage(kind));
        return new Chain(last);
    }

    /// Without the stage at a place.
    ///
    /// @throws IllegalArgumentException if what is left cannot stand, with the reason
    public Chain without(int at) {
        List<Stage> left = new ArrayList<>(stages);
        left.remove(at);
        return new Chain(left);
    }

    /// With a stage one place earlier.
    ///
    /// @throws IllegalArgumentException if it cannot stand there, with the reason
    public Chain earlier(int at) {
        if (at < 1 || at >= stages.size()) {
            throw new IllegalArgumentException("There is no earlier place for it.");
        }
        List<Stage> moved = new ArrayList<>(stages);
        moved.add(at - 1, moved.remove(at));
        return new Chain(moved);
    }

    /// With the stage at a place set otherwise.
    public Chain with(int at, Stage stage) {
        List<Stage> changed = new ArrayList<>(stages);
        changed.set(at, stage);
        return new Chain(changed);
    }

    /// The same with another cap and another multiplier of its generators.
    ///
    /// @param capFps /s; NaN for none
    /// @param multiplier 2 or more
    public Chain paced(double capFps, int multiplier) {
        List<Stage> set = new ArrayList<>();
        if (!Double.isNaN(capFps)) {
            set.add(new Stage(StageKind.FRAME_CAP, Map.of(FactKey.CAP_FPS, Long.toString(Math.round(capFps)))));
        }
        for (Stage stage : stages) {
            if (stage.kind().isGenerator()) {
                set.add(stage.with(FactKey.MULTIPLIER, Integer.toString(multiplier)));
            } else if (stage.kind() != StageKind.FRAME_CAP) {
                set.add(stage);
            }
        }
        return new Chain(set);
    }

    /// Whether another chain has the same stages with the same settings, and perhaps some that are not stated
    /// here.
    public boolean isStatedMoreFullyBy(Chain other) {
        if (stages.size() != other.stages.size()) {
            return false;
        }
        for (int i = 0; i < stages.size(); i++) {
            Stage here = stages.get(i);
            Stage there = other.stages.get(i);
            if (here.kind() != there.kind()
                    || !there.settings().entrySet().containsAll(here.settings().entrySet())) {
                return false;
            }
        }
        return true;
    }

    /// A name made of the stages and what tells them apart.
    public String proposedName() {
        if (isNative()) {
            return "native";
        }
        List<String> names = new ArrayList<>();
        for (Stage stage : stages) {
            String times = stage.settings().get(FactKey.MULTIPLIER);
            String cap = stage.settings().get(FactKey.CAP_FPS);
            names.add(stage.kind().title() + (times == null ? "" : " " + times + "×") + (cap == null ? "" : " " + cap));
        }
        return String.join(" + ", names);
    }
}

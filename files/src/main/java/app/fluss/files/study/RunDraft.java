package app.fluss.files.study;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.path.Chain;
import java.util.Map;
import java.util.Optional;

/// What is said of a run when it is added.
///
/// @param game name of the game; made if new
/// @param scene name of the scene; made if new
/// @param path name of the path; made if new
/// @param chain stages of a new path
/// @param name of the run
/// @param simulated whether it comes from a simulation
/// @param display the display mode, if stated
/// @param capFps the frame cap, /s; NaN if none is stated
/// @param claimedFps the mean of what a counter said, /s; NaN if nothing was read
/// @param facts recorded facts, name to value
/// @param taking how it was taken
public record RunDraft(
        String game,
        String scene,
        String path,
        Chain chain,
        String name,
        boolean simulated,
        Optional<DisplayMode> display,
        double capFps,
        double claimedFps,
        Map<String, String> facts,
        Taking taking) {
    /// @throws IllegalArgumentException if a name is blank
    public RunDraft {
        if (game.isBlank() || scene.isBlank() || path.isBlank() || name.isBlank()) {
            throw new IllegalArgumentException("game, scene, path and name of the run must not be blank");
        }
        facts = Map.copyOf(facts);
    }

    /// The same under another name.
    public RunDraft named(String other) {
        return new RunDraft(game, scene, path, chain, other, simulated, display, capFps, claimedFps, facts, taking);
    }

    /// The same, taken so.
    public RunDraft taken(Taking so) {
        return new RunDraft(game, scene, path, chain, name, simulated, display, capFps, claimedFps, facts, so);
    }
}

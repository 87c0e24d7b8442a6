package app.fluss.files.study;

import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;

/// What is said of a run when it is added.
///
/// @param game name of the game; made if new
/// @param scene name of the scene; made if new
/// @param path name of the path; made if new
/// @param chain stages of the path as they are
/// @param name of the run
/// @param simulated whether it comes from a simulation
/// @param setup what it was measured on, settings of the path aside
/// @param claimedFps the mean of what a counter said, /s; NaN if nothing was read
/// @param taking how it was taken
public record RunDraft(
        String game,
        String scene,
        String path,
        Chain chain,
        String name,
        boolean simulated,
        Setup setup,
        double claimedFps,
        Taking taking) {
    /// @throws IllegalArgumentException if a name is blank
    public RunDraft {
        if (game.isBlank() || scene.isBlank() || path.isBlank() || name.isBlank()) {
            throw new IllegalArgumentException("game, scene, path and name of the run must not be blank");
        }
    }

    /// The same under another name.
    public RunDraft named(String other) {
        return new RunDraft(game, scene, path, chain, other, simulated, setup, claimedFps, taking);
    }

    /// The same, taken so.
    public RunDraft taken(Taking so) {
        return new RunDraft(game, scene, path, chain, name, simulated, setup, claimedFps, so);
    }

    /// The same, measured on this.
    public RunDraft on(Setup other) {
        return new RunDraft(game, scene, path, chain, name, simulated, other, claimedFps, taking);
    }
}

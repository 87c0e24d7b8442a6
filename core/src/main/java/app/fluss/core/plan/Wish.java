package app.fluss.core.plan;

import app.fluss.core.path.Chain;

/// A path that is still to be measured in a scene.
///
/// @param game number of the game
/// @param scene number of the scene
/// @param sceneS how long the scene takes, s, above 0
/// @param path number of the path
/// @param chain its stages
/// @param repeats how often, 0 or more; 0 where a native path is only wanted at both ends
public record Wish(long game, long scene, int sceneS, long path, Chain chain, int repeats) {
    /// @throws IllegalArgumentException outside the ranges
    public Wish {
        if (sceneS < 1 || repeats < 0) {
            throw new IllegalArgumentException(
                    "sceneS must be at least 1 and repeats at least 0, got %d and %d".formatted(sceneS, repeats));
        }
    }
}

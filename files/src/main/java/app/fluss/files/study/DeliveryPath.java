package app.fluss.files.study;

import app.fluss.core.path.Chain;

/// What happens to a game's images between the game and the eye.
///
/// @param id its number in the study
/// @param name unique in the study
/// @param chain its stages
public record DeliveryPath(long id, String name, Chain chain) {
    /// Whether nothing stands between the game and the display.
    public boolean isNative() {
        return chain.isNative();
    }

    /// Images presented per rendered image, as set; NaN if not stated.
    public double multiplier() {
        return chain.multiplier();
    }
}

package app.fluss.app.model;

import app.fluss.core.gpu.CopyRoute;
import app.fluss.core.gpu.GainPrice;
import app.fluss.core.gpu.LoadModel;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Outcome;
import app.fluss.core.tune.FasterCard;
import java.util.List;
import java.util.Optional;

/// What is worked out of a path whose images are made on a second card.
///
/// @param route how images get to it, as the path is set; empty where a fact is missing
/// @param otherRoute the same with the display's cable in the other card
/// @param noRoute which facts are missing, in words; empty where none is
/// @param renderedFps images a second that are copied
/// @param measured runs of the scene with the card's load
/// @param load the fit through them; empty where there is none
/// @param noLoad why not, in words
/// @param withoutCard native runs with the card out against those with it in
/// @param supply whether the supply is enough
/// @param connectors whether each has its own cable, as stated
/// @param price what the card costs for what it gives; empty where no price is stated
/// @param fasterPrice the same of a faster first card
/// @param faster what that would give; empty where its speed is not stated, or there is no native log
public record SecondCard(
        Optional<CopyRoute> route,
        Optional<CopyRoute> otherRoute,
        String noRoute,
        Figure renderedFps,
        List<Measured> measured,
        Optional<LoadModel> load,
        String noLoad,
        Optional<Comparison> withoutCard,
        Outcome supply,
        Optional<String> connectors,
        Optional<GainPrice> price,
        Optional<GainPrice> fasterPrice,
        Optional<FasterCard> faster) {
    /// A run as a point of the fit.
    ///
    /// @param path its path's name
    /// @param point work and load
    public record Measured(String path, LoadModel.Point point) {}
}

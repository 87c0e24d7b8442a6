package app.fluss.core.path;

import app.fluss.core.bench.CardPlace;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.gpu.CopyRoute;
import app.fluss.core.gpu.Slot;
import java.util.List;
import java.util.Optional;

/// The copies to a second card, as far as facts state them.
public final class StatedCopy {
    private StatedCopy() {}

    /// The facts that are missing to say how long one takes; empty if none is.
    public static List<FactKey> missing(Setup setup) {
        return setup.missing(
                FactKey.SECOND_SLOT_GENERATION,
                FactKey.SECOND_SLOT_LANES,
                FactKey.WIDTH_PX,
                FactKey.HEIGHT_PX,
                FactKey.COPY_BYTES);
    }

    /// The route that images take.
    ///
    /// @param cableInSecond whether the display's cable is in the second card
    /// @param multiplier images presented for each rendered one; NaN, if it is not stated, counts as 1
    /// @return empty where a fact is missing
    public static Optional<CopyRoute> route(Setup setup, boolean cableInSecond, double multiplier) {
        if (!missing(setup).isEmpty()) {
            return Optional.empty();
        }
        Slot slot = new Slot(
                (int) setup.number(FactKey.SECOND_SLOT_GENERATION), (int) setup.number(FactKey.SECOND_SLOT_LANES));
        return Optional.of(CopyRoute.of(
                slot,
                (int) setup.number(FactKey.WIDTH_PX),
                (int) setup.number(FactKey.HEIGHT_PX),
                (int) setup.number(FactKey.COPY_BYTES),
                cableInSecond,
                multiplier > 1 ? (int) Math.rint(multiplier) : 1));
    }

    /// How long one copy takes, ms; NaN where a fact is missing.
    public static double ms(Setup setup) {
        return route(setup, true, 1).map(CopyRoute::copyMs).orElse(Double.NaN);
    }

    /// Whether the display's cable is where it should be. It counts as there unless the other card is stated.
    public static boolean isCableInSecond(Setup setup) {
        return !setup.is(FactKey.CABLE_IN, CardPlace.FIRST_CARD);
    }
}

package app.fluss.core.vr;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.ScaleBasis;
import app.fluss.core.bench.Setup;
import app.fluss.core.bench.TypedScale;
import java.util.List;
import java.util.Optional;

/// What an application draws for a headset: both eyes' panels, the margin that lenses take, and the render
/// scale on top.
///
/// @param eyeWidthPx panel width for an eye, px, above 0
/// @param eyeHeightPx panel height for an eye, px, above 0
/// @param margin what is drawn beyond the panel at scale 1, 0.4 for 40 %; 30 to 50 % is common practice, no source
/// @param marginPerAxis whether the margin is meant for each axis, and not for the area
/// @param scale render scale, 1 for 100 %, above 0
/// @param scalePerAxis whether the scale is meant for each axis, and not for the area
public record RenderTarget(
        double eyeWidthPx,
        double eyeHeightPx,
        double margin,
        boolean marginPerAxis,
        double scale,
        boolean scalePerAxis) {
    private static final double MEGA = 1e6;

    /// @throws IllegalArgumentException outside the ranges
    public RenderTarget {
        if (!(eyeWidthPx > 0 && eyeHeightPx > 0 && margin >= 0 && scale > 0)) {
            throw new IllegalArgumentException(
                    "eyes and scale must be above 0, margin 0 or more, got %s × %s, %s and %s"
                            .formatted(eyeWidthPx, eyeHeightPx, scale, margin));
        }
    }

    /// From the facts of a run. A margin that is not stated is none; a margin is by area and a scale for each axis
    /// where the basis is not stated.
    ///
    /// @return empty where panel or scale are not stated
    public static Optional<RenderTarget> stated(Setup setup) {
        double width = setup.number(FactKey.EYE_WIDTH_PX);
        double height = setup.number(FactKey.EYE_HEIGHT_PX);
        double margin = setup.number(FactKey.TARGET_MARGIN_PCT) / 100;
        double scale = setup.value(FactKey.RENDER_SCALE).map(TypedScale::of).orElse(Double.NaN);
        return width > 0 && height > 0 && scale > 0
                ? Optional.of(new RenderTarget(
                        width,
                        height,
                        margin >= 0 ? margin : 0,
                        isPerAxis(setup, FactKey.MARGIN_BASIS, false),
                        scale,
                        isPerAxis(setup, FactKey.RENDER_SCALE_BASIS, true)))
                : Optional.empty();
    }

    /// Facts that [#stated] misses.
    public static List<FactKey> missing(Setup setup) {
        return setup.missing(FactKey.EYE_WIDTH_PX, FactKey.EYE_HEIGHT_PX, FactKey.RENDER_SCALE);
    }

    private static boolean isPerAxis(Setup setup, FactKey basis, boolean otherwise) {
        return setup.choice(basis, ScaleBasis.class)
                .map(ScaleBasis.EACH_AXIS::equals)
                .orElse(otherwise);
    }

    /// Pixels of both eyes that are drawn, millions.
    public double megapixels() {
        double panels = 2 * eyeWidthPx * eyeHeightPx / MEGA;
        return panels * area(1 + margin, marginPerAxis) * area(scale, scalePerAxis);
    }

    private static double area(double factor, boolean perAxis) {
        return perAxis ? factor * factor : factor;
    }

    /// The same at another scale, on the same basis.
    public RenderTarget atScale(double other) {
        return new RenderTarget(eyeWidthPx, eyeHeightPx, margin, marginPerAxis, other, scalePerAxis);
    }
}

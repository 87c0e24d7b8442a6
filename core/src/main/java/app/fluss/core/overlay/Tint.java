package app.fluss.core.overlay;

import java.util.Optional;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.stat.descriptive.MultivariateSummaryStatistics;

/// How the colour of a text is told best from the scene behind it: the mix of the three planes that sets the two apart
/// most, measured by how far the scene strays. That is the linear discriminant of R. A. Fisher, "The use of multiple
/// measurements in taxonomic problems", Annals of Eugenics 7 (1936); from memory.
///
/// @param weights of the planes: their mix is 1 more for the text than for the scene
/// @param scene the mix of the mean of the scene
/// @param apart how far text and scene are apart, in deviations of the scene
record Tint(RealVector weights, double scene, double apart) {
    private static final int SAMPLES = 60;
    private static final int EVERY = 3;
    private static final int PASSES = 3;
    /// What lies further towards the text is none of the scene.
    private static final double TOWARDS = 0.3;
    /// What coding makes of a colour that never changes, squared.
    private static final double LEAST_VARIANCE = 4;
    /// Of text and scene, at least.
    private static final double APART = 4;
    private static final double MORE_THAN_BRIGHTNESS = 1.5;

    /// Empty where nothing tells the two apart, or brightness alone does about as well.
    ///
    /// @param ink of the text
    static Optional<Tint> of(Crops crops, Ink ink) {
        RealVector text = new ArrayRealVector(new double[] {ink.y(), ink.u(), ink.v()});
        Tint tint = new Tint(new ArrayRealVector(Crops.PLANES), 0, 0);
        double byBrightness = 0;
        for (int pass = 0; pass < PASSES; pass++) {
            MultivariateSummaryStatistics scene = tint.scene(crops);
            if (scene.getN() <= Crops.PLANES) {
                return Optional.empty();
            }
            RealVector mean = new ArrayRealVector(scene.getMean());
            RealMatrix strays = scene.getCovariance();
            for (int plane = 0; plane < Crops.PLANES; plane++) {
                strays.addToEntry(plane, plane, LEAST_VARIANCE);
            }
            RealVector off = text.subtract(mean);
            RealVector best = new CholeskyDecomposition(strays).getSolver().solve(off);
            double squared = off.dotProduct(best);
            if (squared <= 0) {
                return Optional.empty();
            }
            tint = new Tint(best.mapDivide(squared), mean.dotProduct(best) / squared, Math.sqrt(squared));
            byBrightness = Math.abs(off.getEntry(0)) / Math.sqrt(strays.getEntry(0, 0));
        }
        return tint.apart >= Math.max(APART, MORE_THAN_BRIGHTNESS * byBrightness)
                ? Optional.of(tint)
                : Optional.empty();
    }

    /// How much a plane counts.
    double weight(int plane) {
        return weights.getEntry(plane);
    }

    /// The pixels that are none of the text.
    private MultivariateSummaryStatistics scene(Crops crops) {
        MultivariateSummaryStatistics scene = new MultivariateSummaryStatistics(Crops.PLANES);
        int pixels = crops.width() * crops.height();
        byte[] crop = new byte[Crops.PLANES * pixels];
        int looks = Math.min(SAMPLES, crops.size());
        for (int i = 0; i < looks; i++) {
            crops.read((int) ((long) i * crops.size() / looks), crop);
            for (int at = i % EVERY; at < pixels; at += EVERY) {
                double[] colour = {crop[at] & 0xFF, crop[pixels + at] & 0xFF, crop[2 * pixels + at] & 0xFF};
                if (apart == 0 || weights.dotProduct(new ArrayRealVector(colour, false)) - this.scene < TOWARDS) {
                    scene.addValue(colour);
                }
            }
        }
        return scene;
    }
}

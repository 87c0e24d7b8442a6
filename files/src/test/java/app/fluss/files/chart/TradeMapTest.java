package app.fluss.files.chart;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Estimate;
import app.fluss.core.compare.Level;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.TextFace;
import java.util.List;
import java.util.Optional;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.junit.jupiter.api.Test;

class TradeMapTest {
    private static TradeMap.Arrow arrow(String name, double ratio, double addedMs) {
        Difference.Side side =
                new Difference.Side(Level.without(Figure.of(60), "one run"), 1, Optional.of(Grade.B), Optional.empty());
        Estimate gain = Estimate.without(Figure.of(60 * (ratio - 1)), Figure.of(ratio), "one run");
        return new TradeMap.Arrow(
                name,
                new Difference(side, side, gain, Double.NaN, true, ""),
                LatencyDifference.estimated(Figure.of(addedMs)),
                true,
                Grade.B);
    }

    private static final TradeMap MAP =
            new TradeMap(List.of(arrow("quick", 1.2, -4), arrow("slow", 2.9, 40)), Optional.of("slow"));

    /// Each arrow's head is found where it is drawn, at any size, and nothing far from all heads.
    @Test
    void aHeadIsFoundWhereItIsDrawn() {
        for (double scale : new double[] {1, 1.6}) {
            for (double width : new double[] {400, 1200}) {
                double found = 0;
                for (double x = 0; x < width; x += 4) {
                    for (double y = 0; y < 330 * scale; y += 4) {
                        List<TradeMap.Arrow> at = MAP.nearest(x, y, width, 330 * scale, scale).stream()
                                .toList();
                        found += at.size();
                        // Added latency goes across, gain up.
                        boolean right = x > width / 2 && y < 165 * scale;
                        assertThat(at).allMatch(one -> one.name().equals(right ? "slow" : "quick"));
                    }
                }
                double area = found * 16 / (2 * Math.PI * Math.pow(22 * scale, 2));
                assertThat(area).as("two discs of the reach").isBetween(0.6, 1.1);
            }
        }
    }

    @Test
    void whatCannotBeDrawnIsLeftOutAndTheRestIsInTheTable() {
        TradeMap map = new TradeMap(
                List.of(
                        arrow("quick", 1.2, -4),
                        new TradeMap.Arrow(
                                "unknown",
                                MAP.arrows().getFirst().gain(),
                                LatencyDifference.estimated(Figure.missing("no estimate")),
                                true,
                                Grade.B)),
                Optional.empty());
        assertThat(map.data().rows()).hasSize(1);
        assertThat(map.data().rows().getFirst())
                .startsWith("quick", "1.2", "", "", "-4")
                .endsWith("stages", "B");
        assertThat(map.alternative()).contains("quick: 1.20 times native, −4.0 ms estimated");
    }

    /// Pictures and PDF have no other face to fall back to.
    @Test
    void everyLetterThatIsDrawnIsInTheFace() throws Exception {
        String svg = MAP.picture(700).inlineSvg("t");
        try (TrueTypeFont face =
                new TTFParser().parse(new RandomAccessReadBuffer(TextFace.bytes(TextFace.Weight.REGULAR)))) {
            String words = svg.replaceAll("<[^>]*>", "") + Numbers.NEUTRAL.text(-12345.6, 1);
            for (int letter : words.codePoints().filter(c -> c != '\n').toArray()) {
                assertThat(face.getUnicodeCmapLookup().getGlyphId(letter))
                        .as(Character.toString(letter))
                        .isPositive();
            }
        }
    }
}

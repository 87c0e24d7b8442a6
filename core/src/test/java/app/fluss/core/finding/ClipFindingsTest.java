package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Figure;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.picture.PictureCount.Kind;
import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class ClipFindingsTest {
    private static List<String> codes(Kind kind, int distinct, int pictures, double claimed) {
        PictureCount count = new PictureCount(pictures, distinct, Figure.of(3), new TreeMap<>(), 2, Double.NaN, kind);
        return ClipFindings.of(count, 60, claimed).stream().map(Finding::code).toList();
    }

    @Test
    void aCounterIsHeldAgainstWhatCanBeSeen() {
        assertThat(codes(Kind.MIXED, 150, 360, 50)).containsExactly("phantom-images");
        assertThat(codes(Kind.MIXED, 290, 360, 50))
                .as("within the usual jumping")
                .isEmpty();
        assertThat(codes(Kind.MIXED, 150, 360, Double.NaN))
                .as("nothing was claimed")
                .isEmpty();
        assertThat(codes(Kind.MIXED, 150, 360, 120))
                .as("of 120 images/s a clip of 60 would show a new one in every picture")
                .containsExactly("phantom-images");
        assertThat(codes(Kind.MIXED, 350, 360, 120))
                .as("nearly every picture is new: the clip cannot tell 120 images from 60")
                .isEmpty();
    }

    @Test
    void clipsThatCannotTellSaySo() {
        assertThat(codes(Kind.NOTHING_MOVES, 1, 360, 50)).containsExactly("clip-still");
        assertThat(codes(Kind.ALL_CHANGE, 360, 360, 50)).containsExactly("clip-all-distinct");
        assertThat(codes(Kind.MIXED, 50, 100, Double.NaN)).containsExactly("clip-short");
    }
}

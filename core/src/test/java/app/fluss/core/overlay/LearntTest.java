package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/// How much of a text must be read before it is taken for the text.
class LearntTest {
    private static final InkSearch.Found FOUND = new InkSearch.Found(new Ink(255, 128, 128, 24), 0, 0, 1);

    private static boolean isTrusted(double sureShare, double strangeShare, int figures, boolean backed) {
        return isTrusted(sureShare, strangeShare, figures, backed, false);
    }

    private static boolean isTrusted(
            double sureShare, double strangeShare, int figures, boolean backed, boolean alone) {
        return learnt(sureShare, strangeShare, figures, backed, alone).isTrusted();
    }

    private static Learner.Learnt learnt(
            double sureShare, double strangeShare, int figures, boolean backed, boolean alone) {
        Template.Frame frame = new Template.Frame(1, 1, 0, 1, 1);
        Scenery scenery = new Scenery(frame, new Background(new double[] {0}, new double[] {1}), 1);
        LineReader reader = new LineReader(
                frame, scenery, List.of(), new boolean[0][], new boolean[3], FOUND, FigureShapes.NONE, new Span(0, 1));
        NumberPlace place =
                new NumberPlace(0, 1, sureShare, sureShare, strangeShare, figures, Spacing.UNKNOWN, false, alone);
        return new Learner.Learnt(reader, place, List.of(), FOUND, backed);
    }

    @Test
    void mostOfItIsReadWhereFewFiguresAreKnown() {
        assertThat(isTrusted(0.8, 0, 4, true)).isTrue();
        assertThat(isTrusted(0.6, 0.4, 4, true)).as("the rest has no name").isFalse();
        assertThat(isTrusted(0.6, 0.4, 6, true))
                .as("those without a name are taken for others")
                .isFalse();
        assertThat(isTrusted(0.5, 0.4, 8, true)).isTrue();
        assertThat(isTrusted(0.5, 0, 8, true)).isFalse();
    }

    @Test
    void lessWillDoWhereNearlyAllFiguresArePlain() {
        assertThat(isTrusted(0.6, 0, 9, true)).isTrue();
        assertThat(isTrusted(0.6, 0, 9, false)).isFalse();
        assertThat(isTrusted(0.5, 0, 9, true)).isFalse();
    }

    @Test
    void figuresThatStandAloneAreOfSeveralKinds() {
        assertThat(isTrusted(0.8, 0, 2, true, true))
                .as("the ring of a %, and a piece of it")
                .isFalse();
        assertThat(isTrusted(0.8, 0, 2, true, false)).as("59 and 95").isTrue();
        assertThat(isTrusted(0.8, 0, 4, true, true)).as("6 to 9 ms").isTrue();
    }

    @Test
    void aWayThatIsSureOfFewPicturesIsNotHeardBesideOneThatIsOfNearlyAll() {
        Learner.Learnt plain = learnt(0.99, 0, 10, true, false);
        Learner.Learnt faint = learnt(0.42, 0.45, 10, true, false);
        assertThat(faint.isTrusted()).as("alone it would be").isTrue();
        assertThat(faint.isFaintBeside(plain)).isTrue();
        assertThat(plain.isFaintBeside(faint)).isFalse();
        assertThat(learnt(0.7, 0.1, 10, true, false).isFaintBeside(plain)).isFalse();
        assertThat(faint.isFaintBeside(learnt(0.99, 0, 3, true, false)))
                .as("few figures may be chance")
                .isFalse();
    }
}

package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.compare.Wilson;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Limits;
import app.fluss.core.stream.PacketLog;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.TrafficShape;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.stream.blame.ClientHitch;
import app.fluss.core.verdict.School;
import app.fluss.core.vr.HeadsetClaims;
import app.fluss.core.vr.Reprojection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class StreamAndHeadsetFindingsTest {
    private static final FrameLog NONE = FrameLog.presentedAt(new double[0], 0).build();

    private static final Limits CARD =
            new Limits(Figure.of(0.9), Figure.of(0), Figure.of(0), Figure.of(0.1), Figure.of(0), false);

    private static List<ClientHitch> hitches(int count, Cause cause) {
        List<ClientHitch> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(new ClientHitch(i, i * 100, i * 100 + 60, i, 43, cause, 0.9));
        }
        return all;
    }

    private static List<Finding> of(List<ClientHitch> hitches) {
        return StreamFindings.of(hitches, Alignment.of(NONE, NONE));
    }

    @Test
    void theMainCauseIsTheFaultAndTheOthersAreWarnings() {
        List<ClientHitch> all = new ArrayList<>(hitches(9, Cause.NETWORK));
        all.addAll(hitches(4, Cause.GAME));
        all.addAll(hitches(2, Cause.DECODER));
        List<Finding> found = of(all);
        assertThat(found).extracting(Finding::code).startsWith("stream-network", "stream-game");
        assertThat(found.getFirst().severity()).isEqualTo(Severity.FAULT);
        assertThat(found.getFirst().text()).contains("9 of 15 hitches").contains("cable");
        assertThat(found.get(1).text()).contains("without the stream, too");
        assertThat(found).extracting(Finding::code).as("two are too few").doesNotContain("stream-decoder");
        assertThat(found)
                .extracting(Finding::code)
                .as("nothing lines these logs up")
                .contains("logs-lined-up-loosely");
    }

    @Test
    void whatIsNotKnownIsANoteAndNothingIsNothing() {
        assertThat(of(hitches(5, Cause.UNKNOWN))).singleElement().satisfies(finding -> {
            assertThat(finding.code()).isEqualTo("stream-unknown");
            assertThat(finding.severity()).isEqualTo(Severity.NOTE);
            assertThat(finding.text()).contains("do not tell");
        });
        assertThat(of(List.of())).isEmpty();
    }

    private static ProbeReport probe(double lateMs, int lost) {
        TrafficShape shape = new TrafficShape(50, 0.48, 0.02, 1, false); // one packet an image
        int images = 500;
        double[] sent = new double[images];
        double[] received = new double[images];
        for (int i = 0; i < images; i++) {
            sent[i] = i * 20;
            received[i] = i < lost ? Double.NaN : sent[i] + 5 + (i % 10 == 9 ? lateMs : 0);
        }
        long[] sequence = LongStream.range(0, images).toArray();
        return ProbeReport.of(new ProbeTrace(
                shape,
                images,
                new PacketLog(sequence, sent, received),
                new PacketLog(new long[] {0}, new double[] {0}, new double[] {3}),
                false));
    }

    @Test
    void aBufferThatIsTooShortAndALinkThatLoses() {
        assertThat(StreamFindings.of(probe(2, 0), 4)).isEmpty();
        assertThat(StreamFindings.of(probe(7, 0), 4)).singleElement().satisfies(finding -> {
            assertThat(finding.code()).isEqualTo("stream-late");
            assertThat(finding.text()).contains("90 %").contains("A buffer of 7.0 ms would do");
        });
        assertThat(StreamFindings.of(probe(7, 0), Double.NaN))
                .as("no buffer is stated")
                .isEmpty();
        assertThat(StreamFindings.of(probe(2, 10), 4))
                .extracting(Finding::code)
                .containsExactly("stream-late", "link-loses");
        assertThat(StreamFindings.of(probe(2, 10), 4).getFirst().text()).contains("No buffer replaces lost packets");
        assertThat(StreamFindings.of(probe(2, 10), 4).getLast().text())
                .contains("2.00 %")
                .contains("10 in a row");
    }

    private static Reprojection shown(double full, double half, double below, double even) {
        long refreshes = 1000;
        long without = Math.round(refreshes * (half / 2 + below * 2 / 3));
        return new Reprojection(
                refreshes,
                without,
                Figure.of((double) without / refreshes),
                Optional.of(Wilson.of(without, refreshes)),
                Figure.of(refreshes),
                Figure.of(full),
                Figure.of(half),
                Figure.of(below),
                below > 0 ? 2 : half > 0 ? 1 : 0,
                Figure.of(even),
                Figure.of(90.0 * (refreshes - without) / refreshes),
                false);
    }

    private static List<String> codes(Reprojection seen) {
        return HeadsetFindings.of(seen, CARD).stream().map(Finding::code).toList();
    }

    @Test
    void headsetsByWhatTheySchoolsWant() {
        assertThat(codes(shown(1, 0, 0, 1))).isEmpty();
        assertThat(codes(shown(0.02, 0.98, 0, 0.98))).containsExactly("vr-half-rate");
        assertThat(codes(shown(0.4, 0.6, 0, 0.57))).containsExactly("vr-not-full", "vr-uneven");
        assertThat(codes(shown(0.1, 0.7, 0.2, 0.6))).containsExactly("vr-below-half", "vr-not-full", "vr-uneven");
        assertThat(HeadsetFindings.of(shown(0.1, 0.7, 0.2, 0.6), CARD)
                        .getFirst()
                        .text())
                .contains("20 % of the time")
                .contains("limited by the card")
                .contains("Stop at the first sign of sickness");
        assertThat(Stream.of(School.FULL_RATE_ONLY, School.STEADY_HALF_RATE)
                        .map(school -> HeadsetClaims.refusal(school, shown(0.02, 0.98, 0, 0.98))
                                .isPresent()))
                .as("half rate suits one of the two")
                .containsExactly(true, false);
    }
}

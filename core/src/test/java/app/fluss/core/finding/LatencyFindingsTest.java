package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement.LightQuality;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Need;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.Requirement;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LatencyFindingsTest {
    private static LatencyFigures figures(int answered, int missed) {
        double[] samples = new double[answered + missed];
        Arrays.fill(samples, Double.NaN);
        for (int i = 0; i < answered; i++) {
            samples[i] = 30 + i % 5;
        }
        return LatencyFigures.of(samples);
    }

    private static List<String> codes(List<Finding> findings) {
        return findings.stream().map(Finding::code).toList();
    }

    @Test
    void samplesSayWhatTheyAreWorth() {
        assertThat(codes(LatencyFindings.of(figures(40, 1)))).isEmpty();
        assertThat(codes(LatencyFindings.of(figures(19, 0)))).containsExactly("few-samples");
        assertThat(codes(LatencyFindings.of(figures(40, 10)))).containsExactly("missed-trials");
        assertThat(codes(LatencyFindings.of(figures(0, 4)))).containsExactly("no-samples", "missed-trials");
    }

    @Test
    void tracesSayWhatTheyAreWorth() {
        LatencyFigures good = figures(40, 0);
        assertThat(codes(LatencyFindings.of(new LightQuality(Double.NaN, Double.NaN, 0.02, 0.01, false), good, 0)))
                .isEmpty();
        assertThat(codes(LatencyFindings.of(LightQuality.UNKNOWN, good, 0))).isEmpty();
        assertThat(codes(LatencyFindings.of(new LightQuality(240, 50, 0.3, 0.5, true), good, 1)))
                .containsExactly(
                        "channels-swapped",
                        "ambiguous-trials",
                        "light-clipped",
                        "noisy-light",
                        "hum-removed",
                        "ripple-removed");
    }

    private static Judgement judged(String id, Outcome.State state) {
        Requirement requirement = new Requirement(
                id,
                Set.of(),
                Set.of(),
                Requirement.Scope.SETUP,
                new Need.Seen(),
                "It is so.",
                "It matters.",
                "Make it so.",
                "");
        return new Judgement(requirement, new Outcome(state, "what was seen"), false);
    }

    @Test
    void whatWasNotMetTravelsAndWhatNobodyKnewIsOneNote() {
        List<Finding> found = RequirementFindings.of(List.of(
                judged("cable-in-second", Outcome.State.NOT_MET),
                judged("same-route", Outcome.State.UNKNOWN),
                judged("temperature-settled", Outcome.State.UNKNOWN),
                judged("output-60", Outcome.State.MET)));
        assertThat(codes(found)).containsExactly("cable-in-second", "requirements-unknown");
        assertThat(found.getFirst().text()).isEqualTo("It is so. Not met: what was seen. It matters. Make it so.");
        assertThat(found.getLast().seen()).contains("same route, temperature settled");
        assertThat(RequirementFindings.of(List.of())).isEmpty();
    }
}

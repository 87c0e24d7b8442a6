package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.Measurement.InputQuality;
import app.fluss.core.latency.Measurement.LightQuality;
import app.fluss.core.latency.Measurement.Source;
import app.fluss.core.latency.edge.Doubt;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.PressKind;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Need;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.Requirement;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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

    private static Measurement measured(InputQuality input, LightQuality light, Trial... trials) {
        return new Measurement(Source.TRACE, EdgeSettings.DEFAULT, 4000, List.of(trials), input, light);
    }

    private static Trial trial(Trial.State state, Doubt doubt) {
        return new Trial(100, 130, 0, 1, state, doubt);
    }

    @Test
    void tracesSayWhatTheyAreWorth() {
        LatencyFigures good = figures(40, 0);
        LightQuality clean = new LightQuality(Double.NaN, Double.NaN, Double.NaN, 0.02, 0.01, false);
        assertThat(codes(LatencyFindings.of(measured(InputQuality.UNKNOWN, clean), good, List.of())))
                .isEmpty();
        assertThat(codes(LatencyFindings.of(measured(InputQuality.UNKNOWN, LightQuality.UNKNOWN), good, List.of())))
                .isEmpty();
        Trial open = trial(Trial.State.AMBIGUOUS, Doubt.TWO_CHANGES);
        Measurement poor = measured(
                new InputQuality(Optional.of(PressKind.LOW), true),
                new LightQuality(240, 50, 40, 0.3, 0.5, true),
                open,
                new Trial(900, 930, 0, 1, Trial.State.ACCEPTED, Doubt.ON_PLATEAU));
        List<Finding> found = LatencyFindings.of(poor, good, List.of(open));
        assertThat(codes(found))
                .containsExactlyInAnyOrder(
                        "channels-swapped",
                        "press-unclear",
                        "ambiguous-trials",
                        "threshold-on-plateau",
                        "light-clipped",
                        "noisy-light",
                        "coupling-restored",
                        "hum-removed",
                        "ripple-removed");
        Measurement close = measured(
                InputQuality.UNKNOWN,
                clean,
                trial(Trial.State.ACCEPTED, Doubt.NONE),
                new Trial(220, 250, 0, 1, Trial.State.ACCEPTED, Doubt.NONE));
        assertThat(codes(LatencyFindings.of(close, good, List.of()))).containsExactly("clicks-close");
        assertThat(found)
                .anySatisfy(finding -> assertThat(finding.seen()).contains("two changes of the light compete (1)"));
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

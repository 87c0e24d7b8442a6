package app.fluss.files.simulated;

import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Size;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/// A scenario that comes with Fluss, as a run of a drill: with its one fault, or without one where its
/// frames show none.
///
/// @param name of the scenario
/// @param fault that its frames show
public record DrillCase(String name, Fault fault) {
    private static final double SECONDS = 40;

    /// What the frames of each scenario show. One that is not listed shows nothing wrong in them: it has
    /// no fault, or one of its latency or its display.
    private static final Map<String, Fault> FAULTS = Map.ofEntries(
            Map.entry("vr-half-rate", Fault.BELOW_FULL_RATE),
            Map.entry("vr-below-half-rate", Fault.BELOW_FULL_RATE),
            Map.entry("vr-uneven-scale", Fault.UNEVEN_CADENCE),
            Map.entry("base-low", Fault.BASE_TOO_LOW),
            Map.entry("base-collapse", Fault.COUNTER_BLIND),
            Map.entry("second-gpu-full", Fault.CANNOT_FOLLOW),
            Map.entry("base-creep", Fault.CANNOT_FOLLOW),
            Map.entry("slot-narrow", Fault.CANNOT_FOLLOW),
            Map.entry("counter-blind", Fault.COUNTER_BLIND),
            Map.entry("phantom-images", Fault.PHANTOM_IMAGES),
            Map.entry("capture-locked-60", Fault.CAPTURE_LOCKED),
            Map.entry("not-engaged", Fault.NOT_ENGAGED),
            Map.entry("above-refresh", Fault.ABOVE_REFRESH),
            Map.entry("uneven-cadence", Fault.UNEVEN_CADENCE),
            Map.entry("stream-host-hitch", Fault.HITCHES),
            Map.entry("stream-network-hitch", Fault.HITCHES),
            Map.entry("stream-decoder-hitch", Fault.HITCHES),
            Map.entry("cpu-crowd", Fault.CPU_LIMIT),
            Map.entry("memory-full", Fault.MEMORY_FULL),
            Map.entry("battery-limit", Fault.CLOCK_DROP));

    /// What is true of a scenario besides, so that naming it is no mistake.
    private static final Map<String, Set<Fault>> ALSO = Map.of(
            "second-gpu-full", Set.of(Fault.ABOVE_REFRESH),
            "slot-narrow", Set.of(Fault.BASE_TOO_LOW),
            "memory-full", Set.of(Fault.HITCHES),
            "cpu-crowd", Set.of(Fault.HITCHES));

    /// Whether it is right to name a fault.
    public boolean accepts(Fault named) {
        return named == fault || ALSO.getOrDefault(name, Set.of()).contains(named);
    }

    /// One for each scenario that comes with Fluss.
    public static List<DrillCase> all() {
        return ReadyScenario.names().stream()
                .map(name -> new DrillCase(name, FAULTS.getOrDefault(name, Fault.NONE)))
                .toList();
    }

    /// A run of it.
    ///
    /// @param scenario what was simulated
    /// @param fromMs where the fault sets in
    /// @param toMs where it ends
    /// @param analysis the figures of its frames
    public record Run(Scenario scenario, double fromMs, double toMs, Analysis analysis) {}

    /// Makes a run.
    ///
    /// @param size how large the fault is
    /// @param seed of the run, and of where the fault sets in
    public Run run(Size size, long seed) {
        Scenario faulty = ReadyScenario.named(name).withSeed(seed).lasting(SECONDS);
        // What was left off is off for the whole run.
        boolean isWhole = fault == Fault.NONE || fault == Fault.NOT_ENGAGED;
        double share = isWhole ? 1 : size.share();
        double from = (1 - share) * SECONDS * 1000 * new Random(seed).nextDouble();
        double to = from + share * SECONDS * 1000;
        SimulatedRun wrong = Simulation.run(faulty);
        SimulatedRun right = share < 1 ? Simulation.run(WithoutFault.of(fault, faulty)) : wrong;
        FrameLog log = share < 1 ? Splice.of(right.log(), wrong.log(), from, to) : wrong.log();
        // A headset has no counter, and a stream's counts at its host.
        boolean isCounted = faulty.headset().isEmpty() && faulty.stream().isEmpty();
        double claimed = isCounted ? readings(right, wrong, from, to) : Double.NaN;
        AnalysisSettings settings = AnalysisSettings.NONE
                .withDisplay(faulty.display().mode())
                .withMultiplier(faulty.generator().map(Generator::multiplier).orElse(1))
                .withClaimed(Figure.ofFinite(claimed, "no counter was read"));
        return new Run(faulty, from, to, Analysis.of(log.all(), settings));
    }

    private static double readings(SimulatedRun right, SimulatedRun wrong, double fromMs, double toMs) {
        return wrong.readings().stream()
                .mapToDouble(reading -> reading.second() * 1000.0 > fromMs && reading.second() * 1000.0 <= toMs
                        ? reading.claimedFps()
                        : right.readings().stream()
                                .filter(other -> other.second() == reading.second())
                                .mapToDouble(SimulatedRun.Reading::claimedFps)
                                .findFirst()
                                .orElse(reading.claimedFps()))
                .average()
                .orElse(Double.NaN);
    }
}

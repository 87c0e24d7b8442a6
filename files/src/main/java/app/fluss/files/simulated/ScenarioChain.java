package app.fluss.files.simulated;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.GenerationWay;
import app.fluss.core.bench.RateHeld;
import app.fluss.core.bench.Switched;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Headset;
import app.fluss.sim.scenario.Scenario;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/// The path that a scenario simulates, as stages.
final class ScenarioChain {
    private static final double DECIMALS = 10_000;

    private ScenarioChain() {}

    /// @param said the path as the user described it: what kind of generator it is, where the scenario
    ///     could be either
    static Chain of(Scenario scenario, Chain said) {
        List<Stage> stages = new ArrayList<>();
        scenario.generator().ifPresent(generator -> stages.add(generator(scenario, generator, said)));
        scenario.headset()
                .filter(_ -> !said.isNative())
                .ifPresent(headset -> stages.add(
                        new Stage(StageKind.VR_REPROJECTION, Map.of(FactKey.REPROJECTION_LOCK, lock(headset)))));
        scenario.stream()
                .ifPresent(stream -> stages.add(new Stage(
                        StageKind.HOME_STREAM,
                        Map.of(
                                FactKey.BITRATE_MBPS, text(stream.bitRateMbps()),
                                FactKey.STREAM_FPS, text(stream.fps()),
                                FactKey.ENCODE_MS, text(stream.encode().medianMs()),
                                FactKey.ADAPTIVE_RATE, Switched.OFF.word()))));
        if (stages.isEmpty()
                && !said.isNative()
                && !Double.isNaN(scenario.game().capFps())) {
            stages.add(new Stage(
                    StageKind.FRAME_CAP,
                    Map.of(FactKey.CAP_FPS, text(scenario.game().capFps()))));
        }
        scenario.display()
                .smoothing()
                .ifPresent(smoothing -> stages.add(
                        new Stage(StageKind.DISPLAY_SMOOTHING, Map.of(FactKey.PANEL_HZ, text(smoothing.panelHz())))));
        return new Chain(stages);
    }

    private static String lock(Headset headset) {
        return (headset.halfRateLock() ? RateHeld.HALF : RateHeld.AS_IT_COMES).word();
    }

    private static Stage generator(Scenario scenario, Generator generator, Chain said) {
        StageKind kind = said.stages().stream()
                .map(Stage::kind)
                .filter(stage -> stage.isGenerator() && stage != StageKind.OTHER_GENERATION)
                .findFirst()
                .orElse(kind(generator));
        Map<FactKey, String> settings = new EnumMap<>(FactKey.class);
        settings.put(FactKey.MULTIPLIER, Integer.toString(generator.multiplier()));
        settings.put(
                FactKey.GENERATION_WAY,
                (generator.mode() == Generator.Mode.INTERPOLATE
                                ? GenerationWay.BETWEEN_TWO
                                : GenerationWay.AFTER_THE_NEWEST)
                        .word());
        settings.put(FactKey.MADE_MS, text(generator.costMs(scenario.game().megapixels())));
        if (!Double.isNaN(generator.captureFps()) && kind.settings().contains(FactKey.LOOKS_FPS)) {
            settings.put(FactKey.LOOKS_FPS, text(generator.captureFps()));
        }
        if (kind == StageKind.SECOND_GPU) {
            generator.secondGpu().ifPresent(card -> {
                settings.put(FactKey.COPY_BYTES, Integer.toString(card.bytesPerPixel()));
                settings.put(FactKey.COMPOSITION_WAIT_MS, text(card.compositionWaitMs()));
            });
        }
        if (kind.settings().contains(FactKey.MOTION_ESTIMATION_PCT)) {
            settings.put(FactKey.MOTION_ESTIMATION_PCT, text(generator.motionSize() * 100));
        }
        return new Stage(kind, settings);
    }

    private static StageKind kind(Generator generator) {
        if (generator.secondGpu().isPresent()) {
            return StageKind.SECOND_GPU;
        } else if (generator.mode() == Generator.Mode.EXTRAPOLATE) {
            return StageKind.DRIVER_GENERATION;
        }
        return Double.isNaN(generator.captureFps()) && generator.motionSize() == 1
                ? StageKind.ENGINE_GENERATION
                : StageKind.CAPTURE_GENERATION;
    }

    /// A setting as it would be typed: four decimals at most.
    static String text(double value) {
        double typed = Math.rint(value * DECIMALS) / DECIMALS;
        return typed == Math.rint(typed) ? Long.toString(Math.round(typed)) : Double.toString(typed);
    }
}

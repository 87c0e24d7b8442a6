package app.fluss.core.ladder;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.bench.Switched;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// A run as it stands on a ladder.
///
/// @param chain the stages of its path
/// @param setup what it was measured on
/// @param analysis its figures
/// @param latencyMs mean from input to light, measured or estimated, ms
public record LadderRun(Chain chain, Setup setup, Analysis analysis, Figure latencyMs) {
    /// What is set, as a number; empty if it is not set or not stated. No cap is infinity, native is 1 image.
    Optional<Double> value(FactKey setting) {
        if (setting == FactKey.CAP_FPS) {
            double cap = analysis.settings().capFps();
            return Optional.of(cap > 0 ? cap : Double.POSITIVE_INFINITY);
        }
        if (setting == FactKey.MULTIPLIER && chain.drawsAll()) {
            return Optional.of(1.0);
        }
        return Optional.ofNullable(chain.settings().get(setting))
                .map(text -> Switched.OFF.word().equals(text)
                        ? 0.0
                        : Switched.ON.word().equals(text) ? 1.0 : FactKey.number(text));
    }

    /// Everything but one setting: runs that agree in this differ in nothing else that is recorded.
    Map<String, String> othersThan(FactKey setting) {
        Map<String, String> others = setup.named();
        FactKey.of(BenchPart.STAGE).forEach(key -> others.remove(key.id())); // they stand with their stage below
        List<String> stages = new ArrayList<>();
        for (Stage stage : chain.stages()) {
            if (stage.kind() == StageKind.FRAME_CAP) {
                continue; // the cap stands on its own below, wherever it is set
            }
            stages.add(stage.kind().id());
            stage.settings().forEach((key, value) -> {
                if (!key.follows()) {
                    others.put(stage.kind().id() + " " + key.id(), value);
                }
            });
            others.remove(stage.kind().id() + " " + setting.id());
        }
        others.put("stages", String.join(" ", stages));
        others.remove(FactKey.CAP_FPS.id());
        if (setting != FactKey.CAP_FPS) {
            others.put(
                    "cap",
                    String.format(Locale.ROOT, "%.3f", analysis.settings().capFps()));
        }
        return others;
    }
}

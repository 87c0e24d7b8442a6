package app.fluss.core.ladder;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Switched;
import app.fluss.core.measure.Analysis;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// Runs that differ in one setting, lined up against it.
///
/// @param setting what differs
/// @param stages the path that they share, native aside, as names of stage kinds
/// @param rungs by the value of the setting, ascending; two or more
/// @param knee where more of it stops paying
public record SettingLadder(FactKey setting, String stages, List<Rung> rungs, Knee knee) {
    /// The settings that can make a ladder.
    public static final List<FactKey> SETTINGS = List.of(
            FactKey.MULTIPLIER,
            FactKey.MOTION_ESTIMATION_PCT,
            FactKey.QUEUED_IMAGES,
            FactKey.CAP_FPS,
            FactKey.PERFORMANCE_MODE);

    /// Keeps a copy.
    public SettingLadder {
        rungs = List.copyOf(rungs);
    }

    /// All ladders that runs of one scene give, those with most rungs first.
    ///
    /// @param runs on generating paths; several of one value are one rung
    /// @param nativeRuns of the same scene: the first rung where the multiplier differs
    public static List<SettingLadder> of(List<LadderRun> runs, List<LadderRun> nativeRuns) {
        List<SettingLadder> found = new ArrayList<>();
        for (FactKey setting : SETTINGS) {
            Map<Map<String, String>, TreeMap<Double, List<LadderRun>>> groups = new LinkedHashMap<>();
            for (LadderRun run : runs) {
                run.value(setting)
                        .ifPresent(value -> groups.computeIfAbsent(run.othersThan(setting), _ -> new TreeMap<>())
                                .computeIfAbsent(value, _ -> new ArrayList<>())
                                .add(run));
            }
            groups.forEach((others, byValue) -> {
                if (byValue.size() >= 2) {
                    if (setting == FactKey.MULTIPLIER && !nativeRuns.isEmpty()) {
                        byValue.putIfAbsent(1.0, nativeRuns);
                    }
                    List<Rung> rungs = new ArrayList<>();
                    List<List<Analysis>> ladder = byValue.values().stream()
                            .map(of -> of.stream().map(LadderRun::analysis).toList())
                            .toList();
                    byValue.forEach((value, of) -> rungs.add(Rung.of(value, of, ladder)));
                    found.add(new SettingLadder(setting, others.getOrDefault("stages", ""), rungs, Knee.of(rungs)));
                }
            });
        }
        found.sort((a, b) -> Integer.compare(b.rungs.size(), a.rungs.size()));
        return List.copyOf(found);
    }

    /// A value of the setting, for people.
    public String name(Rung rung) {
        double value = rung.value();
        if (Double.isInfinite(value)) {
            return "no cap";
        }
        if (setting == FactKey.PERFORMANCE_MODE) {
            return (value == 0 ? Switched.OFF : Switched.ON).word();
        }
        if (setting == FactKey.MULTIPLIER && value == 1) {
            return "native";
        }
        String number = value == Math.rint(value) ? Long.toString(Math.round(value)) : Double.toString(value);
        return switch (setting) {
            case MULTIPLIER -> number + "×";
            case MOTION_ESTIMATION_PCT -> number + " %";
            case CAP_FPS -> number + " /s";
            default -> number;
        };
    }
}

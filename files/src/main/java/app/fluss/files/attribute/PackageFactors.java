package app.fluss.files.attribute;

import app.fluss.core.attribute.Factor;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactValue;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.files.compare.Grouping;
import app.fluss.files.study.Run;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;

/// In what runs of a path differ from native ones: its stages, and recorded facts.
///
/// @param factors all of them; stages first
/// @param stages of the package, as many as the first factors
/// @param facts names of the facts that are factors, in the order of the rest
/// @param off value of each fact in the native runs
/// @param on value of each fact in the runs of the package
/// @param shared what is recorded alike of the native runs and of the package, by name
record PackageFactors(
        List<Factor> factors,
        List<Stage> stages,
        List<String> facts,
        Map<String, String> off,
        Map<String, String> on,
        Map<String, String> shared) {
    /// What says how a run was taken and is no setting.
    private static final Set<String> NO_FACTORS = Set.of("evidence", FactKey.SCENE_S.id());

    private static final String WIDTH = FactKey.WIDTH_PX.id();

    static PackageFactors of(List<Run> natives, List<Run> ofPackage) {
        Chain chain = plain(ofPackage.getFirst().path().chain());
        List<Factor> factors = new ArrayList<>();
        for (Stage stage : chain.stages()) {
            factors.add(new Factor(
                    new Chain(List.of(stage)).proposedName(),
                    "off",
                    "on",
                    stage.kind().restartsGame()));
        }
        SortedMap<String, String> before = uniform(natives);
        SortedMap<String, String> after = uniform(ofPackage);
        Set<String> brought = new HashSet<>(chain.brings());
        brought.remove(FactKey.UPSCALER.id()); // generation may be tied to it, and it still has a part of its own
        if (!FactValue.same(before.getOrDefault(WIDTH, ""), after.getOrDefault(WIDTH, ""))) {
            brought.add(FactKey.HEIGHT_PX.id()); // a resolution is one thing
        }
        List<String> facts = new ArrayList<>();
        Map<String, String> shared = new TreeMap<>();
        before.forEach((name, value) -> {
            String other = after.get(name);
            if (other == null || NO_FACTORS.contains(name)) {
                return;
            }
            if (FactValue.same(value, other)) {
                shared.put(name, value);
            } else if (!brought.contains(name)) {
                facts.add(name);
                factors.add(new Factor(title(name), value, other, false));
            }
        });
        return new PackageFactors(factors, chain.stages(), facts, before, after, shared);
    }

    private static String title(String name) {
        return FactKey.of(name).map(FactKey::title).orElse(name.replace('_', ' '));
    }

    /// A chain without what its generators take for an image, which is a figure and no setting.
    private static Chain plain(Chain chain) {
        return new Chain(chain.stages().stream()
                .map(stage -> stage.settings().containsKey(FactKey.MADE_MS) ? stage.with(FactKey.MADE_MS, "") : stage)
                .toList());
    }

    /// What is recorded alike of all of some runs.
    private static SortedMap<String, String> uniform(List<Run> runs) {
        SortedMap<String, String> uniform = new TreeMap<>(Grouping.recorded(runs.getFirst()));
        for (Run run : runs) {
            SortedMap<String, String> recorded = Grouping.recorded(run);
            uniform.entrySet()
                    .removeIf(fact -> Optional.ofNullable(recorded.get(fact.getKey()))
                            .filter(value -> FactValue.same(value, fact.getValue()))
                            .isEmpty());
        }
        return uniform;
    }

    /// The combination of factors that a run was measured with; empty if it differs in something else.
    OptionalInt combination(Run run) {
        Chain chain = plain(run.path().chain());
        int combination = 0;
        for (int bit = 0; bit < stages.size(); bit++) {
            if (chain.stages().contains(stages.get(bit))) {
                combination |= 1 << bit;
            }
        }
        if (Integer.bitCount(combination) != chain.stages().size()) {
            return OptionalInt.empty();
        }
        SortedMap<String, String> recorded = Grouping.recorded(run);
        for (int i = 0; i < facts.size(); i++) {
            String name = facts.get(i);
            String value = recorded.getOrDefault(name, "");
            if (FactValue.same(value, on.getOrDefault(name, ""))) {
                combination |= 1 << (stages.size() + i);
            } else if (!FactValue.same(value, off.getOrDefault(name, ""))) {
                return OptionalInt.empty();
            }
        }
        Set<String> brought = chain.brings();
        boolean other = shared.entrySet().stream()
                .anyMatch(fact -> !brought.contains(fact.getKey())
                        && recorded.containsKey(fact.getKey())
                        && !FactValue.same(fact.getValue(), recorded.get(fact.getKey())));
        return other ? OptionalInt.empty() : OptionalInt.of(combination);
    }

    /// Whether a combination can be set: the game's own generation needs the upscaler that it is tied to.
    boolean isPossible(int combination) {
        int upscaler = facts.indexOf(FactKey.UPSCALER.id());
        boolean has = upscaler < 0 || (combination >> (stages.size() + upscaler) & 1) == 1;
        for (int bit = 0; bit < stages.size(); bit++) {
            boolean generates = stages.get(bit).kind() == StageKind.ENGINE_GENERATION;
            if (generates && (combination >> bit & 1) == 1 && !has) {
                return false;
            }
        }
        return true;
    }
}

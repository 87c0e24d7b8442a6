package app.fluss.core.verdict;

import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What is asked of a path: what the school asks, and what each of its stages must do besides. The bounds of
/// the stages
/// are common practice, no source; a school that asks the same itself has its own.
public final class StageAsks {
    private static final Asked IN_TIME = Asked.of(Rule.IMAGES_IN_TIME, 0.99);
    private static final Asked FEW_HITCHES = Asked.of(Rule.HITCHES, 1);
    private static final Asked FEW_LOST = Asked.of(Rule.LOST_IMAGES, 0.001);
    private static final Asked ENOUGH = Asked.of(Rule.SUPPLY_AND_SLOT, 0);

    private StageAsks() {}

    /// In the order of the school, then of the stages.
    public static List<Asked> of(School school, Chain chain) {
        Map<Rule, Asked> further = new EnumMap<>(Rule.class);
        for (Stage stage : chain.stages()) {
            for (Asked asked : of(school, stage)) {
                if (school.asked(asked.rule()).isEmpty()) {
                    further.put(asked.rule(), asked);
                }
            }
        }
        List<Asked> all = new ArrayList<>(school.asks());
        all.addAll(further.values());
        return List.copyOf(all);
    }

    private static List<Asked> of(School school, Stage stage) {
        return switch (stage.kind()) {
            case HOME_STREAM -> List.of(IN_TIME, FEW_HITCHES, FEW_LOST);
            case SECOND_GPU -> List.of(ENOUGH);
            case DISPLAY_SMOOTHING -> {
                Optional<Asked> latency = school.asked(Rule.ADDED_LATENCY);
                yield latency
                        .map(asked -> new Asked(Rule.MODE_LAG, asked.bound(), asked.warnBound(), asked.source()))
                        .stream()
                        .toList();
            }
            case FRAME_CAP,
                    ENGINE_GENERATION,
                    DRIVER_GENERATION,
                    CAPTURE_GENERATION,
                    OTHER_GENERATION,
                    VR_REPROJECTION -> List.of();
        };
    }
}

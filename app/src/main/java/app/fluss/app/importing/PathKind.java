package app.fluss.app.importing;

import app.fluss.core.bench.FactKey;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What a new path is, as it is chosen from a list: native, or one stage.
///
/// @param title for people
/// @param stage the stage; empty for native
record PathKind(String title, Optional<StageKind> stage) {
    static final PathKind NATIVE = new PathKind(ImportText.NATIVE_EXPLAINED, Optional.empty());

    static List<PathKind> all() {
        List<PathKind> all = new ArrayList<>(List.of(NATIVE));
        for (StageKind kind : StageKind.values()) {
            all.add(new PathKind(kind.title(), Optional.of(kind)));
        }
        return all;
    }

    static PathKind of(Chain chain) {
        return chain.isNative()
                ? NATIVE
                : all().stream()
                        .filter(kind -> kind.stage.equals(
                                Optional.of(chain.stages().getFirst().kind())))
                        .findFirst()
                        .orElseThrow();
    }

    /// The path, with a multiplier if one is stated and the stage has one.
    Chain chain(String multiplier) {
        return stage.map(kind -> new Chain(List.of(
                        kind.isGenerator() && !multiplier.isBlank()
                                ? new Stage(kind, Map.of(FactKey.MULTIPLIER, multiplier))
                                : new Stage(kind))))
                .orElse(Chain.NATIVE);
    }

    @Override
    public String toString() {
        return title;
    }
}

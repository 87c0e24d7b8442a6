package app.fluss.files.study;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/// What stands on the bench, and the facts of games.
///
/// @param items in the order they were added
/// @param gameFacts facts of games, by the number of the game
/// @param paths native ones first, the others by name
public record Bench(List<Item> items, Map<Long, Map<FactKey, Fact>> gameFacts, List<DeliveryPath> paths) {
    /// Nothing stands on it.
    public static final Bench EMPTY = new Bench(List.of(), Map.of(), List.of());

    /// The items of a part.
    public List<Item> items(BenchPart part) {
        return items.stream().filter(item -> item.part() == part).toList();
    }

    /// The facts of everything that takes part in a run of a game on a path, as the bench stands now.
    public Setup setup(long gameId, Chain chain) {
        Map<FactKey, String> ofGame = values(gameFacts.getOrDefault(gameId, Map.of()));
        boolean inHeadset = chain.has(StageKind.VR_REPROJECTION) || "VR".equals(ofGame.get(FactKey.GAME_KIND));
        Setup setup = Setup.EMPTY;
        for (Item item : items) {
            if (item.inUse() && takesPart(item.part(), chain, inHeadset)) {
                setup = setup.with(values(item.facts()));
            }
        }
        String mode = setup.value(FactKey.MODE_IN_USE).orElse("");
        for (Item item : items(BenchPart.PICTURE_MODE)) {
            if (item.name().equals(mode)) {
                setup = setup.with(values(item.facts()));
            }
        }
        return setup.with(ofGame).with(chain.settings());
    }

    private static boolean takesPart(BenchPart part, Chain chain, boolean inHeadset) {
        return switch (part) {
            case RIG, GAME, STAGE -> true;
            case DISPLAY -> !inHeadset;
            case HEADSET -> inHeadset;
            case LINK, CLIENT -> chain.has(StageKind.HOME_STREAM);
            case PICTURE_MODE -> false;
        };
    }

    /// The values of facts.
    public static Map<FactKey, String> values(Map<FactKey, Fact> facts) {
        Map<FactKey, String> values = new EnumMap<>(FactKey.class);
        facts.forEach((key, fact) -> values.put(key, fact.value()));
        return values;
    }
}

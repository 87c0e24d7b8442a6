package app.fluss.files.study;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.GameKind;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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

    /// What a game is like to play, as stated; empty if it is not.
    public Optional<String> kind(Game game) {
        return Optional.ofNullable(gameFacts.getOrDefault(game.id(), Map.of()).get(FactKey.GAME_KIND))
                .map(Fact::value);
    }

    /// What a run of a game on a path would be measured on, as the bench stands now.
    public Setup setup(long gameId, Chain chain) {
        Map<FactKey, Fact> ofGame = gameFacts.getOrDefault(gameId, Map.of());
        boolean inHeadset = chain.has(StageKind.VR_REPROJECTION)
                || Setup.EMPTY.with(ofGame.values()).is(FactKey.GAME_KIND, GameKind.VR);
        Setup setup = Setup.EMPTY;
        for (Item item : items) {
            if (item.inUse() && takesPart(item.part(), chain, inHeadset)) {
                setup = setup.with(item.facts().values()).withItem(item.part(), item.name());
            }
        }
        String mode = setup.value(FactKey.MODE_IN_USE).orElse("");
        for (Item item : items(BenchPart.PICTURE_MODE)) {
            if (item.name().equals(mode)) {
                setup = setup.with(item.facts().values()).withItem(BenchPart.PICTURE_MODE, item.name());
            }
        }
        return setup.with(ofGame.values()).with(chain.settings(), FactSource.SET);
    }

    private static boolean takesPart(BenchPart part, Chain chain, boolean inHeadset) {
        return switch (part) {
            case RIG, GAME, SCENE, STAGE -> true;
            case DISPLAY -> !inHeadset;
            case HEADSET -> inHeadset;
            case LINK, CLIENT -> chain.has(StageKind.HOME_STREAM);
            case PICTURE_MODE -> false;
        };
    }
}

package app.fluss.files.verdict;

import app.fluss.core.bench.FactKey;
import app.fluss.core.ladder.SettingLadder;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.tune.CapGrid;
import app.fluss.core.tune.TuneCell;
import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Verdict;
import app.fluss.core.verdict.WithSettings;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/// Other settings of a path at which every claim holds: on the ladders that were measured, else on the grid of
/// caps and
/// multipliers.
final class OtherSettings {
    private OtherSettings() {}

    /// @param all every path of the game
    /// @param verdicts of these
    static Optional<WithSettings> of(
            GameCases.OfPath path, List<GameCases.OfPath> all, Map<String, Verdict> verdicts, Grids grids) {
        Verdict own = Objects.requireNonNull(verdicts.get(path.name()));
        if (own.word() == Verdict.Word.USE) {
            return Optional.empty();
        }
        Optional<WithSettings> measured = all.stream()
                .filter(other -> verdict(other, verdicts).word() == Verdict.Word.USE)
                .sorted((a, b) -> Verdict.better().compare(verdict(a, verdicts), verdict(b, verdicts)))
                .flatMap(other -> rung(path.path().chain(), other).stream())
                .findFirst();
        return measured.isPresent() || !own.word().isAgainst() ? measured : worked(path, own, grids);
    }

    private static Verdict verdict(GameCases.OfPath path, Map<String, Verdict> verdicts) {
        return Objects.requireNonNull(verdicts.get(path.name()));
    }

    /// Another path as a rung of the same ladder: it differs in one setting that makes ladders.
    private static Optional<WithSettings> rung(Chain chain, GameCases.OfPath other) {
        Chain there = other.path().chain();
        if (!kinds(chain).equals(kinds(there)) || chain.equals(there)) {
            return Optional.empty();
        }
        Map<FactKey, String> mine = settings(chain);
        Map<FactKey, String> theirs = settings(there);
        List<FactKey> differ = new ArrayList<>();
        for (FactKey key : FactKey.values()) {
            if (!mine.getOrDefault(key, "").equals(theirs.getOrDefault(key, ""))) {
                differ.add(key);
            }
        }
        return differ.size() == 1 && SettingLadder.SETTINGS.contains(differ.getFirst())
                ? Optional.of(new WithSettings(
                        words(differ.getFirst(), theirs.getOrDefault(differ.getFirst(), "")), other.name(), there))
                : Optional.empty();
    }

    private static List<StageKind> kinds(Chain chain) {
        return chain.stages().stream()
                .map(stage -> stage.kind())
                .filter(kind -> kind != StageKind.FRAME_CAP)
                .toList();
    }

    private static Map<FactKey, String> settings(Chain chain) {
        Map<FactKey, String> settings = new EnumMap<>(FactKey.class);
        settings.putAll(chain.settings());
        settings.keySet().removeIf(FactKey::follows);
        return settings;
    }

    private static String words(FactKey key, String value) {
        if (value.isEmpty()) {
            return "no " + key.title();
        }
        return key == FactKey.CAP_FPS ? "cap " + value : key.said(value);
    }

    /// The best point of the grid with images made, no more of them than the path makes. What no cell tells
    /// must not
    /// speak against the path as it was measured.
    private static Optional<WithSettings> worked(GameCases.OfPath path, Verdict own, Grids grids) {
        double multiplier = path.path().chain().multiplier();
        boolean hopeless = own.claims().stream()
                .filter(claim -> claim.state() == Claim.State.FAILS || claim.state() == Claim.State.UNLIKELY)
                .map(claim -> claim.asked().rule())
                .anyMatch(rule -> !CapGrid.tells(rule)
                        || rule == Rule.NATIVE_RATE
                        // No cap raises the base, and there is no smaller multiplier that makes images.
                        || (rule == Rule.BASE_RATE && multiplier <= 2));
        return hopeless || !own.reserves().isEmpty()
                ? Optional.empty()
                : grids.of(path).stream()
                        .flatMap(grid -> grid.ranked(own.school()).stream())
                        .filter(one -> one.refused().isEmpty())
                        .map(CapGrid.Ranked::cell)
                        .filter(cell -> cell.multiplier() > 1 && cell.multiplier() <= multiplier)
                        .findFirst()
                        .map(cell -> new WithSettings(
                                words(cell), "", path.path().chain().paced(cell.capFps(), cell.multiplier())));
    }

    private static String words(TuneCell cell) {
        String cap = Double.isNaN(cell.capFps()) ? "no cap" : String.format(Locale.ROOT, "cap %.0f", cell.capFps());
        return "%s, multiplier %d".formatted(cap, cell.multiplier());
    }
}

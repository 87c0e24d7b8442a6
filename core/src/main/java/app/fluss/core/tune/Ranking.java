package app.fluss.core.tune;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What was tried, for a school.
///
/// @param cells those that suit first, best first; then those that do not, the one most wanted first
/// @param <C> what was tried
public record Ranking<C extends Ranking.Candidate>(List<C> cells) {
    /// Something that was tried.
    public interface Candidate {
        /// Why it does not suit, in words; empty if it does.
        Optional<String> refusal();
    }

    static <C extends Candidate> Ranking<C> of(List<C> tried, Comparator<C> better) {
        List<C> cells = new ArrayList<>(tried);
        cells.sort(Comparator.comparing((C cell) -> cell.refusal().isPresent()).thenComparing(better));
        return new Ranking<>(List.copyOf(cells));
    }

    /// The best one that suits; empty if none does.
    public Optional<C> best() {
        return cells.stream().filter(cell -> cell.refusal().isEmpty()).findFirst();
    }

    /// Those that lost, the ones that were refused first: what would have been wanted more and does not suit.
    public List<C> losers() {
        Optional<C> best = best();
        return cells.stream()
                .filter(cell -> !best.equals(Optional.of(cell)))
                .sorted(Comparator.comparing((C cell) -> cell.refusal().isEmpty()))
                .toList();
    }
}

package app.fluss.files.study;

import java.util.ArrayList;
import java.util.List;

/// What was taken in from another study.
///
/// @param runs how many runs were added
/// @param known names of runs that had been taken in before and were left as they are
/// @param games games that are new here
/// @param renamed what got another name, because something else has its own: old and new name
public record TakenIn(int runs, List<String> known, List<String> games, List<String> renamed) {
    /// In a sentence or two.
    public String words() {
        StringBuilder words = new StringBuilder("%d %s taken in".formatted(runs, runs == 1 ? "run was" : "runs were"));
        if (!games.isEmpty()) {
            words.append("; new here: ").append(String.join(", ", games));
        }
        if (!known.isEmpty()) {
            words.append("; %d had been taken in before and stay as they are".formatted(known.size()));
        }
        if (!renamed.isEmpty()) {
            words.append("; renamed: ").append(String.join(", ", renamed));
        }
        return words.append('.').toString();
    }

    /// Gathers it.
    static final class Builder {
        private int runs;
        private final List<String> known = new ArrayList<>();
        private final List<String> games = new ArrayList<>();
        private final List<String> renamed = new ArrayList<>();

        void run() {
            runs++;
        }

        void known(String run) {
            known.add(run);
        }

        void game(String name) {
            games.add(name);
        }

        void renamed(String from, String to) {
            if (!from.equals(to)) {
                renamed.add("%s → %s".formatted(from, to));
            }
        }

        TakenIn build() {
            return new TakenIn(runs, List.copyOf(known), List.copyOf(games), List.copyOf(renamed));
        }
    }
}

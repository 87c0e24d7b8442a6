package app.fluss.files.share;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// What a report is to hold.
///
/// @param games names of those that are in it; empty for all
/// @param school by which all are judged; empty for the one that was chosen for each
/// @param parts what is said of them
public record ReportWish(List<String> games, Optional<String> school, Set<Part> parts) {
    /// Everything, of every game.
    public static final ReportWish ALL = new ReportWish(List.of(), Optional.empty(), EnumSet.allOf(Part.class));

    /// Keeps copies.
    public ReportWish {
        games = List.copyOf(games);
        parts = Set.copyOf(parts);
    }

    /// What can be in a report beside the verdicts.
    public enum Part {
        /// The gain of every path over the games.
        GAINS("gain over the games"),
        /// What each verdict rests on, claim by claim.
        CLAIMS("claims of each verdict"),
        /// Rates and differences of every path.
        FIGURES("figures and their charts"),
        /// Frame times of the worst stretch.
        FRAMES("frame times of the worst stretch"),
        /// From input to light, stage by stage.
        LATENCY("latency, stage by stage"),
        /// What settings did, and what did what.
        SETTINGS("settings and steps"),
        /// What Fluss noticed.
        FINDINGS("findings"),
        /// How it was measured, so that another can repeat it.
        METHOD("how it was measured");

        private final String title;

        Part(String title) {
            this.title = title;
        }

        /// In words.
        public String title() {
            return title;
        }
    }

    /// Whether it is to hold a part.
    public boolean has(Part part) {
        return parts.contains(part);
    }

    /// Whether a game is to be in it.
    boolean wants(String game) {
        return games.isEmpty() || games.stream().anyMatch(game::equalsIgnoreCase);
    }
}

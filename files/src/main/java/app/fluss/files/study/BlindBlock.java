package app.fluss.files.study;

import app.fluss.core.feel.blind.BlindAnswer;
import app.fluss.core.feel.blind.Seal;
import app.fluss.core.feel.blind.Side;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/// Trials of two paths in a scene, in a hidden order.
///
/// @param id its number
/// @param sceneId where it is played
/// @param pathA the number of the path called A
/// @param pathB the number of the path called B
/// @param player who plays
/// @param switchedBy who switches the paths
/// @param seal the hidden order; not to be shown before the block has ended
/// @param hash of the seal, as it was shown before
/// @param madeAt when it was drawn
/// @param endedAt when it ended; empty while it goes on
/// @param simulated whether a simulated player answered
/// @param answers so far, in the order of the trials
public record BlindBlock(
        long id,
        long sceneId,
        long pathA,
        long pathB,
        String player,
        SwitchedBy switchedBy,
        Seal seal,
        String hash,
        Instant madeAt,
        Optional<Instant> endedAt,
        boolean simulated,
        List<Said> answers) {
    /// Who switches the paths.
    public enum SwitchedBy {
        /// Somebody who knows the order: the player does not.
        HELPER("helper", "single-blind: the helper knows the order"),
        /// A program: nobody knows.
        SCRIPT("script", "double-blind: a script switches, and nobody knows the order");

        private final String title;
        private final String meaning;

        SwitchedBy(String title, String meaning) {
            this.title = title;
            this.meaning = meaning;
        }

        /// The name for people.
        public String title() {
            return title;
        }

        /// How blind the test is.
        public String meaning() {
            return meaning;
        }
    }

    /// What the player said of a trial.
    ///
    /// @param side which path it was taken for
    /// @param smoothness 1 to 5; empty if not rated
    /// @param response 1 to 5; empty if not rated
    public record Said(Side side, OptionalInt smoothness, OptionalInt response) {}

    /// @throws IllegalArgumentException if it has more answers than trials, or compares a path with itself
    public BlindBlock {
        answers = List.copyOf(answers);
        if (answers.size() > seal.order().size()) {
            throw new IllegalArgumentException("a blind block has more answers than trials");
        }
        if (pathA == pathB) {
            throw new IllegalArgumentException("choose two different paths");
        }
    }

    /// Whether it goes on.
    public boolean isOpen() {
        return endedAt.isEmpty();
    }

    /// Whether the order is the one that was sealed.
    public boolean isUnchanged() {
        return seal.hash().equals(hash);
    }

    /// What the player said, with what it was.
    ///
    /// @throws IllegalStateException while the block goes on
    public List<BlindAnswer> judged() {
        if (isOpen()) {
            throw new IllegalStateException("the block goes on");
        }
        return IntStream.range(0, answers.size())
                .mapToObj(i -> new BlindAnswer(
                        seal.order().get(i),
                        answers.get(i).side(),
                        answers.get(i).smoothness(),
                        answers.get(i).response()))
                .toList();
    }
}

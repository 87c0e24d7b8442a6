package app.fluss.core.verdict;

import app.fluss.core.compare.Confound;
import app.fluss.core.compare.Drift;
import app.fluss.core.measure.Grade;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What follows for one path of a game, by one school.
///
/// @param word what to do
/// @param claims what it rests on, in the order of the school
/// @param scene that decides; empty if no claim was made
/// @param grade the weakest of the claims' evidence; empty if there is none
/// @param wouldSettle what would settle the claims that are not settled
/// @param reserve why "use" is not said although every claim holds; empty otherwise
/// @param doubts what else the figures may come from, in words
public record Verdict(
        Word word,
        List<Claim> claims,
        Optional<String> scene,
        Optional<Grade> grade,
        List<Settle> wouldSettle,
        String reserve,
        List<String> doubts) {
    /// What no counter shows: a study of readings names it as unknown.
    private static final Set<Rule> UNREADABLE =
            Set.of(Rule.ADDED_LATENCY, Rule.ADDED_UNEVENNESS, Rule.LOW_OF_NATIVE, Rule.BASE_RATE);

    /// What to do.
    public enum Word {
        /// Every claim holds.
        USE("use"),
        /// None fails, but some are only likely.
        PROBABLY_USE("probably use"),
        /// A claim is open, or has no figure.
        NOT_SETTLED("not settled"),
        /// None fails, but one is unlikely.
        PROBABLY_LEAVE_OFF("probably leave off"),
        /// A claim fails.
        LEAVE_OFF("leave off");

        private final String title;

        Word(String title) {
            this.title = title;
        }

        /// In words.
        public String title() {
            return title;
        }
    }

    /// Judges a path.
    ///
    /// @param cases each scene that has runs on both sides, one or more
    /// @param fault what is wrong with a run, in words, so that "use" cannot be said; empty if nothing is
    /// @throws IllegalArgumentException without a scene
    public static Verdict of(School school, List<Case> cases, Optional<String> fault) {
        if (cases.isEmpty()) {
            throw new IllegalArgumentException("a verdict needs a scene with runs on both sides");
        }
        List<Claim> claims = new ArrayList<>();
        for (Asked asked : school.asks()) {
            claim(asked, cases, school.asks().size()).ifPresent(claims::add);
        }
        List<Claim> figures = claims.stream()
                .filter(one -> one.state() != Claim.State.NO_FIGURE)
                .toList();
        boolean readOnly = !figures.isEmpty()
                && figures.stream().allMatch(one -> one.held().kind() == Held.Kind.READING);
        Word word = word(claims, readOnly);
        boolean held = word == Word.USE || word == Word.PROBABLY_USE;
        return new Verdict(
                held && fault.isPresent() ? Word.NOT_SETTLED : word,
                List.copyOf(claims),
                deciding(claims).map(Claim::scene),
                claims.stream().flatMap(one -> one.held().grade().stream()).reduce(Grade::weaker),
                claims.stream().flatMap(one -> Settle.of(one).stream()).toList(),
                held ? fault.orElse("") : "",
                doubts(cases));
    }

    /// Facts that differ besides the path, and a baseline that moved by itself.
    private static List<String> doubts(List<Case> cases) {
        List<String> doubts = new ArrayList<>();
        for (Case one : cases) {
            String facts = one.comparison().confounds().orElse(List.of()).stream()
                    .filter(confound -> confound.kind() == Confound.Kind.BETWEEN)
                    .map(Confound::title)
                    .collect(Collectors.joining(", "));
            if (!facts.isEmpty()) {
                doubts.add("%s: other facts differ too: %s".formatted(one.scene(), facts));
            }
            Drift drift = one.comparison().drift();
            if (drift.explains(one.comparison().measure(drift.measure()))) {
                doubts.add("%s: the baseline's drift can account for the gain".formatted(one.scene()));
            }
        }
        return List.copyOf(doubts);
    }

    /// The claim of a rule in the scene that decides it: the worst of those in which it must hold.
    private static Optional<Claim> claim(Asked asked, List<Case> cases, int claims) {
        Comparator<Case> heavy = Comparator.comparing(Case::weight);
        Case heaviest = cases.stream().max(heavy).orElseThrow();
        return cases.stream()
                .filter(one -> asked.rule().scope() == Rule.Scope.EVERY_SCENE || one.weight() == heaviest.weight())
                .flatMap(one -> one.held(asked.rule()).stream().map(held -> Claim.of(asked, held, claims, one.scene())))
                .min(Comparator.comparing(Claim::state));
    }

    private static Word word(List<Claim> claims, boolean readOnly) {
        if (has(claims, Claim.State.FAILS)) {
            return Word.LEAVE_OFF;
        } else if (has(claims, Claim.State.UNLIKELY)) {
            return Word.PROBABLY_LEAVE_OFF;
        }
        // A study of readings can say no more than "probably", and says what is unknown.
        boolean lacks = claims.stream()
                .anyMatch(one -> one.state() == Claim.State.NO_FIGURE
                        && !(readOnly && UNREADABLE.contains(one.asked().rule())));
        if (claims.isEmpty() || lacks || has(claims, Claim.State.OPEN)) {
            return Word.NOT_SETTLED;
        }
        return claims.stream().allMatch(one -> one.state().holds()) ? Word.USE : Word.PROBABLY_USE;
    }

    private static boolean has(List<Claim> claims, Claim.State state) {
        return claims.stream().anyMatch(one -> one.state() == state);
    }

    /// The worst of the claims.
    private static Optional<Claim> deciding(List<Claim> claims) {
        return claims.stream().min(Comparator.comparing(Claim::state));
    }
}

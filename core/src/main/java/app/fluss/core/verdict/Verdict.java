package app.fluss.core.verdict;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// What follows for one path of a game, by one school.
///
/// @param school by which
/// @param word what to do
/// @param claims what it rests on, in the order of the school, then of the path's stages
/// @param scene that decides; empty if no claim was made
/// @param grade the weakest of the claims' evidence; empty if there is none
/// @param wouldSettle what would settle the claims that are not settled
/// @param reserves what is wrong with a run, for which "use" is not said even where every claim holds, in words
/// @param doubts what else the figures may come from, in words
/// @param ranks what the school tells paths apart by, in its order, of the heaviest scene
/// @param settings at which every claim holds; empty if none are known, or the path needs none
public record Verdict(
        School school,
        Word word,
        List<Claim> claims,
        Optional<String> scene,
        Optional<Grade> grade,
        List<Settle> wouldSettle,
        List<String> reserves,
        List<String> doubts,
        List<Figure> ranks,
        Optional<WithSettings> settings) {
    /// What no counter shows: a study of readings names it as unknown.
    private static final Set<Rule> UNREADABLE = Set.of(
            Rule.ADDED_LATENCY,
            Rule.ADDED_REFRESHES,
            Rule.MODE_LAG,
            Rule.ADDED_UNEVENNESS,
            Rule.LOW_OF_NATIVE,
            Rule.BASE_RATE);

    /// What to do.
    public enum Word {
        /// Every claim holds.
        USE("use"),
        /// Every claim holds at other settings.
        USE_WITH_SETTINGS("use with these settings"),
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

        /// Whether it says to use the path.
        public boolean isFor() {
            return compareTo(PROBABLY_USE) <= 0;
        }

        /// Whether it says to leave the path off.
        public boolean isAgainst() {
            return compareTo(PROBABLY_LEAVE_OFF) >= 0;
        }
    }

    /// Judges a path.
    ///
    /// @param cases each scene that has runs on both sides, one or more
    /// @throws IllegalArgumentException without a scene
    public static Verdict of(School school, List<Case> cases) {
        if (cases.isEmpty()) {
            throw new IllegalArgumentException("a verdict needs a scene with runs on both sides");
        }
        List<Asked> asks = StageAsks.of(school, cases.getFirst().chain());
        int made = (int)
                asks.stream().mapToLong(asked -> concerned(asked, cases).size()).sum();
        List<Claim> claims = new ArrayList<>();
        for (Asked asked : asks) {
            concerned(asked, cases).stream()
                    .map(one -> Claim.of(asked, one.held(asked.rule()).orElseThrow(), made, one.scene()))
                    .min(WORST)
                    .ifPresent(claims::add);
        }
        List<String> reserves = cases.stream()
                .flatMap(one -> one.reserves().stream())
                .distinct()
                .toList();
        Word word = word(claims);
        boolean held = word.isFor();
        return new Verdict(
                school,
                held && !reserves.isEmpty() ? Word.NOT_SETTLED : word,
                List.copyOf(claims),
                claims.stream().min(WORST).map(Claim::scene),
                claims.stream().flatMap(one -> one.held().grade().stream()).reduce(Grade::weaker),
                settle(claims, reserves),
                reserves,
                doubts(cases),
                school.order().stream()
                        .map(rule -> heaviest(cases).getFirst().held(rule).map(Held::value))
                        .map(figure -> figure.orElseGet(() -> Figure.missing("it does not concern the path")))
                        .toList(),
                Optional.empty());
    }

    /// The worst claim first: by its state, then the one that lies farthest on the bad side for its bound.
    private static final Comparator<Claim> WORST =
            Comparator.comparing(Claim::state).thenComparingDouble(Claim::room);

    /// The scenes in which a claim must hold: those of a weight that decides, or every one.
    private static List<Case> concerned(Asked asked, List<Case> cases) {
        return (asked.rule().scope() == Rule.Scope.EVERY_SCENE ? cases : heaviest(cases))
                .stream().filter(one -> one.held(asked.rule()).isPresent()).toList();
    }

    private static List<Case> heaviest(List<Case> cases) {
        Case most = cases.stream().max(Comparator.comparing(Case::weight)).orElseThrow();
        return cases.stream().filter(one -> one.weight() == most.weight()).toList();
    }

    private static List<Settle> settle(List<Claim> claims, List<String> reserves) {
        List<Settle> all = new ArrayList<>(Settle.of(claims));
        reserves.forEach(words -> all.add(Settle.requirement(words)));
        return List.copyOf(all);
    }

    private static List<String> doubts(List<Case> cases) {
        return cases.stream()
                .flatMap(one -> one.doubts().stream().map(doubt -> one.scene() + ": " + doubt))
                .toList();
    }

    private static Word word(List<Claim> claims) {
        if (has(claims, Claim.State.FAILS)) {
            return Word.LEAVE_OFF;
        } else if (has(claims, Claim.State.UNLIKELY)) {
            return Word.PROBABLY_LEAVE_OFF;
        }
        // A study of readings can say no more than "probably", and says what is unknown.
        boolean readOnly = isReadOnly(claims);
        boolean lacks = claims.stream()
                .anyMatch(one -> one.state() == Claim.State.NO_FIGURE
                        && !(readOnly && UNREADABLE.contains(one.asked().rule())));
        if (claims.isEmpty() || lacks || has(claims, Claim.State.OPEN)) {
            return Word.NOT_SETTLED;
        }
        return claims.stream().allMatch(one -> one.state().holds()) ? Word.USE : Word.PROBABLY_USE;
    }

    /// Whether it rests on what was read, and on stated facts, alone.
    private static boolean isReadOnly(List<Claim> claims) {
        List<Held.Kind> kinds = claims.stream()
                .filter(one -> one.state() != Claim.State.NO_FIGURE)
                .map(one -> one.held().kind())
                .filter(kind -> kind != Held.Kind.STATED)
                .toList();
        return !kinds.isEmpty() && kinds.stream().allMatch(kind -> kind == Held.Kind.READING);
    }

    /// The bounds of a claim at which the verdict would change, the stricter first; none where another claim
    /// decides.
    public List<Double> flipsAt(Claim claim) {
        List<Double> flips = new ArrayList<>();
        for (Claim.Turn turn : claim.turns()) {
            if (wordWith(claim, turn.stricter()) != wordWith(claim, turn.laxer())) {
                flips.add(turn.bound());
            }
        }
        return List.copyOf(flips);
    }

    /// The word if one claim were in another state.
    private Word wordWith(Claim claim, Claim.State state) {
        Rule rule = claim.asked().rule();
        Word said = word(claims.stream()
                .map(one -> one.asked().rule() == rule ? one.as(state) : one)
                .toList());
        return said.isFor() && !reserves.isEmpty() ? Word.NOT_SETTLED : said;
    }

    private static boolean has(List<Claim> claims, Claim.State state) {
        return claims.stream().anyMatch(one -> one.state() == state);
    }

    /// The claim of a rule, if it is made.
    public Optional<Claim> claim(Rule rule) {
        return claims.stream().filter(one -> one.asked().rule() == rule).findFirst();
    }

    /// The same where settings are known at which every claim holds; it needs them unless it says "use" by
    /// itself, or
    /// something is wrong with its runs.
    public Verdict with(WithSettings known) {
        return word == Word.USE || !reserves.isEmpty()
                ? this
                : new Verdict(
                        school,
                        Word.USE_WITH_SETTINGS,
                        claims,
                        scene,
                        grade,
                        wouldSettle,
                        reserves,
                        doubts,
                        ranks,
                        Optional.of(known));
    }

    /// The better verdict first: by its word, then by what the school counts most. Both must be of one school.
    public static Comparator<Verdict> better() {
        return Comparator.<Verdict, Word>comparing(Verdict::word).thenComparing((one, other) -> byRanks(one, other));
    }

    private static int byRanks(Verdict one, Verdict other) {
        List<Rule> order = one.school.order();
        for (int i = 0; i < order.size(); i++) {
            double a = one.ranks.get(i).orNaN();
            double b = other.ranks.get(i).orNaN();
            if (Double.isNaN(a) != Double.isNaN(b)) {
                return Double.isNaN(a) ? 1 : -1;
            } else if (order.get(i).isBetter(a, b)) {
                return -1;
            } else if (order.get(i).isBetter(b, a)) {
                return 1;
            }
        }
        return 0;
    }
}

package app.fluss.core.verdict;

import app.fluss.core.bench.GameKind;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What a practitioner wants of a game. Every bound is common practice, no source, until somebody sets another.
///
/// @param id the name in files
/// @param title the name for people
/// @param whatFor what kind of game it is for
/// @param asks what a path must do
/// @param order by what paths that pass are told apart, the first that counts most
public record School(String id, String title, String whatFor, List<Asked> asks, List<Rule> order) {
    /// "Not below native's" has a margin, or it could never be shown. Our own convention.
    private static final double NOT_BELOW = 0.97;

    /// Joules above native's by less than this share are not above. Our own convention.
    private static final double NOT_ABOVE = 1.03;

    private static final Asked NOT_NEEDED = Asked.of(Rule.NATIVE_RATE, 100, 90);

    /// Aiming, rhythm, competition.
    public static final School RESPONSE_FIRST = new School(
            "response-first",
            "response first",
            "aiming, rhythm, competition",
            List.of(
                    Asked.of(Rule.BASE_RATE, 60),
                    Asked.of(Rule.ADDED_LATENCY, 10),
                    Asked.of(Rule.DELIVERED_GAIN, 1.1),
                    Asked.of(Rule.LOW_OF_NATIVE, NOT_BELOW),
                    NOT_NEEDED),
            List.of(Rule.ADDED_LATENCY, Rule.DELIVERED_GAIN));

    /// Story, exploring, slow camera.
    public static final School SMOOTH_FIRST = new School(
            "smooth-first",
            "smooth first",
            "story, exploring, slow camera",
            List.of(
                    Asked.of(Rule.BASE_RATE, 30, 40),
                    Asked.of(Rule.ADDED_LATENCY, 40),
                    Asked.of(Rule.DELIVERED_GAIN, 1.2),
                    Asked.of(Rule.ADDED_UNEVENNESS, 2),
                    NOT_NEEDED),
            List.of(Rule.ADDED_UNEVENNESS, Rule.DELIVERED_GAIN, Rule.ADDED_LATENCY));

    /// High-refresh screens.
    public static final School RATE_FIRST = new School(
            "rate-first",
            "rate first",
            "high-refresh screens",
            List.of(Asked.of(Rule.DELIVERED_OF_REFRESH, 0.9), Asked.of(Rule.ADDED_LATENCY, 3)),
            List.of(Rule.DELIVERED_OF_REFRESH, Rule.ADDED_LATENCY));

    /// A headset in which each refresh brings a new image.
    public static final School FULL_RATE_ONLY = new School(
            "full-rate-only",
            "full rate only",
            "VR",
            List.of(Asked.of(Rule.WITHOUT_NEW_IMAGE, 0.01)),
            List.of(Rule.WITHOUT_NEW_IMAGE));

    /// A headset that never falls below every second refresh.
    public static final School STEADY_HALF_RATE = new School(
            "steady-half-rate",
            "steady half rate",
            "VR",
            List.of(Asked.of(Rule.BELOW_HALF_RATE, 0.005)),
            List.of(Rule.BELOW_HALF_RATE));

    /// Handhelds and laptops.
    public static final School HOURS_FIRST = new School(
            "hours-first",
            "hours first",
            "handhelds, laptops",
            List.of(
                    Asked.of(Rule.HOURS, 2),
                    Asked.of(Rule.DELIVERED_RATE, 40),
                    Asked.of(Rule.JOULES_OF_NATIVE, NOT_ABOVE)),
            List.of(Rule.HOURS, Rule.DELIVERED_RATE));

    /// All that ship.
    public static final List<School> ALL =
            List.of(RESPONSE_FIRST, SMOOTH_FIRST, RATE_FIRST, FULL_RATE_ONLY, STEADY_HALF_RATE, HOURS_FIRST);

    /// @throws IllegalArgumentException if it asks nothing, or the same twice
    public School {
        asks = List.copyOf(asks);
        order = List.copyOf(order);
        if (asks.isEmpty() || asks.stream().map(Asked::rule).distinct().count() != asks.size()) {
            throw new IllegalArgumentException("%s: a school asks something, and nothing twice".formatted(title));
        }
    }

    /// What it asks by a rule, if it does.
    public Optional<Asked> asked(Rule rule) {
        return asks.stream().filter(one -> one.rule() == rule).findFirst();
    }

    /// The better verdict first: by its word, then by what the school counts most.
    public Comparator<Verdict> better() {
        Comparator<Verdict> better = Comparator.comparing(Verdict::word);
        for (Rule rule : order) {
            better = better.thenComparingDouble(verdict -> {
                double value = verdict.claims().stream()
                        .filter(claim -> claim.asked().rule() == rule)
                        .mapToDouble(claim -> claim.held().value().orNaN())
                        .findFirst()
                        .orElse(Double.NaN);
                return Double.isNaN(value) ? Double.POSITIVE_INFINITY : rule.atLeast() ? -value : value;
            });
        }
        return better;
    }

    /// The school of that name, for files or for people.
    ///
    /// @throws IllegalArgumentException if there is none, with those that there are
    public static School named(String name) {
        String wanted = name.strip().replace(' ', '-');
        return ALL.stream()
                .filter(school -> school.id.equalsIgnoreCase(wanted))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no school '%s'; there are: %s"
                        .formatted(
                                name,
                                String.join(", ", ALL.stream().map(School::id).toList()))));
    }

    /// The school that a kind of game usually asks for.
    ///
    /// @param kind as it is stated; empty if it is not
    public static School usual(Optional<String> kind) {
        Optional<GameKind> known = kind.flatMap(word -> Arrays.stream(GameKind.values())
                .filter(one -> one.word().equals(word))
                .findFirst());
        return known.map(one -> switch (one) {
                    case AIMING, RHYTHM, RACING -> RESPONSE_FIRST;
                    case STORY, EXPLORING -> SMOOTH_FIRST;
                    case VR -> FULL_RATE_ONLY;
                })
                .orElse(SMOOTH_FIRST);
    }
}

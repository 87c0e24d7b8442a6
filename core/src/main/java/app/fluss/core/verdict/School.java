package app.fluss.core.verdict;

import app.fluss.core.bench.GameKind;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

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
            List.of(Rule.DELIVERED_OF_REFRESH, Rule.SURPLUS));

    /// A headset in which each refresh brings a new image.
    public static final School FULL_RATE_ONLY = new School(
            "full-rate-only",
            "full rate only",
            "VR",
            List.of(Asked.of(Rule.WITHOUT_NEW_IMAGE, 0.01), Asked.of(Rule.ADDED_REFRESHES, 1)),
            List.of(Rule.WITHOUT_NEW_IMAGE, Rule.RENDER_SCALE));

    /// A headset that never falls below every second refresh.
    public static final School STEADY_HALF_RATE = new School(
            "steady-half-rate",
            "steady half rate",
            "VR",
            List.of(Asked.of(Rule.BELOW_HALF_RATE, 0.005)),
            List.of(Rule.BELOW_HALF_RATE, Rule.RENDER_SCALE));

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

    /// Slow, beautiful games.
    public static final School PICTURE_FIRST = new School(
            "picture-first",
            "picture first",
            "slow, beautiful games",
            List.of(Asked.of(Rule.HEAVY_MARKS, 0), Asked.of(Rule.DELIVERED_RATE, 40)),
            List.of(Rule.HEAVY_MARKS, Rule.DELIVERED_RATE));

    /// All that ship.
    public static final List<School> SHIPPED = List.of(
            RESPONSE_FIRST, SMOOTH_FIRST, RATE_FIRST, FULL_RATE_ONLY, STEADY_HALF_RATE, HOURS_FIRST, PICTURE_FIRST);

    private static final Set<Rule> OF_HEADSETS = EnumSet.of(Rule.WITHOUT_NEW_IMAGE, Rule.BELOW_HALF_RATE);

    /// @throws IllegalArgumentException if it has no name, asks nothing or the same twice, or asks for what cannot
    ///     be: it says what
    public School {
        asks = List.copyOf(asks);
        order = List.copyOf(order);
        if (id.isBlank() || title.isBlank()) {
            throw new IllegalArgumentException("a school needs a name");
        }
        if (asks.isEmpty()) {
            throw new IllegalArgumentException(
                    "%s: a school asks something; give it a claim with a bound".formatted(title));
        }
        if (asks.stream().map(Asked::rule).distinct().count() != asks.size()) {
            throw new IllegalArgumentException(
                    "%s: a school asks nothing twice; leave one of the bounds out".formatted(title));
        }
        Optional<String> contradiction = contradiction(asks);
        if (contradiction.isPresent()) {
            throw new IllegalArgumentException("%s: %s".formatted(title, contradiction.get()));
        }
    }

    /// A base rate is never above the native one.
    private static Optional<String> contradiction(List<Asked> asks) {
        double base = bound(asks, Rule.BASE_RATE);
        double most = bound(asks, Rule.NATIVE_RATE);
        return base > most
                ? Optional.of(
                        "a base rate of at least %s/s and a native rate of at most %s/s contradict: lower one or raise the other"
                                .formatted(base, most))
                : Optional.empty();
    }

    private static double bound(List<Asked> asks, Rule rule) {
        return asks.stream()
                .filter(one -> one.rule() == rule)
                .mapToDouble(Asked::bound)
                .findFirst()
                .orElse(Double.NaN);
    }

    /// What it asks by a rule, if it does.
    public Optional<Asked> asked(Rule rule) {
        return asks.stream().filter(one -> one.rule() == rule).findFirst();
    }

    /// Whether it judges what a headset shows.
    public boolean isOfHeadsets() {
        return asks.stream().map(Asked::rule).anyMatch(OF_HEADSETS::contains);
    }

    /// The same with another bound.
    ///
    /// @param asked what is asked by a rule that it has
    /// @throws IllegalArgumentException if the bounds contradict
    public School with(Asked asked) {
        return new School(
                id,
                title,
                whatFor,
                asks.stream()
                        .map(one -> one.rule() == asked.rule() ? asked : one)
                        .toList(),
                order);
    }

    /// The same under another name.
    public School named(String name) {
        return new School(idOf(name), name.strip(), whatFor, asks, order);
    }

    /// The name in files that goes with a name for people.
    public static String idOf(String name) {
        return name.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s_]+", "-");
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

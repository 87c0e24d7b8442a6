package app.fluss.core.path;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Outcome.State;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// What must hold of the facts of a run.
public sealed interface Need {
    /// Whether it holds.
    ///
    /// @param now facts of this run
    /// @param baseline facts of the native run that it will be compared with
    Outcome judge(Setup now, Setup baseline);

    /// The fact must be stated, whatever its value.
    record Stated(FactKey fact) implements Need {
        @Override
        public Outcome judge(Setup now, Setup baseline) {
            return value(now, fact)
                    .map(value -> Outcome.met(said(fact, value)))
                    .orElseGet(() -> Outcome.unknown(notStated(fact)));
        }
    }

    /// The fact must have one of these values.
    record OneOf(FactKey fact, List<String> values) implements Need {
        /// Keeps a copy.
        public OneOf {
            values = List.copyOf(values);
        }

        @Override
        public Outcome judge(Setup now, Setup baseline) {
            return value(now, fact)
                    .map(value -> values.contains(value)
                            ? Outcome.met(said(fact, value))
                            : Outcome.notMet(said(fact, value) + "; wanted: " + String.join(" or ", values)))
                    .orElseGet(() -> Outcome.unknown(notStated(fact)));
        }
    }

    /// The fact must be a number in a range.
    record Within(FactKey fact, double low, double high) implements Need {
        @Override
        public Outcome judge(Setup now, Setup baseline) {
            double number = now.number(fact);
            if (Double.isNaN(number)) {
                return Outcome.unknown(notStated(fact));
            }
            return number >= low && number <= high
                    ? Outcome.met(said(fact, plain(number)))
                    : Outcome.notMet(said(fact, plain(number)) + "; wanted: " + range());
        }

        private String range() {
            if (low == high) {
                return plain(low);
            }
            if (Double.isInfinite(high)) {
                return plain(low) + " or more";
            }
            return Double.isInfinite(low) ? plain(high) + " or less" : plain(low) + " to " + plain(high);
        }
    }

    /// The fact must be what it was in the native run.
    record SameAsNative(FactKey fact) implements Need {
        @Override
        public Outcome judge(Setup now, Setup baseline) {
            Optional<String> here = value(now, fact);
            Optional<String> there = value(baseline, fact);
            if (here.isEmpty() || there.isEmpty()) {
                return Outcome.unknown(notStated(fact) + (here.isPresent() ? " in the native run" : ""));
            }
            return here.equals(there)
                    ? Outcome.met(said(fact, here.get()) + " on both sides")
                    : Outcome.notMet(
                            "%s: %s here, %s in the native run".formatted(fact.title(), here.get(), there.get()));
        }
    }

    /// A calculation must come out right.
    record Checked(Check check) implements Need {
        @Override
        public Outcome judge(Setup now, Setup baseline) {
            return check.judge(now);
        }
    }

    /// Only the analyst can tell.
    record Seen() implements Need {
        @Override
        public Outcome judge(Setup now, Setup baseline) {
            return Outcome.unknown("only you can tell");
        }
    }

    /// All of these must hold.
    record All(List<Need> needs) implements Need {
        /// Keeps a copy.
        public All {
            needs = List.copyOf(needs);
        }

        @Override
        public Outcome judge(Setup now, Setup baseline) {
            return worst(outcomes(needs, now, baseline));
        }
    }

    /// One of these must hold.
    record Any(List<Need> needs) implements Need {
        /// Keeps a copy.
        public Any {
            needs = List.copyOf(needs);
        }

        @Override
        public Outcome judge(Setup now, Setup baseline) {
            List<Outcome> outcomes = outcomes(needs, now, baseline);
            State best = outcomes.stream()
                    .map(Outcome::state)
                    .max(Comparator.naturalOrder())
                    .orElse(State.UNKNOWN);
            return joined(outcomes, best);
        }
    }

    private static List<Outcome> outcomes(List<Need> needs, Setup now, Setup baseline) {
        List<Outcome> outcomes = new ArrayList<>();
        needs.forEach(need -> outcomes.add(need.judge(now, baseline)));
        return outcomes;
    }

    private static Outcome worst(List<Outcome> outcomes) {
        State worst = outcomes.stream()
                .map(Outcome::state)
                .min(Comparator.naturalOrder())
                .orElse(State.UNKNOWN);
        return joined(outcomes, worst);
    }

    private static Outcome joined(List<Outcome> outcomes, State state) {
        return new Outcome(
                state,
                outcomes.stream()
                        .filter(outcome -> outcome.state() == state)
                        .map(Outcome::seen)
                        .distinct()
                        .collect(Collectors.joining("; ")));
    }

    private static Optional<String> value(Setup setup, FactKey fact) {
        return setup.value(fact);
    }

    private static String said(FactKey fact, String value) {
        return fact.title() + ": " + value;
    }

    private static String notStated(FactKey fact) {
        return fact.title() + " is not stated";
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString(Math.round(value)) : Double.toString(value);
    }
}

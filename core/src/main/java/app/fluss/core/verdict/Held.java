package app.fluss.core.verdict;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Estimate;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Level;
import app.fluss.core.compare.Method;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;

/// A figure as it is held against a bound.
///
/// @param value the figure, or why there is none
/// @param interval by its confidence; empty where the figure has none, or one that speaks of these runs only
/// @param kind what it rests on
/// @param grade the weakest of its runs; empty if none has it
/// @param runsA native runs that have it
/// @param runsB runs on the path that have it
public record Held(
        Figure value,
        DoubleFunction<Optional<Interval>> interval,
        Kind kind,
        Optional<Grade> grade,
        int runsA,
        int runsB) {
    /// What a figure rests on.
    public enum Kind {
        /// Its own spread from run to run.
        RUN_TO_RUN("from run to run"),
        /// A spread borrowed from other runs of the scene.
        BORROWED("spread of the scene"),
        /// Stretches at one spot, in one sitting.
        TOGGLE("switched in place"),
        /// Trials within these runs.
        WITHIN("within these runs"),
        /// Stages that were worked out.
        ESTIMATE("estimated"),
        /// What a counter or a tool said, or a person.
        READING("read"),
        /// A fact that is stated, or worked out of such.
        STATED("stated");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /// In words.
        public String title() {
            return title;
        }

        /// Whether its interval can make a claim hold or fail, and not only likely or unlikely.
        public boolean canSettle() {
            return this == RUN_TO_RUN || this == BORROWED || this == TOGGLE;
        }

        static Kind of(Method method) {
            return switch (method) {
                case WELCH -> RUN_TO_RUN;
                case BORROWED -> BORROWED;
                case TOGGLE -> TOGGLE;
                case WITHIN_RUNS, NONE -> WITHIN;
            };
        }
    }

    /// The figure that cannot be had.
    public static Held missing(String why) {
        return new Held(Figure.missing(why), _ -> Optional.empty(), Kind.WITHIN, Optional.empty(), 0, 0);
    }

    /// A figure of these runs alone.
    static Held within(Figure value, int runsA, int runsB) {
        return new Held(value, _ -> Optional.empty(), Kind.WITHIN, Optional.empty(), runsA, runsB);
    }

    /// What the stages of a path add up to.
    ///
    /// @param runsA native runs that they rest on
    /// @param runsB runs on the path that they rest on
    public static Held estimate(Figure value, int runsA, int runsB) {
        return new Held(value, _ -> Optional.empty(), Kind.ESTIMATE, Optional.of(Grade.B), runsA, runsB);
    }

    /// What a person said.
    ///
    /// @param runs that it was said of
    public static Held said(double value, int runs) {
        return new Held(Figure.of(value), _ -> Optional.empty(), Kind.READING, Optional.of(Grade.E), 0, runs);
    }

    /// What somebody typed, from a maker's page or a tool.
    public static Held typed(double value) {
        return new Held(Figure.of(value), _ -> Optional.empty(), Kind.READING, Optional.empty(), 0, 0);
    }

    /// A stated fact, or what follows from such.
    public static Held stated(double value) {
        return new Held(Figure.of(value), _ -> Optional.empty(), Kind.STATED, Optional.empty(), 0, 0);
    }

    /// A ratio of the path to native.
    static Held ratio(Difference compared) {
        return of(compared, compared.ratio(), compared.estimate()::ratioIntervalAt);
    }

    /// A difference of the path from native.
    public static Held difference(Difference compared) {
        return of(compared, compared.difference(), compared.estimate()::intervalAt);
    }

    private static Held of(Difference compared, Figure value, DoubleFunction<Optional<Interval>> interval) {
        Estimate estimate = compared.estimate();
        Optional<Grade> grade =
                compared.a().grade().flatMap(a -> compared.b().grade().map(a::weaker));
        boolean read = grade.filter(one -> !one.hasLog()).isPresent();
        return new Held(
                value,
                interval,
                read ? Kind.READING : Kind.of(estimate.method()),
                grade,
                compared.a().runs(),
                compared.b().runs());
    }

    /// The level of one side.
    static Held level(Difference.Side side, boolean isPath) {
        Level level = side.level();
        boolean read = side.grade().filter(one -> !one.hasLog()).isPresent();
        return new Held(
                level.figure(),
                level::intervalAt,
                read ? Kind.READING : Kind.of(level.method()),
                side.grade(),
                isPath ? 0 : side.runs(),
                isPath ? side.runs() : 0);
    }

    /// The level of figures worked out run by run.
    ///
    /// @param grade of the runs
    public static Held level(Level level, Grade grade, int runs) {
        return new Held(level.figure(), level::intervalAt, Kind.of(level.method()), Optional.of(grade), 0, runs);
    }

    /// A ratio of figures worked out run by run.
    ///
    /// @param grade of the runs
    public static Held ratio(Estimate estimate, Grade grade, int runsA, int runsB) {
        return new Held(
                estimate.ratio(),
                estimate::ratioIntervalAt,
                Kind.of(estimate.method()),
                Optional.of(grade),
                runsA,
                runsB);
    }

    /// What follows from it.
    ///
    /// @param of must grow with the figure
    Held map(DoubleUnaryOperator of) {
        return new Held(
                value.map(of),
                confidence -> interval.apply(confidence)
                        .map(ends -> new Interval(of.applyAsDouble(ends.low()), of.applyAsDouble(ends.high()))),
                kind,
                grade,
                runsA,
                runsB);
    }
}

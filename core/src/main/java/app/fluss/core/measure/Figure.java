package app.fluss.core.measure;

import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleUnaryOperator;

/// One figure, or the reason why it cannot be had. Never NaN, never infinite, never a 0 that means "unknown".
public sealed interface Figure {
    /// A figure that was had.
    ///
    /// @param value any finite number, in the unit that the owner of the figure states
    record Known(double value) implements Figure {
        /// @throws IllegalArgumentException if `value` is not finite
        public Known {
            if (!Double.isFinite(value)) {
                throw new IllegalArgumentException("value must be finite, got " + value);
            }
        }
    }

    /// A figure that cannot be had.
    ///
    /// @param reason why, in words for the user
    record Missing(String reason) implements Figure {}

    /// A known figure.
    static Figure of(double value) {
        return new Known(value);
    }

    /// A figure that cannot be had.
    static Figure missing(String reason) {
        return new Missing(reason);
    }

    /// `value` if it is finite, else missing for this reason.
    static Figure ofFinite(double value, String otherwise) {
        return Double.isFinite(value) ? of(value) : missing(otherwise);
    }

    /// Whether the figure was had.
    default boolean isKnown() {
        return this instanceof Known;
    }

    /// The value, or NaN where it is missing; for arithmetic that carries NaN through.
    default double orNaN() {
        return switch (this) {
            case Known known -> known.value;
            case Missing _ -> Double.NaN;
        };
    }

    /// The same figure in other terms; missing stays missing.
    default Figure map(DoubleUnaryOperator f) {
        return switch (this) {
            case Known known -> ofFinite(f.applyAsDouble(known.value), "the calculation has no finite result");
            case Missing missing -> missing;
        };
    }

    /// A figure made of two; missing if either is, with the first reason found.
    default Figure with(Figure other, DoubleBinaryOperator f) {
        return switch (this) {
            case Known known -> other.map(v -> f.applyAsDouble(known.value, v));
            case Missing missing -> missing;
        };
    }
}

package app.fluss.core.measure;

import java.util.Locale;

/// A figure in a list of figures.
public interface Described {
    /// What is known of it.
    Description description();

    /// The constant's name.
    String name();

    /// The name in files, such as `rendered-rate` for RENDERED_RATE.
    default String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /// The name for people.
    default String title() {
        return description().title();
    }

    /// The unit for people.
    default String unit() {
        return description().unit();
    }

    /// Whether a larger value is the better one.
    default boolean moreIsBetter() {
        return description().better() == Better.MORE;
    }
}

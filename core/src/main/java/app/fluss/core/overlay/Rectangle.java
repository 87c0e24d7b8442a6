package app.fluss.core.overlay;

import java.util.function.UnaryOperator;

/// The rectangle of a number, and what can be seen beside it where its edge cuts through text.
///
/// @param around crops of the rows of the rectangle, that may reach further to both sides
/// @param from the first column of the rectangle in them
/// @param to the column after its last one, more than `from`
public record Rectangle(Crops around, int from, int to) {
    /// @throws IllegalArgumentException if the columns are not those of the crops
    public Rectangle {
        if (from < 0 || to <= from || to > around.width()) {
            throw new IllegalArgumentException(
                    "columns %d to %d of crops %d px wide".formatted(from, to, around.width()));
        }
    }

    /// How much of what stands beside the rectangle is looked at, px; what is not there is left out.
    record Beside(int left, int right) {
        static final Beside NOTHING = new Beside(0, 0);
    }

    /// The columns of any crops like these that are looked at.
    UnaryOperator<Crops> view(Beside beside) {
        int first = Math.max(0, from - beside.left);
        int end = Math.min(around.width(), to + beside.right);
        return first == 0 && end == around.width() ? UnaryOperator.identity() : crops -> new Columns(crops, first, end);
    }

    /// The same rectangle, with so much beside it and no more.
    Rectangle with(Beside beside) {
        int first = Math.max(0, from - beside.left);
        return new Rectangle(view(beside).apply(around), from - first, to - first);
    }

    /// The same rectangle on what is made of its crops, as large as they are.
    Rectangle through(UnaryOperator<Crops> made) {
        return new Rectangle(made.apply(around), from, to);
    }

    /// The same rectangle on crops of half the size.
    Rectangle shrunk() {
        Crops half = new Shrunk(around);
        int first = Math.min(from / Shrunk.BY, half.width() - 1);
        return new Rectangle(half, first, Math.clamp((to + 1) / Shrunk.BY, first + 1, half.width()));
    }

    /// Its columns in the crops.
    Span columns() {
        return new Span(from, to);
    }
}

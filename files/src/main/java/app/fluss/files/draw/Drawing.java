package app.fluss.files.draw;

/// Something that can be drawn at any size.
@FunctionalInterface
public interface Drawing {
    /// Draws it.
    ///
    /// @param width room, px
    /// @param height room, px
    void draw(Pen pen, double width, double height);
}

package app.fluss.core.feel.blind;

/// One of the two paths of a blind block.
public enum Side {
    /// The first path of the block.
    A,
    /// The second.
    B
}

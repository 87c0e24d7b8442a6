package app.fluss.core.frame;

/// What an image in a frame log is.
public enum FrameKind {
    /// Carries new game state, drawn by the game.
    RENDERED,
    /// Made from rendered images by a generator; carries no new game state.
    GENERATED,
    /// The log does not say.
    UNKNOWN;

    private static final FrameKind[] BY_CODE = values();

    /// The number that stands for this kind in a column of kinds.
    @SuppressWarnings("EnumOrdinal") // the codes live only as long as the column
    public byte code() {
        return (byte) ordinal();
    }

    static FrameKind ofCode(int code) {
        return BY_CODE[code];
    }
}

package app.fluss.files.share;

/// Words of a study as they may stand in what is handed to others: on one line, without characters that
/// steer how the text around them is written, and not longer than there is room.
final class Shown {
    /// Longest name in tables and charts, characters.
    static final int NAME = 48;

    private Shown() {}

    /// All of it, cleaned.
    static String words(String text) {
        StringBuilder clean = new StringBuilder();
        text.codePoints().forEach(letter -> {
            switch (Character.getType(letter)) {
                case Character.CONTROL, Character.LINE_SEPARATOR, Character.PARAGRAPH_SEPARATOR -> clean.append(' ');
                case Character.FORMAT, Character.SURROGATE, Character.PRIVATE_USE, Character.UNASSIGNED -> {}
                default -> clean.appendCodePoint(letter);
            }
        });
        return clean.toString().strip();
    }

    /// A name, cut where it is long.
    static String name(String text) {
        String clean = words(text);
        return clean.codePointCount(0, clean.length()) <= NAME
                ? clean
                : clean.substring(0, clean.offsetByCodePoints(0, NAME - 1)).stripTrailing() + "…";
    }
}

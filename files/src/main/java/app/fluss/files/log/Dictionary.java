package app.fluss.files.log;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// The few distinct words of a column, numbered as they come, compared as bytes so that no text is made for
/// each row.
final class Dictionary {
    /// Distinct words that a column of kinds or programs may have.
    static final int MOST_WORDS = 100;

    private final List<byte[]> words = new ArrayList<>();
    private int last;

    /// The number of a word; -1 if there are too many distinct ones.
    int code(byte[] buffer, int from, int to) {
        if (last < words.size() && isWord(last, buffer, from, to)) {
            return last;
        }
        for (int code = 0; code < words.size(); code++) {
            if (isWord(code, buffer, from, to)) {
                last = code;
                return code;
            }
        }
        if (words.size() == MOST_WORDS) {
            return -1;
        }
        words.add(Arrays.copyOfRange(buffer, from, to));
        last = words.size() - 1;
        return last;
    }

    /// The numbers here of the words of another, by their number there; -1 for those that are too many.
    int[] codesOf(Dictionary other) {
        int[] codes = new int[other.words.size()];
        for (int i = 0; i < codes.length; i++) {
            byte[] word = other.words.get(i);
            codes[i] = code(word, 0, word.length);
        }
        return codes;
    }

    private boolean isWord(int code, byte[] buffer, int from, int to) {
        byte[] word = words.get(code);
        return Arrays.equals(word, 0, word.length, buffer, from, to);
    }

    List<String> words() {
        return words.stream()
                .map(word -> new String(word, StandardCharsets.UTF_8).strip())
                .toList();
    }
}

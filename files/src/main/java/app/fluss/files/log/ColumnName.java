package app.fluss.files.log;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/// The name of a column in whole words, and the unit of time that it states.
final class ColumnName {
    private static final Map<String, TimeUnit> UNITS = Map.ofEntries(
            Map.entry("s", TimeUnit.S),
            Map.entry("sec", TimeUnit.S),
            Map.entry("secs", TimeUnit.S),
            Map.entry("seconds", TimeUnit.S),
            Map.entry("sekunden", TimeUnit.S),
            Map.entry("secondes", TimeUnit.S),
            Map.entry("segundos", TimeUnit.S),
            Map.entry("сек", TimeUnit.S),
            Map.entry("秒", TimeUnit.S),
            Map.entry("ms", TimeUnit.MS),
            Map.entry("msec", TimeUnit.MS),
            Map.entry("millis", TimeUnit.MS),
            Map.entry("milliseconds", TimeUnit.MS),
            Map.entry("millisekunden", TimeUnit.MS),
            Map.entry("мс", TimeUnit.MS),
            Map.entry("毫秒", TimeUnit.MS),
            Map.entry("us", TimeUnit.US),
            Map.entry("µs", TimeUnit.US),
            Map.entry("μs", TimeUnit.US),
            Map.entry("usec", TimeUnit.US),
            Map.entry("micros", TimeUnit.US),
            Map.entry("microseconds", TimeUnit.US),
            Map.entry("мкс", TimeUnit.US),
            Map.entry("ns", TimeUnit.NS),
            Map.entry("nsec", TimeUnit.NS),
            Map.entry("nanos", TimeUnit.NS),
            Map.entry("nanoseconds", TimeUnit.NS));

    private final String whole;
    private final List<String> words;
    private final boolean perSecond;

    ColumnName(String header) {
        whole = Normalizer.normalize(header, Normalizer.Form.NFC).strip();
        words = words(whole);
        perSecond = whole.toLowerCase(Locale.ROOT).matches(".*(/\\s*s(ec)?|1/s|/с|per second)\\W*$");
    }

    /// Where a short form in large letters ends and the next word begins: `GPUTime`, `CPUms`, `LoadMHz`.
    private static final Pattern SHORT_FORM =
            Pattern.compile("(?<=\\p{Lu}{2})(?=(?!Hz|\\p{Lu}UNIT)\\p{Lu}\\p{Ll}|UNIT)|(?<=\\p{L})(?=[MG]Hz)"
                    .replace("UNIT", "(?:ms|us|µs|ns)(?!\\p{L})"));

    /// Short forms that names in small letters begin with: `gputime`.
    private static final List<String> PREFIXES = List.of("cpu", "gpu", "fps", "vram");

    /// Parts at what is no letter and no digit, between small and large letters, after short forms, and between letters
    /// and digits.
    private static List<String> words(String header) {
        String name = SHORT_FORM.matcher(header).replaceAll(" ");
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        int before = ' ';
        for (int at = 0; at < name.length(); at += Character.charCount(name.codePointAt(at))) {
            int c = name.codePointAt(at);
            boolean part =
                    Character.isLetterOrDigit(c) || c == '°' || Character.getType(c) == Character.NON_SPACING_MARK;
            boolean begins = part
                    && word.length() > 0
                    && ((Character.isUpperCase(c) && Character.isLowerCase(before))
                            || Character.isDigit(c) != Character.isDigit(before));
            if (!part || begins) {
                end(word, words);
            }
            if (part) {
                word.appendCodePoint(Character.toLowerCase(c));
            }
            before = c;
        }
        end(word, words);
        return words;
    }

    private static void end(StringBuilder word, List<String> words) {
        if (word.length() == 0) {
            return;
        }
        String whole = word.toString();
        word.setLength(0);
        // What follows is a word, no plural.
        Optional<String> prefix = PREFIXES.stream()
                .filter(one -> whole.startsWith(one) && whole.length() > one.length() + 1)
                .findFirst();
        prefix.ifPresent(words::add);
        words.add(prefix.map(one -> whole.substring(one.length())).orElse(whole));
    }

    /// Whether words of a phrase stand in it one after the other. In languages that do not part words a part counts.
    boolean says(List<String> phrase) {
        if (phrase.size() == 1 && isUnparted(phrase.getFirst())) {
            return words.stream().anyMatch(word -> word.contains(phrase.getFirst()));
        }
        for (int at = 0; at + phrase.size() <= words.size(); at++) {
            if (words.subList(at, at + phrase.size()).equals(phrase)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isUnparted(String word) {
        return word.codePoints().anyMatch(c -> switch (Character.UnicodeScript.of(c)) {
            case HAN, HIRAGANA, KATAKANA, HANGUL -> true;
            default -> false;
        });
    }

    boolean isOneWord() {
        return words.size() == 1;
    }

    /// Whether it is something per second.
    boolean isPerSecond() {
        return perSecond;
    }

    boolean isPercent() {
        return whole.contains("%");
    }

    /// The unit that its last word, or a word in brackets, states.
    Optional<TimeUnit> unit() {
        if (perSecond) {
            return Optional.empty();
        }
        for (int at = words.size() - 1; at >= 0; at--) {
            TimeUnit unit = UNITS.get(words.get(at));
            boolean alone = words.get(at).length() > 1 || at == words.size() - 1;
            if (unit != null && alone) {
                return Optional.of(unit);
            }
        }
        return Optional.empty();
    }

    @Override
    public String toString() {
        return whole;
    }
}

package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Numbers that come and go faster than their counter changes. Where numbers stand long, what only one picture shows
/// is doubted, and what stands far shorter than they do between two that are the same, or is a mix of the two. Where
/// others interrupt a number again and again, neither counts. Where so many pictures are open that few numbers are
/// seen to stand, it tells that they seldom change from a picture to the next.
final class Flicker {
    private static final int STANDS_LONG = 4;
    private static final double BRIEF = 0.35;
    private static final double MIXED = 0.9;
    private static final int SEVERAL = 10;
    private static final int AGAIN = 2;
    private static final double OFTEN = 0.2;

    private Flicker() {}

    /// Opens them.
    ///
    /// @param texts for each picture the number that it seems to show; empty where it is open
    static void drop(String[] texts) {
        if (median(unbroken(texts)) >= STANDS_LONG) {
            dropBrief(texts);
            dropLonely(texts);
            dropMixed(texts);
        } else if (seldomChanges(texts)) {
            dropAlone(texts);
        }
    }

    private static boolean seldomChanges(String[] texts) {
        int pairs = 0;
        int changes = 0;
        for (int i = 1; i < texts.length; i++) {
            boolean pair = !texts[i - 1].isEmpty() && !texts[i].isEmpty();
            pairs += pair ? 1 : 0;
            changes += pair && !texts[i - 1].equals(texts[i]) ? 1 : 0;
        }
        return pairs >= SEVERAL && pairs >= STANDS_LONG * changes;
    }

    /// Numbers that no second picture shows before another one comes.
    private static void dropAlone(String[] texts) {
        for (Stand stand : whole(texts)) {
            if (stand.pictures() == 1) {
                texts[stand.from] = "";
            }
        }
    }

    /// A stretch of pictures.
    ///
    /// @param from its first picture
    /// @param to the picture after its last one
    private record Stand(int from, int to) {
        int pictures() {
            return to - from;
        }
    }

    private static int median(List<Stand> stands) {
        int[] sorted = stands.stream().mapToInt(Stand::pictures).sorted().toArray();
        return sorted.length == 0 ? 0 : sorted[sorted.length / 2];
    }

    /// Stretches that show one number without a gap.
    private static List<Stand> unbroken(String[] texts) {
        List<Stand> stands = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= texts.length; i++) {
            if (i == texts.length || !texts[i].equals(texts[from])) {
                if (!texts[from].isEmpty()) {
                    stands.add(new Stand(from, i));
                }
                from = i;
            }
        }
        return stands;
    }

    /// Stretches from the first to the last picture that shows one number, with no other one between.
    private static List<Stand> whole(String[] texts) {
        List<Stand> stands = new ArrayList<>();
        for (Stand part : unbroken(texts)) {
            Stand last = stands.isEmpty() ? null : stands.getLast();
            if (last != null && texts[last.from].equals(texts[part.from])) {
                stands.removeLast();
                stands.add(new Stand(last.from, part.to));
            } else {
                stands.add(part);
            }
        }
        return stands;
    }

    /// Opens numbers that others interrupt again and again, for far less than numbers stand: one look is taken for
    /// several, and which one it is cannot be told. Where few pictures show the others, a counter that changes with
    /// every picture may have left its number now and then.
    ///
    /// @param texts for each picture the number that it seems to show; empty where it is open
    static void dropContested(String[] texts) {
        List<Stand> stands = whole(texts);
        double brief = BRIEF * usual(stands);
        for (int from = 0; from < stands.size(); from++) {
            Map<String, Integer> others = new HashMap<>();
            int to = from;
            int next = again(texts, stands, to, brief);
            while (next > to) {
                for (Stand between : stands.subList(to + 1, next)) {
                    others.merge(texts[between.from], 1, Integer::sum);
                }
                to = next;
                next = again(texts, stands, to, brief);
            }
            int begin = stands.get(from).from;
            int end = stands.get(to).to;
            boolean again = others.values().stream().anyMatch(times -> times >= AGAIN);
            if (again && othersOften(texts, begin, end)) {
                Arrays.fill(texts, begin, end, "");
            }
            from = to;
        }
    }

    /// Whether many pictures of a stretch show another number than its first one does.
    private static boolean othersOften(String[] texts, int from, int to) {
        long read =
                Arrays.stream(texts, from, to).filter(text -> !text.isEmpty()).count();
        long own = Arrays.stream(texts, from, to).filter(texts[from]::equals).count();
        return read - own >= OFTEN * own;
    }

    /// The stand that shows the same number next, if it comes soon and no other one stands long before it, as it does
    /// where a counter goes to and fro; this one if not.
    private static int again(String[] texts, List<Stand> stands, int at, double soon) {
        Stand stand = stands.get(at);
        for (int next = at + 1; next < stands.size() && stands.get(next).from - stand.to < soon; next++) {
            if (texts[stands.get(next).from].equals(texts[stand.from])) {
                return next;
            }
            if (stands.get(next).pictures() >= STANDS_LONG) {
                return at;
            }
        }
        return at;
    }

    /// How long the numbers stand that half of the pictures show at least: one that is contested falls into many short
    /// stands, which would count for most of a plain median.
    private static int usual(List<Stand> stands) {
        int[] sorted = stands.stream().mapToInt(Stand::pictures).sorted().toArray();
        int all = Arrays.stream(sorted).sum();
        int shown = 0;
        for (int pictures : sorted) {
            shown += pictures;
            if (2 * shown >= all) {
                return pictures;
            }
        }
        return 0;
    }

    private static void dropBrief(String[] texts) {
        List<Stand> stands = whole(texts);
        double brief = BRIEF * median(stands);
        for (int k = 1; k + 1 < stands.size(); k++) {
            Stand stand = stands.get(k);
            boolean within = texts[stands.get(k - 1).from].equals(texts[stands.get(k + 1).from]);
            if (within && stand.pictures() < brief) {
                Arrays.fill(texts, stand.from, stand.to, "");
            }
        }
    }

    /// Coding may take a few pictures to change a figure, and one sooner than the next: what has less
    /// room than most, and each figure of the number before it or of the one after it, is neither.
    private static void dropMixed(String[] texts) {
        List<Stand> stands = whole(texts);
        double brief = MIXED * median(stands);
        for (int k = 1; k + 1 < stands.size(); k++) {
            Stand stand = stands.get(k);
            String before = texts[stands.get(k - 1).from];
            String after = texts[stands.get(k + 1).from];
            int room = stands.get(k + 1).from - stands.get(k - 1).to;
            if (room < brief && isMixOf(texts[stand.from], before, after)) {
                Arrays.fill(texts, stand.from, stand.to, "");
            }
        }
    }

    private static boolean isMixOf(String text, String before, String after) {
        boolean mix = text.length() == before.length() && text.length() == after.length();
        for (int i = 0; mix && i < text.length(); i++) {
            mix = text.charAt(i) == before.charAt(i) || text.charAt(i) == after.charAt(i);
        }
        return mix;
    }

    private static void dropLonely(String[] texts) {
        boolean[] lonely = new boolean[texts.length];
        for (int i = 1; i + 1 < texts.length; i++) {
            lonely[i] = !texts[i].isEmpty() && !texts[i].equals(texts[i - 1]) && !texts[i].equals(texts[i + 1]);
        }
        for (int i = 0; i < texts.length; i++) {
            texts[i] = lonely[i] ? "" : texts[i];
        }
    }
}

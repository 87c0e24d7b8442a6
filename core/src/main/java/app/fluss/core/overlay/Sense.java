package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/// What the numbers of one counter have in common, whatever it counts. Those that break with it are open.
final class Sense {
    private static final double FEW = 0.1;
    private static final double EDGE = 0.05;
    private static final double GAP = 1.5;
    private static final int SEVERAL = 12;
    private static final int FEW_FIGURES = 3;
    private static final int TWICE = 2;
    private static final double OFTEN = 0.05;
    private static final int FEWEST_GROWN = 4;
    private static final double SOME = 0.3;
    private static final double NEARLY_ALL = 0.95;

    private Sense() {}

    /// Opens what makes no sense.
    ///
    /// @param texts for each picture the number that it seems to show; empty where it is open
    static void check(String[] texts) {
        dropOtherDecimals(texts);
        dropLeadingZeros(texts);
        dropGrown(texts);
        dropLonger(texts);
        dropFewFigures(texts);
    }

    /// A counter has as many decimals all the time, or fewer the larger its numbers are.
    private static void dropOtherDecimals(String[] texts) {
        Map<Integer, List<Double>> numbers = new TreeMap<>(Comparator.reverseOrder());
        int all = 0;
        for (String text : texts) {
            if (!text.isEmpty()) {
                numbers.computeIfAbsent(decimals(text), _ -> new ArrayList<>()).add(size(text));
                all++;
            }
        }
        int few = (int) Math.floor(FEW * all);
        numbers.values().removeIf(some -> some.size() <= few);
        boolean ordered = true;
        Sizes more = null;
        for (Map.Entry<Integer, List<Double>> some : numbers.entrySet()) {
            Sizes fewer = Sizes.of(some.getKey(), some.getValue());
            ordered &= more == null || fewer.mayGoOnFrom(more);
            more = fewer;
        }
        for (int i = 0; i < texts.length; i++) {
            texts[i] = ordered && numbers.containsKey(decimals(texts[i])) ? texts[i] : "";
        }
    }

    /// How large the numbers with so many decimals are, but for a few at both ends.
    private record Sizes(int decimals, double low, double median, double high) {
        static Sizes of(int decimals, List<Double> numbers) {
            Collections.sort(numbers);
            int last = numbers.size() - 1;
            return new Sizes(decimals, numbers.get((int) (EDGE * last)), numbers.get(last / 2), numbers.get((int)
                    Math.ceil((1 - EDGE) * last)));
        }

        /// Whether these may be what a counter shows above numbers with more decimals. It leaves them away when it
        /// needs another figure before the point; numbers that have lost theirs are some tenfold of the others.
        boolean mayGoOnFrom(Sizes more) {
            double seeming = median / Math.pow(10, more.decimals - decimals);
            boolean lost = low > GAP * more.high && seeming >= more.low && seeming <= more.high;
            return low >= more.high && figures(low) > figures(more.high) && !lost;
        }

        private static int figures(double number) {
            return String.valueOf((long) number).length();
        }
    }

    /// How many figures the numbers of nearly all pictures have after their point; -1 where that differs, or they
    /// have no point: then one more figure may always follow.
    ///
    /// @param texts for each picture the number that it seems to show; empty where it is open
    static int usualDecimals(String[] texts) {
        Map<Integer, Long> pictures = Arrays.stream(texts)
                .filter(text -> !text.isEmpty())
                .collect(Collectors.groupingBy(Sense::decimals, Collectors.counting()));
        long all = pictures.values().stream().mapToLong(Long::longValue).sum();
        return pictures.entrySet().stream()
                .filter(one -> one.getKey() > 0 && one.getValue() >= NEARLY_ALL * all)
                .mapToInt(Map.Entry::getKey)
                .findAny()
                .orElse(-1);
    }

    /// How many figures a number has after its point; 0 without one.
    static int decimals(String text) {
        int point = text.indexOf('.');
        return point < 0 ? 0 : text.length() - point - 1;
    }

    /// How large a number is that may hold marks that it should not.
    private static double size(String text) {
        int point = text.indexOf('.');
        return Double.parseDouble(
                point < 0
                        ? text
                        : text.substring(0, point + 1) + text.substring(point).replace(".", ""));
    }

    /// Zeros lead only where numbers are filled up to one length.
    private static void dropLeadingZeros(String[] texts) {
        long lengths = Arrays.stream(texts)
                .filter(text -> !text.isEmpty())
                .mapToInt(String::length)
                .distinct()
                .count();
        for (int i = 0; i < texts.length; i++) {
            boolean leads = texts[i].length() > 1 && texts[i].charAt(0) == '0' && texts[i].charAt(1) != '.';
            texts[i] = leads && lengths > 1 ? "" : texts[i];
        }
    }

    /// A number that grows by the same figure at the same end again and again, such as 116 to 1161 and 132
    /// to 1321, has got a piece of what stands beside it.
    private static void dropGrown(String[] texts) {
        Map<Growth, Integer> seen = new HashMap<>();
        String last = "";
        int changes = 0;
        for (String text : texts) {
            if (!text.isEmpty() && !text.equals(last)) {
                changes++;
                Growth growth = Growth.between(last, text);
                if (growth != null) {
                    seen.merge(growth, 1, Integer::sum);
                }
                last = text;
            }
        }
        double often = Math.max(TWICE, OFTEN * changes);
        seen.values().removeIf(times -> times < often);
        for (Growth growth : seen.keySet()) {
            for (int i = 0; i < texts.length; i++) {
                texts[i] = growth.mayHaveMade(texts[i]) ? "" : texts[i];
            }
        }
    }

    /// Numbers that are longer than most by one figure, and all end in the same one as no others do, such as 18271
    /// beside
    /// 1746 and 15011 beside 1645, have got a piece of what stands beside them.
    private static void dropLonger(String[] texts) {
        Map<Integer, List<String>> byLength =
                Arrays.stream(texts).filter(text -> !text.isEmpty()).collect(Collectors.groupingBy(String::length));
        for (Map.Entry<Integer, List<String>> longer : byLength.entrySet()) {
            List<String> usual = byLength.getOrDefault(longer.getKey() - 1, List.of());
            long numbers = longer.getValue().stream().distinct().count();
            char last = lastOf(longer.getValue().getFirst());
            boolean same = longer.getValue().stream().allMatch(text -> lastOf(text) == last);
            long alike = usual.stream().filter(text -> lastOf(text) == last).count();
            boolean grown = numbers >= FEWEST_GROWN && same && alike <= SOME * usual.size();
            if (grown && longer.getValue().size() <= SOME * usual.size()) {
                Arrays.setAll(texts, i -> texts[i].length() == longer.getKey() ? "" : texts[i]);
            }
        }
    }

    private static char lastOf(String text) {
        return text.charAt(text.length() - 1);
    }

    /// Figures more at one end.
    ///
    /// @param figures the figures
    /// @param after whether they follow the number, else they stand before it
    /// @param length of the number with them
    private record Growth(String figures, boolean after, int length) {
        /// What one of two numbers has more than the other; null if that is not all the difference.
        static @Nullable Growth between(String one, String other) {
            String small = one.length() < other.length() ? one : other;
            String large = one.length() < other.length() ? other : one;
            int more = large.length() - small.length();
            if (more == 0 || small.isEmpty()) {
                return null;
            } else if (large.startsWith(small)) {
                return new Growth(large.substring(small.length()), true, large.length());
            }
            return large.endsWith(small) ? new Growth(large.substring(0, more), false, large.length()) : null;
        }

        boolean mayHaveMade(String text) {
            return text.length() >= length && (after ? text.endsWith(figures) : text.startsWith(figures));
        }
    }

    /// Numbers that change often and are made of two or three figures only are strokes of something else.
    private static void dropFewFigures(String[] texts) {
        Set<String> numbers = new HashSet<>();
        Set<Integer> figures = new HashSet<>();
        for (String text : texts) {
            if (!text.isEmpty() && numbers.add(text)) {
                text.chars().filter(Character::isDigit).forEach(figures::add);
            }
        }
        if (numbers.size() >= SEVERAL && figures.size() <= FEW_FIGURES) {
            Arrays.fill(texts, "");
        }
    }
}

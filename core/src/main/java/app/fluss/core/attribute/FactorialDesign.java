package app.fluss.core.attribute;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.IntPredicate;

/// Which combinations of factors to measure, so that each factor can be told from the others: all of them, or half of
/// them where that leaves every factor clear of interactions of two (resolution IV and better; Box & Hunter,
/// "The 2^(k-p) fractional factorial designs", Technometrics 3 (1961) 311-351, from memory).
///
/// @param factors two to five
/// @param runs combinations in the order in which to measure them; the first factor is bit 0
/// @param blocks for each of these the block that it is in: within one the game need not be started anew
/// @param word the product of factors that is the same in every run of a fraction, as bits; 0 for all combinations
public record FactorialDesign(List<Factor> factors, List<Integer> runs, List<Integer> blocks, int word) {
    private static final int FEWEST = 2;
    private static final int MOST = 5;

    /// Factors from which there is a fraction of resolution IV.
    private static final int HALVED = 4;

    /// Keeps copies.
    public FactorialDesign {
        factors = List.copyOf(factors);
        runs = List.copyOf(runs);
        blocks = List.copyOf(blocks);
    }

    /// All combinations that are possible.
    ///
    /// @throws IllegalArgumentException with fewer than two factors or more than five
    public static FactorialDesign full(List<Factor> factors, IntPredicate possible) {
        return of(factors, possible, 0);
    }

    /// Half of them: with four factors the fourth is the product of the others (D = ABC, resolution IV), with five the
    /// fifth (E = ABCD, V).
    ///
    /// @throws IllegalArgumentException with other than four or five factors
    public static FactorialDesign half(List<Factor> factors, IntPredicate possible) {
        if (factors.size() < HALVED) {
            throw new IllegalArgumentException(
                    "%d factors have no fraction that leaves them clear of interactions: measure all combinations"
                            .formatted(factors.size()));
        }
        return of(factors, possible, (1 << factors.size()) - 1);
    }

    private static FactorialDesign of(List<Factor> factors, IntPredicate possible, int word) {
        if (factors.size() < FEWEST || factors.size() > MOST) {
            throw new IllegalArgumentException("a plan takes two to five factors, got %d".formatted(factors.size()));
        }
        List<Integer> runs = new ArrayList<>();
        for (int combination = 0; combination < 1 << factors.size(); combination++) {
            if ((word == 0 || isIn(combination, factors.size())) && possible.test(combination)) {
                runs.add(combination);
            }
        }
        int restarting = restarting(factors);
        // Factors that need a restart change as seldom as can be.
        runs.sort(Comparator.comparingInt((Integer one) -> gray(one & restarting))
                .thenComparingInt(one -> gray(one & ~restarting)));
        return new FactorialDesign(factors, runs, blocks(runs, restarting), word);
    }

    /// Whether the last factor is the product of the others, coded −1 and +1.
    private static boolean isIn(int combination, int factors) {
        int last = 1 << (factors - 1);
        boolean positive = (factors - 1 - Integer.bitCount(combination & (last - 1))) % 2 == 0;
        return positive == ((combination & last) != 0);
    }

    private static int restarting(List<Factor> factors) {
        int bits = 0;
        for (int bit = 0; bit < factors.size(); bit++) {
            bits |= factors.get(bit).restarts() ? 1 << bit : 0;
        }
        return bits;
    }

    /// The place of a combination in the order in which one factor changes at a time (Gray's code).
    private static int gray(int combination) {
        int place = 0;
        for (int rest = combination; rest != 0; rest >>= 1) {
            place ^= rest;
        }
        return place;
    }

    private static List<Integer> blocks(List<Integer> runs, int restarting) {
        List<Integer> blocks = new ArrayList<>();
        Map<Integer, Integer> known = new TreeMap<>();
        for (int run : runs) {
            blocks.add(known.computeIfAbsent(run & restarting, _ -> known.size() + 1));
        }
        return blocks;
    }

    /// What cannot be told from what in a fraction: for every factor and every interaction of two the one product
    /// that it is mixed up with. Empty where all combinations are measured.
    public Map<String, String> aliases() {
        Map<String, String> aliases = new LinkedHashMap<>();
        if (word == 0) {
            return aliases;
        }
        for (int order = 1; order <= 2; order++) {
            for (int bits = 1; bits < 1 << factors.size(); bits++) {
                if (Integer.bitCount(bits) == order) {
                    aliases.put(name(bits), name(bits ^ word));
                }
            }
        }
        return aliases;
    }

    private String name(int bits) {
        List<String> names = new ArrayList<>();
        for (int bit = 0; bit < factors.size(); bit++) {
            if ((bits >> bit & 1) == 1) {
                names.add(factors.get(bit).name());
            }
        }
        return String.join(" × ", names);
    }

    /// What the runs of this plan will not tell apart, combinations that are not possible left out, by name.
    public Map<String, List<String>> untold() {
        TreeMap<Integer, double[]> one = new TreeMap<>();
        runs.forEach(run -> one.put(run, new double[] {1}));
        return Effects.of(new Cells(factors, one, Cells.Scale.RATIO)).aliases();
    }
}

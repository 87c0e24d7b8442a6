package app.fluss.core.attribute;

import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;

/// What each factor does on the average over the others, and what two do together beyond that: half-contrasts by least
/// squares with the levels coded −1 and +1 (Box, Hunter & Hunter, "Statistics for Experimenters", ch. 5, from memory).
/// Interactions of three and more are taken to be nil.
///
/// @param parts factors and interactions that the runs tell apart
/// @param aliases names of what cannot be told from what, by the name of each factor or interaction that is mixed up
///     with others; no name where it never changes. A factor that is only mixed up with interactions is still in
///     `parts`
/// @param why parts have no interval, in words; empty where they have
public record Effects(List<Part> parts, Map<String, List<String>> aliases, String why) {
    private static final double NOTHING = 1e-9;

    /// A factor or an interaction of two.
    ///
    /// @param bits the factors that are in it
    private record Term(int bits) {
        boolean isFactor() {
            return Integer.bitCount(bits) == 1;
        }

        /// −1 or +1 for a combination.
        double sign(int combination) {
            return Integer.bitCount(bits & ~combination) % 2 == 0 ? 1 : -1;
        }

        String name(List<Factor> factors) {
            List<String> names = new ArrayList<>();
            for (int bit = 0; bit < factors.size(); bit++) {
                if ((bits >> bit & 1) == 1) {
                    names.add(factors.get(bit).name());
                }
            }
            return String.join(" × ", names);
        }
    }

    /// Works them out.
    public static Effects of(Cells cells) {
        List<Term> terms = terms(cells.factors().size());
        int[] combinations =
                cells.runs().keySet().stream().mapToInt(Integer::intValue).toArray();
        Told told = Told.of(terms, combinations);
        Map<String, List<String>> aliases = new LinkedHashMap<>();
        told.mixed.forEach((term, others) -> aliases.put(
                term.name(cells.factors()),
                others.stream().map(other -> other.name(cells.factors())).toList()));
        List<Term> given = told.basis.stream().filter(told::isGiven).toList();
        return new Effects(
                given.isEmpty() ? List.of() : fit(cells, told.basis, given),
                aliases,
                cells.spread().sd() instanceof Figure.Missing(String words) ? words : "");
    }

    private static List<Term> terms(int factors) {
        List<Term> terms = new ArrayList<>();
        for (int one = 0; one < factors; one++) {
            terms.add(new Term(1 << one));
        }
        for (int one = 0; one < factors; one++) {
            for (int other = one + 1; other < factors; other++) {
                terms.add(new Term(1 << one | 1 << other));
            }
        }
        return terms;
    }

    /// What a choice of combinations tells apart.
    ///
    /// @param basis terms whose columns do not follow from those before them
    /// @param mixed by term those that it cannot be told from; [#MEAN] is the mean of all
    private record Told(List<Term> basis, Map<Term, List<Term>> mixed) {
        private static final Term MEAN = new Term(0);

        static Told of(List<Term> terms, int[] combinations) {
            List<Term> basis = new ArrayList<>(List.of(MEAN));
            Map<Term, List<Term>> mixed = new LinkedHashMap<>();
            for (Term term : terms) {
                double[] column = column(term, combinations);
                RealMatrix before = matrix(basis, combinations);
                double[] by = solve(before, column);
                double[] left = new ArrayRealVector(column)
                        .subtract(before.operate(new ArrayRealVector(by)))
                        .toArray();
                if (Arrays.stream(left).anyMatch(value -> Math.abs(value) > 1e-6)) {
                    basis.add(term);
                    continue;
                }
                for (int i = 0; i < by.length; i++) {
                    if (Math.abs(by[i]) > 1e-6) {
                        mixed.computeIfAbsent(term, _ -> new ArrayList<>()).add(basis.get(i));
                        mixed.computeIfAbsent(basis.get(i), _ -> new ArrayList<>())
                                .add(term);
                    }
                }
            }
            basis.remove(MEAN);
            List<Term> withMean = mixed.remove(MEAN);
            if (withMean != null) {
                withMean.forEach(term -> mixed.computeIfPresent(
                        term,
                        (_, others) ->
                                others.stream().filter(other -> other.bits != 0).toList()));
            }
            return new Told(List.copyOf(basis), mixed);
        }

        /// A factor is given unless it is mixed up with another factor, an interaction unless with anything.
        boolean isGiven(Term term) {
            List<Term> others = mixed.getOrDefault(term, List.of());
            return term.isFactor() ? others.stream().noneMatch(Term::isFactor) : others.isEmpty();
        }
    }

    private static double[] column(Term term, int[] combinations) {
        return Arrays.stream(combinations).mapToDouble(term::sign).toArray();
    }

    private static RealMatrix matrix(List<Term> terms, int[] combinations) {
        RealMatrix matrix = new Array2DRowRealMatrix(combinations.length, terms.size());
        for (int i = 0; i < terms.size(); i++) {
            matrix.setColumn(i, column(terms.get(i), combinations));
        }
        return matrix;
    }

    private static double[] solve(RealMatrix matrix, double[] column) {
        return new QRDecomposition(matrix, NOTHING)
                .getSolver()
                .solve(new ArrayRealVector(column))
                .toArray();
    }

    private static List<Part> fit(Cells cells, List<Term> basis, List<Term> given) {
        List<Term> columns = new ArrayList<>(List.of(Told.MEAN));
        columns.addAll(basis);
        int[] combinations = cells.runs().entrySet().stream()
                .flatMapToInt(cell -> Arrays.stream(cell.getValue()).mapToInt(_ -> cell.getKey()))
                .toArray();
        double[] values = cells.runs().keySet().stream()
                .flatMapToDouble(one -> Arrays.stream(cells.scaled(one)))
                .toArray();
        RealMatrix matrix = matrix(columns, combinations);
        double[] coefficients = solve(matrix, values);
        DecompositionSolver normal = new QRDecomposition(matrix.transposeMultiply(matrix), NOTHING).getSolver();
        RealMatrix inverse = normal.getInverse();
        double sd = cells.spread().sd().orNaN();
        Map<Integer, Part> parts = new TreeMap<>();
        for (Term term : given) {
            int at = columns.indexOf(term);
            // From −1 to +1 are two steps.
            parts.put(
                    at,
                    Part.of(
                            term.name(cells.factors()),
                            cells,
                            2 * coefficients[at],
                            2 * sd * Math.sqrt(inverse.getEntry(at, at))));
        }
        return List.copyOf(parts.values());
    }
}

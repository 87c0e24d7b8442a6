package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/// How far two groups of patches of one size are apart, against how far their members stray. Looks that differ in a
/// pixel or two, as 6 and 8 do where they are small, are told by that: what coding and noise leave differs from member
/// to member, what two figures differ in does not.
final class Separation {
    /// Groups that are farther apart are of two looks. The halves of a normal distribution are 2.7 apart, those of a
    /// uniform one 3.5.
    private static final double PLAIN = 4.5;

    /// Coding leaves little of figures less high: those that look alike are told apart where they are crisp, px.
    static final int LOWEST_FIGURE = 10;

    private static final double CRISP = 12;

    private static final int FEWEST = 3;
    private static final int ROUNDS = 12;

    private Separation() {}

    /// Whether groups that are that far apart are of two looks.
    ///
    /// @param apart standard deviations, as [#between] gives them
    /// @param figureHeight of the looks, px
    static boolean areTwo(double apart, int figureHeight) {
        return apart > (figureHeight >= LOWEST_FIGURE ? PLAIN : CRISP);
    }

    /// Distance of the groups along the difference of their means, in standard deviations of their members. Each
    /// member is held against the mean of the others, so that chance alone is no difference.
    ///
    /// @return below 0 if members are nearer to the other group; infinite if no member strays
    /// @param ones two or more
    /// @param others two or more
    static double between(List<float[]> ones, List<float[]> others) {
        double[] one = sum(ones);
        double[] other = sum(others);
        double[] first = along(ones, one, others.size(), other);
        double[] second = along(others, other, ones.size(), one);
        double apart = mean(first) + mean(second);
        double squares = squares(first) + squares(second);
        return apart / Math.sqrt(squares / (first.length + second.length - 2));
    }

    /// How far each member of a group is on its side of the middle between the means.
    private static double[] along(List<float[]> own, double[] ownSum, int n, double[] otherSum) {
        double[] along = new double[own.size()];
        for (int i = 0; i < along.length; i++) {
            float[] member = own.get(i);
            double dot = 0;
            double length = 0;
            for (int k = 0; k < member.length; k++) {
                double mine = (ownSum[k] - member[k]) / (along.length - 1);
                double other = otherSum[k] / n;
                double towards = mine - other;
                dot += (member[k] - (mine + other) / 2) * towards;
                length += towards * towards;
            }
            along[i] = length > 0 ? dot / Math.sqrt(length) : 0;
        }
        return along;
    }

    /// Which members are of a second look, by their places in the list; none if all are of one.
    static List<Integer> second(List<float[]> members) {
        int n = members.size();
        if (n < 2 * FEWEST) {
            return List.of();
        }
        double[] at = principal(members);
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(i -> at[i]));
        int cut = cut(order.stream().mapToDouble(i -> at[i]).toArray());
        if (cut < FEWEST || n - cut < FEWEST) {
            return List.of();
        }
        List<Integer> second = order.subList(cut, n);
        List<float[]> below = order.subList(0, cut).stream().map(members::get).toList();
        return between(below, second.stream().map(members::get).toList()) > PLAIN ? second : List.of();
    }

    /// Where each member is along the direction in which they differ most (the first principal component, by power
    /// iteration).
    private static double[] principal(List<float[]> members) {
        double[] sum = sum(members);
        int n = members.size();
        double[] mean = Arrays.stream(sum).map(one -> one / n).toArray();
        double[] at = new double[n];
        // The member that is farthest from the mean is seldom square to the direction.
        double[] direction = difference(farthest(members, mean), mean);
        for (int round = 0; round < ROUNDS; round++) {
            double[] next = new double[mean.length];
            for (int i = 0; i < n; i++) {
                float[] member = members.get(i);
                double dot = 0;
                for (int k = 0; k < mean.length; k++) {
                    dot += (member[k] - mean[k]) * direction[k];
                }
                at[i] = dot;
                for (int k = 0; k < mean.length; k++) {
                    next[k] += dot * (member[k] - mean[k]);
                }
            }
            double length = Math.sqrt(Arrays.stream(next).map(one -> one * one).sum());
            if (length == 0) {
                break;
            }
            direction = Arrays.stream(next).map(one -> one / length).toArray();
        }
        return at;
    }

    private static float[] farthest(List<float[]> members, double[] mean) {
        return members.stream()
                .max(Comparator.comparingDouble(member -> Arrays.stream(difference(member, mean))
                        .map(one -> one * one)
                        .sum()))
                .orElseThrow();
    }

    private static double[] difference(float[] member, double[] mean) {
        double[] off = new double[mean.length];
        for (int k = 0; k < off.length; k++) {
            off[k] = member[k] - mean[k];
        }
        return off;
    }

    /// How many of sorted values are below the cut that leaves least variance on its two sides.
    private static int cut(double[] sorted) {
        double all = Arrays.stream(sorted).sum();
        double below = 0;
        double most = 0;
        int best = 0;
        for (int i = 1; i < sorted.length; i++) {
            below += sorted[i - 1];
            double apart = (all - below) / (sorted.length - i) - below / i;
            double between = (double) i * (sorted.length - i) * apart * apart;
            if (between > most) {
                most = between;
                best = i;
            }
        }
        return best;
    }

    private static double[] sum(List<float[]> members) {
        double[] sum = new double[members.getFirst().length];
        for (float[] member : members) {
            for (int k = 0; k < sum.length; k++) {
                sum[k] += member[k];
            }
        }
        return sum;
    }

    private static double mean(double[] values) {
        return Arrays.stream(values).sum() / values.length;
    }

    /// Sum of squared distances from the mean.
    private static double squares(double[] values) {
        double mean = mean(values);
        return Arrays.stream(values).map(one -> (one - mean) * (one - mean)).sum();
    }
}

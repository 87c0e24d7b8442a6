package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/// Glyphs that look alike, all of one width.
final class Cluster {
    private static final double TWO_LOOKS = 0.34;
    private static final double EXPLAINED = 0.72;
    private static final int FEWEST = 3;
    private static final double FEW = 0.25;
    private static final double SPREAD = 0.15;

    /// Where a glyph was seen.
    ///
    /// @param sample number of the picture among those looked at
    record Place(int sample, Box box) {}

    private record Member(Patch patch, Place place) {}

    private final List<Member> members = new ArrayList<>();
    private final int width;
    private final boolean point;
    private final float[] sum;
    private Patch mean;
    private @Nullable Patch common;
    private char name;

    Cluster(Patch first, boolean point) {
        width = first.width();
        sum = new float[first.shares().length];
        this.point = point;
        mean = first;
    }

    void add(Patch patch, Place place) {
        members.add(new Member(patch, place));
        float[] shares = patch.shares();
        float[] now = new float[sum.length];
        for (int i = 0; i < sum.length; i++) {
            sum[i] += shares[i];
            now[i] = sum[i] / members.size();
        }
        mean = new Patch(width, now);
        common = null;
    }

    /// What its members are called; 0 if it is not known.
    char name() {
        return name;
    }

    void call(char known) {
        name = known;
    }

    boolean isFigure() {
        return name >= '0' && name <= '9';
    }

    boolean isPoint() {
        return point;
    }

    int width() {
        return width;
    }

    List<Place> places() {
        return members.stream().map(Member::place).toList();
    }

    int size() {
        return members.size();
    }

    /// The mean of its members.
    Patch mean() {
        return mean;
    }

    /// The ink that nearly all of its members have: what happens to stand behind some of them is left out.
    Patch common() {
        if (common == null) {
            float[] shares = new float[sum.length];
            float[] values = new float[members.size()];
            for (int i = 0; i < shares.length; i++) {
                for (int k = 0; k < values.length; k++) {
                    values[k] = members.get(k).patch.shares()[i];
                }
                Arrays.sort(values);
                float few = values[(int) (FEW * (values.length - 1))];
                shares[i] = mean.shares()[i] - few > SPREAD ? few : mean.shares()[i];
            }
            common = new Patch(width, shares);
        }
        return common;
    }

    /// Two clusters, where some spot has ink in a part of the members and none in the others, or where small looks
    /// differ in less; else this one.
    ///
    /// @param spot side of a spot, px
    /// @param small whether looks may differ in less than a spot
    List<Cluster> parted(int spot, boolean small) {
        if (members.size() < 2 * FEWEST) {
            return List.of(this);
        }
        double[] inks = new double[members.size()];
        double most = TWO_LOOKS;
        int atX = -1;
        int atY = -1;
        double cut = 0;
        for (int y = 0; y + spot <= mean.rows(); y += Math.max(1, spot / 2)) {
            for (int x = 0; x + spot <= width; x += Math.max(1, spot / 2)) {
                for (int i = 0; i < inks.length; i++) {
                    inks[i] = members.get(i).patch.ink(x, y, spot);
                }
                double[] apart = apart(inks);
                if (apart[0] > most) {
                    most = apart[0];
                    atX = x;
                    atY = y;
                    cut = apart[1];
                }
            }
        }
        Set<Member> second = new HashSet<>();
        if (atX >= 0) {
            for (Member member : members) {
                if (member.patch.ink(atX, atY, spot) > cut) {
                    second.add(member);
                }
            }
        } else if (small) {
            Separation.second(shares()).forEach(i -> second.add(members.get(i)));
        }
        return second.isEmpty() || second.size() == members.size() ? List.of(this) : parted(second);
    }

    private List<Cluster> parted(Set<Member> second) {
        Cluster one = new Cluster(mean, point);
        Cluster other = new Cluster(mean, point);
        for (Member member : members) {
            (second.contains(member) ? one : other).add(member.patch, member.place);
        }
        return List.of(one, other);
    }

    /// What each member looks like.
    List<Patch> patches() {
        return members.stream().map(Member::patch).toList();
    }

    private List<float[]> shares() {
        return members.stream().map(member -> member.patch.shares()).toList();
    }

    /// Its members in groups that differ more from each other than within: coding draws one figure anew each time that
    /// it comes.
    List<Cluster> groups() {
        List<Cluster> groups = new ArrayList<>();
        List<Cluster> open = new ArrayList<>(List.of(this));
        while (!open.isEmpty()) {
            Cluster one = open.removeLast();
            Set<Member> second = new HashSet<>();
            Separation.second(one.shares()).forEach(i -> second.add(one.members.get(i)));
            if (second.isEmpty()) {
                groups.add(one);
            } else {
                open.addAll(one.parted(second));
            }
        }
        return groups;
    }

    /// How far two clusters are apart against how far their members stray, where the other one is shifted to be as
    /// near as it can; none if one has too few.
    ///
    /// @return as [Separation#between]
    double apart(Cluster other) {
        if (members.size() < FEWEST || other.members.size() < FEWEST) {
            return 0;
        }
        Patch.Shift shift = mean.nearest(other.mean);
        List<float[]> moved = other.members.stream()
                .map(member -> shift.of(member.patch).shares())
                .toList();
        return Separation.between(shares(), moved);
    }

    /// How far the means of two groups are apart, and where they part; nothing where they are not plainly two.
    private static double[] apart(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int n = sorted.length;
        double all = 0;
        double squares = 0;
        for (double value : sorted) {
            all += value;
            squares += value * value;
        }
        double total = squares - all * all / n;
        double below = 0;
        double[] best = {0, 0};
        double most = EXPLAINED * total;
        for (int i = 1; i < n; i++) {
            below += sorted[i - 1];
            double low = below / i;
            double high = (all - below) / (n - i);
            double between = (double) i * (n - i) / n * (high - low) * (high - low);
            if (i >= FEWEST && n - i >= FEWEST && between > most) {
                most = between;
                best = new double[] {high - low, (sorted[i] + sorted[i - 1]) / 2};
            }
        }
        return best;
    }
}

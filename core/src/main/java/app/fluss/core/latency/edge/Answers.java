package app.fluss.core.latency.edge;

import app.fluss.core.measure.Ordered;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Which change of the light answers which press. The first one after a press does; where another press, another
/// change or a light that was not at rest comes in between, the trial is doubted and says why.
final class Answers {
    private static final double LEAST_OF_TYPICAL = 0.18;
    private static final double COMPETES = 0.5;
    private static final double ODD_SMALL = 0.55;
    private static final double ODD_LARGE = 1.7;
    private static final double PART_MS = 60;
    private static final double FLASH = 0.6;
    private static final double MOSTLY = 0.8;
    private static final int FEWEST_DURATIONS = 4;
    private static final double LEAST_REST_MS = 4;
    private static final double LONGER_THAN_USUAL = 1.2;
    private static final double USUAL_ROOM_MS = 10;
    private static final double AFTER_LATENCIES = 3;
    private static final double AFTER_MS = 150;
    private static final double MOST_BY_CHANCE = 0.1;
    private static final int FEWEST_BY_ITSELF = 3;

    private final List<LightChange> changes;
    private final LightChanges found;
    private final double[] presses;
    private final double size;
    private final double ms;
    private final double span;
    private final int opening;
    private final Answer[] answers;

    /// The change that answers a press.
    ///
    /// @param first of its parts, in the list of changes; -1 without an answer
    /// @param last of its parts
    /// @param doubt why it is not simply a number
    record Answer(int first, int last, Doubt doubt) {
        boolean isThere() {
            return first >= 0;
        }

        private Answer because(Doubt why) {
            return new Answer(first, last, doubt == Doubt.NONE ? why : doubt);
        }
    }

    /// @param presses positions in the thinned light
    /// @param span samples in which an answer may come
    Answers(LightChanges found, double[] presses, double span, Coarse light) {
        this.found = found;
        this.changes = found.all();
        this.presses = presses;
        this.size = light.size();
        this.ms = light.rateHz() / 1000;
        this.span = span;
        this.opening = opening();
        this.answers = new Answer[presses.length];
        for (int k = 0; k < presses.length; k++) {
            answers[k] = first(k);
        }
        double usual = usual();
        for (int k = presses.length - 1; k >= 0; k--) {
            answers[k] = between(k, usual);
        }
        inOrder();
        sizes();
        competitors();
        byItself();
    }

    Answer of(int press) {
        return answers[press];
    }

    /// Which way a flash begins, 1 for bright and -1 for dark; 0 where the light goes from level to level and stays.
    private int opening() {
        double[] up = new double[changes.size()];
        double[] down = new double[changes.size()];
        int ups = 0;
        int downs = 0;
        LightChange last = null;
        for (LightChange change : changes) {
            if (change.size() < COMPETES * found.typical()) {
                continue;
            }
            if (last != null && last.isUp() != change.isUp()) {
                if (last.isUp()) {
                    up[ups++] = change.at() - last.at();
                } else {
                    down[downs++] = change.at() - last.at();
                }
            }
            last = change;
        }
        if (Math.min(ups, downs) < FEWEST_DURATIONS) {
            return ups + downs > 0 && changes.size() > presses.length ? byFirst() : 0;
        }
        double bright = Ordered.of(Arrays.copyOf(up, ups)).median();
        double dark = Ordered.of(Arrays.copyOf(down, downs)).median();
        return bright < FLASH * dark ? 1 : dark < FLASH * bright ? -1 : byFirst();
    }

    /// The same by what comes first after presses, where there are about two changes a press.
    private int byFirst() {
        int up = 0;
        int n = 0;
        for (int k = 0; k < presses.length; k++) {
            int i = next(presses[k]);
            if (i < changes.size() && changes.get(i).at() <= presses[k] + span) {
                n++;
                up += changes.get(i).isUp() ? 1 : 0;
            }
        }
        return Math.max(up, n - up) < MOSTLY * n || n == 0 ? 0 : 2 * up > n ? 1 : -1;
    }

    /// The first change after a position that is large enough for an answer; their number if there is none.
    private int next(double position) {
        int low = 0;
        int high = changes.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (changes.get(middle).at() <= position) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        while (low < changes.size() && changes.get(low).size() < LEAST_OF_TYPICAL * found.typical()) {
            low++;
        }
        return low;
    }

    private Answer first(int k) {
        double press = presses[k];
        int i = next(press);
        if (i == changes.size() || changes.get(i).at() > press + span) {
            boolean cut = press + span > size;
            return new Answer(-1, -1, cut ? Doubt.CUT_OFF : Doubt.NOTHING_CHANGED);
        }
        int first = i;
        while (first > 0 && changes.get(first - 1).at() > press && isPart(first - 1, first)) {
            first--;
        }
        int last = i;
        while (last + 1 < changes.size() && isPart(last, last + 1)) {
            last++;
        }
        Answer answer = new Answer(first, last, Doubt.NONE);
        LightChange change = changes.get(first);
        int before = first - 1;
        while (before >= 0 && changes.get(before).at() > press) {
            before--;
        }
        if (before >= 0) {
            LightChange earlier = changes.get(before);
            boolean moves = earlier.to() - 0.8 * found.width() > press;
            boolean open = opening != 0 && earlier.isUp() == (opening > 0) && change.isUp() != earlier.isUp();
            if (moves || open) {
                return answer.because(Doubt.NOT_AT_REST);
            }
        }
        double rest = change.at() - (before >= 0 ? changes.get(before).at() : 0);
        if (rest < Math.max(found.width(), LEAST_REST_MS * ms)) {
            return answer.because(Doubt.NO_LEVEL_BEFORE);
        }
        if (opening != 0 && change.isUp() != (opening > 0)) {
            return answer.because(Doubt.ODD_SIZE);
        }
        return changes.get(last).at() + found.width() > size ? answer.because(Doubt.CUT_OFF) : answer;
    }

    /// Whether two changes in a row are parts of one: the same way, and soon after each other.
    private boolean isPart(int one, int next) {
        LightChange a = changes.get(one);
        LightChange b = changes.get(next);
        return a.isUp() == b.isUp() && b.from() - a.to() < PART_MS * ms;
    }

    /// The longest latency of presses that no other press disturbs.
    private double usual() {
        double longest = 0;
        for (int k = 0; k < presses.length; k++) {
            Answer answer = answers[k];
            if (answer.isThere()
                    && answer.doubt() == Doubt.NONE
                    && isBefore(answer, k + 1)
                    && (k == 0 || !answers[k - 1].isThere() || answers[k - 1].first() != answer.first())) {
                longest = Math.max(longest, changes.get(answer.first()).at() - presses[k]);
            }
        }
        return longest;
    }

    /// Whether an answer comes before a press.
    private boolean isBefore(Answer answer, int press) {
        return press >= presses.length || changes.get(answer.first()).at() < presses[press];
    }

    private Answer between(int k, double usual) {
        Answer answer = answers[k];
        if (answer.isThere() && !isBefore(answer, k + 1)) {
            boolean longAgo = presses[k + 1] - presses[k] > LONGER_THAN_USUAL * usual + USUAL_ROOM_MS * ms;
            return longAgo && usual > 0
                    ? new Answer(-1, -1, Doubt.NOTHING_CHANGED)
                    : answer.because(Doubt.CLICK_BETWEEN);
        }
        if (answer.isThere() && k > 0 && answers[k - 1].isThere() && answers[k - 1].first() == answer.first()) {
            boolean longAgo = presses[k] - presses[k - 1] > LONGER_THAN_USUAL * usual + USUAL_ROOM_MS * ms;
            return longAgo && usual > 0 ? answer : answer.because(Doubt.CLICK_BETWEEN);
        }
        return answer;
    }

    /// Where the first change after a press comes only after the next press, that press may be a missed one, or each
    /// press
    /// from there on has the answer of the one before it. If the second explains all of them, they are doubted.
    private void inOrder() {
        for (int k = 0; k + 1 < answers.length; k++) {
            int i = nextOpening(next(presses[k]));
            if (i < changes.size()
                    && changes.get(i).at() >= presses[k + 1]
                    && changes.get(i).at() <= presses[k] + span) {
                int until = explained(k, i);
                for (int j = k; j < until; j++) {
                    answers[j] = (answers[j].isThere() ? answers[j] : new Answer(i, i, Doubt.NONE))
                            .because(Doubt.CLICK_BETWEEN);
                }
            }
        }
    }

    /// Gives each press from one on the next change in order, until a press has its own again.
    ///
    /// @param first change that the first of them has
    /// @return the first press that has its own; 0 if a press would be left without a change
    private int explained(int press, int first) {
        int own = first;
        for (int j = press + 1; j < answers.length; j++) {
            own = nextOpening(own + 1);
            if (own == changes.size() || changes.get(own).at() > presses[j] + span) {
                return 0;
            }
            if (own == nextOpening(next(presses[j]))) {
                return j;
            }
        }
        return answers.length;
    }

    /// The next change that could begin an answer, from a place in the list on.
    private int nextOpening(int from) {
        int i = from;
        while (i < changes.size() && (!couldAnswer(changes.get(i)) || (i > 0 && isPart(i - 1, i)))) {
            i++;
        }
        return i;
    }

    private double step(Answer answer) {
        return Math.abs(
                changes.get(answer.last()).after() - changes.get(answer.first()).before());
    }

    private void sizes() {
        double typical = Ordered.of(Arrays.stream(answers)
                        .filter(answer -> answer.isThere() && answer.doubt() == Doubt.NONE)
                        .mapToDouble(this::step)
                        .toArray())
                .median();
        for (int k = 0; k < answers.length; k++) {
            if (answers[k].isThere()) {
                double size = step(answers[k]);
                if (size < ODD_SMALL * typical || size > ODD_LARGE * typical) {
                    answers[k] = answers[k].because(Doubt.ODD_SIZE);
                }
            }
        }
    }

    /// Doubts the trials in which more changes follow than in most.
    private void competitors() {
        List<Double> numbers = new ArrayList<>();
        double[] more = new double[answers.length];
        for (int k = 0; k < answers.length; k++) {
            if (answers[k].isThere()) {
                more[k] = following(k);
                numbers.add(more[k]);
            }
        }
        double usual = Ordered.of(
                        numbers.stream().mapToDouble(Double::doubleValue).toArray())
                .median();
        for (int k = 0; k < answers.length; k++) {
            if (answers[k].isThere() && more[k] > usual) {
                answers[k] = answers[k].because(Doubt.TWO_CHANGES);
            }
        }
    }

    /// Doubts every trial if the light changes so often where no press was that many answers would be chance.
    private void byItself() {
        Steadiness answered = steadiness();
        double window = Math.min(span, (AFTER_LATENCIES * answered.middle() + AFTER_MS) * ms);
        if (!(window > 0)) {
            return;
        }
        double outside = 0;
        int n = 0;
        int next = 0;
        double quietFrom = 0;
        for (int k = 0; k <= presses.length; k++) {
            double quietTo = k < presses.length ? presses[k] : size;
            outside += Math.max(0, quietTo - quietFrom);
            for (; next < changes.size() && changes.get(next).at() < quietTo; next++) {
                n += changes.get(next).at() > quietFrom && couldAnswer(changes.get(next)) ? 1 : 0;
            }
            quietFrom = k < presses.length ? Math.max(quietFrom, presses[k] + window) : size;
        }
        double chance = outside > 0 ? 1 - Math.exp(-n / outside * answered.middle() * ms) : 0;
        for (int k = 0; chance > MOST_BY_CHANCE && n >= FEWEST_BY_ITSELF && k < answers.length; k++) {
            if (answers[k].isThere()) {
                answers[k] = answers[k].because(Doubt.BY_ITSELF);
            }
        }
    }

    private int following(int k) {
        double until = Math.min(presses[k] + span, k + 1 < presses.length ? presses[k + 1] : size);
        int n = 0;
        for (int i = answers[k].last() + 1; i < changes.size() && changes.get(i).at() < until; i++) {
            n += couldAnswer(changes.get(i)) ? 1 : 0;
        }
        return n;
    }

    /// Whether a change is as large as answers are and goes the way in which they begin.
    private boolean couldAnswer(LightChange change) {
        boolean opens = opening == 0 || change.isUp() == (opening > 0);
        return opens && change.size() >= COMPETES * found.typical();
    }

    /// How the answers speak for these presses.
    ///
    /// @param share of the presses that were answered without doubt
    /// @param middle median of their latencies, ms
    /// @param spread usual distance from it, ms
    record Steadiness(double share, double middle, double spread) {}

    Steadiness steadiness() {
        double[] latencies = new double[answers.length];
        int n = 0;
        for (int k = 0; k < answers.length; k++) {
            if (answers[k].isThere() && answers[k].doubt() == Doubt.NONE) {
                latencies[n++] = (changes.get(answers[k].first()).at() - presses[k]) / ms;
            }
        }
        Ordered ordered = Ordered.of(Arrays.copyOf(latencies, n));
        return new Steadiness(
                answers.length == 0 ? 0 : (double) n / answers.length,
                ordered.median(),
                ordered.medianAbsoluteDeviation());
    }
}

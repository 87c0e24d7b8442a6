package app.fluss.core.overlay;

import java.util.Arrays;
import java.util.List;

/// Puts together what pictures show that were steadied by those before them, and by those after them. Where the
/// number changes, the one shows the new number at once and the other the old one to its end; the rest shows what
/// two numbers have in common, which may look like a third. So a number counts where both say it, and from there
/// on as long as one of them does. Steadying takes ink away and adds none: of two numbers that both seem to stand
/// on a picture, it is the one that holds all the ink of the other, as 6 holds 5.
final class BothWays {
    private static final double HELD = 0.12;
    private static final double MORE = 0.04;
    private static final double SETTLED = 0.5;

    private final LineReader reader;
    private final PictureReading[] back;
    private final PictureReading[] ahead;

    /// @param back of each picture with those before it
    /// @param ahead of each picture with those after it
    BothWays(LineReader reader, PictureReading[] back, PictureReading[] ahead) {
        this.reader = reader;
        this.back = back;
        this.ahead = ahead;
    }

    /// What each picture shows; unsure where they do not settle it. None is sure if they settle few of what one way
    /// alone seemed sure of: such a number changes sooner than pictures are put together, and what the two have in
    /// common is then chance.
    PictureReading[] readings() {
        boolean[] toEnd = reached(back, true);
        boolean[] fromBegin = reached(ahead, false);
        PictureReading[] settled = new PictureReading[back.length];
        for (int i = 0; i < settled.length; i++) {
            PictureReading old = back[i];
            PictureReading next = ahead[i];
            PictureReading one = toEnd[i] ? old : next;
            if (toEnd[i] && fromBegin[i] && !old.text().equals(next.text())) {
                one = holds(next, old) ? next : old;
                boolean plain = holds(next, old) != holds(old, next);
                settled[i] = one.sure(plain);
            } else {
                settled[i] = one.sure(toEnd[i] || fromBegin[i]);
            }
        }
        dropUnmet(settled, toEnd, fromBegin, true);
        dropUnmet(settled, fromBegin, toEnd, false);
        if (sure(settled) < SETTLED * Math.min(sure(back), sure(ahead))) {
            Arrays.setAll(settled, i -> settled[i].sure(false));
        }
        return settled;
    }

    private static long sure(PictureReading[] readings) {
        return Arrays.stream(readings).filter(PictureReading::sure).count();
    }

    /// Where a number stretches one way only and meets none that could be read, the other may have begun already:
    /// as many pictures are doubted as are looked at together.
    private static void dropUnmet(PictureReading[] settled, boolean[] stretched, boolean[] other, boolean onward) {
        int n = settled.length;
        int step = onward ? 1 : -1;
        boolean[] unmet = new boolean[n];
        for (int k = 1; k < n; k++) {
            int i = onward ? k : n - 1 - k;
            unmet[i] = !settled[i].sure() && settled[i - step].sure();
        }
        for (int i = 0; i < n; i++) {
            for (int k = 1; unmet[i] && k < Steadied.TOGETHER; k++) {
                int at = i - k * step;
                if (at < 0 || at >= n || !stretched[at] || other[at]) {
                    break;
                }
                settled[at] = settled[at].sure(false);
            }
        }
    }

    /// The pictures to which a number stretches that both ways are sure of.
    private boolean[] reached(PictureReading[] one, boolean onward) {
        boolean[] reached = new boolean[one.length];
        for (int k = 0; k < one.length; k++) {
            int i = onward ? k : one.length - 1 - k;
            int from = onward ? i - 1 : i + 1;
            boolean both = back[i].sure() && ahead[i].sure() && back[i].text().equals(ahead[i].text());
            boolean stretches =
                    k > 0 && reached[from] && one[i].sure() && one[i].text().equals(one[from].text());
            reached[i] = both || stretches;
        }
        return reached;
    }

    /// Whether all ink of the other stands in the places where the one has ink, and the one has more.
    private boolean holds(PictureReading one, PictureReading other) {
        List<Glyph> ours = figures(one);
        List<Glyph> theirs = figures(other);
        if (ours.size() != theirs.size()) {
            return false;
        }
        boolean more = false;
        for (int i = 0; i < ours.size(); i++) {
            Template our = reader.templates().get(ours.get(i).template());
            Template their = reader.templates().get(theirs.get(i).template());
            if (our.name() != their.name()) {
                double lacking = lacking(our.look(), their.look());
                if (lacking > HELD || lacking(their.look(), our.look()) < lacking + MORE) {
                    return false;
                }
                more = true;
            }
        }
        return more;
    }

    private List<Glyph> figures(PictureReading reading) {
        return reading.glyphs().stream()
                .filter(glyph -> reader.templates().get(glyph.template()).isFigure())
                .toList();
    }

    /// Share of the other's ink that a look has not, at the best shift by a pixel.
    private static double lacking(Patch look, Patch other) {
        double least = 1;
        for (int dx = -1; dx <= 1; dx++) {
            double lacking = 0;
            double all = 0;
            for (int y = 0; y < other.rows(); y++) {
                for (int x = 0; x < other.width(); x++) {
                    double ink = other.ink(x, y, 1);
                    lacking += Math.max(0, ink - look.ink(x + dx, y, 1));
                    all += ink;
                }
            }
            least = Math.min(least, lacking / all);
        }
        return least;
    }
}

package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Reads the line of a picture by templates: of all ways to fill the columns with glyphs and with
/// scenery, the likeliest. Not safe for threads.
final class LineReader {
    /// Neighbouring pixels go astray together: their likelihoods count for less.
    private static final double TEMPER = 0.2;

    private static final double FIGURE_MARGIN = 8;
    private static final double BACKED_MARGIN = 2;
    private static final double INSERTED = 5;
    private static final double HOPELESS = 20;
    private static final double WHOLE = 0.6;
    private static final double CERTAIN_MARGIN = 8;
    private static final int FIGURES = 10;
    private static final double CERTAIN_UNFIT = 2.2;
    private static final double UNIT_APART = 1.2;
    private static final double LETTERS_APART = 0.7;

    private final Template.Frame frame;
    private final Span asked;
    private final Scenery scenery;
    private final List<Template> templates;
    private final boolean[][] allowed;
    private final double[][] gains;
    private final int[] pixels;
    private final double[] best;
    private final int[] chosen;
    private final int reach;
    private final boolean[] centres;
    private final int figureHeight;
    private final Line line;
    private final GlyphInk glyphInk;
    private final Neighbours neighbours;
    private final StayingInk stayingInk;
    private Spacing spacing = Spacing.UNKNOWN;

    /// @param allowed for each template, the columns where it may begin
    /// @param asked where the middle of a number must be
    LineReader(
            Template.Frame frame,
            Scenery scenery,
            List<Template> templates,
            boolean[][] allowed,
            boolean[] centres,
            InkSearch.Found found,
            FigureShapes shapes,
            Span asked) {
        int spot = Clusters.spot(found.figureHeight());
        this.asked = asked;
        this.centres = centres;
        this.figureHeight = found.figureHeight();
        line = new Line(found, frame.width(), frame.height());
        glyphInk = new GlyphInk(
                frame,
                templates,
                found.ink(),
                figureHeight,
                spot,
                ink -> shapes.guess(ink, found.top() - frame.top(), figureHeight));
        this.frame = frame;
        this.scenery = scenery;
        this.templates = templates;
        this.allowed = allowed;
        gains = new double[templates.size()][frame.width()];
        pixels = new int[frame.planes() * frame.width() * frame.height()];
        best = new double[frame.width() + 1];
        chosen = new int[frame.width() + 1];
        reach = Math.max(2, figureHeight / 5);
        neighbours = new Neighbours(templates, found, spot);
        stayingInk = new StayingInk(frame, templates, found);
    }

    /// The spacing of the numbers, once it is known: where they have no points, none is looked for.
    void know(Spacing known) {
        spacing = known;
        for (int t = 0; t < allowed.length; t++) {
            if (templates.get(t).isPoint() && !known.isWritten()) {
                Arrays.fill(allowed[t], false);
            }
        }
    }

    List<Template> templates() {
        return templates;
    }

    /// Whether every figure has been learnt, so that none can stand on a picture and be unknown.
    boolean knowsEveryFigure() {
        return templates.stream()
                        .filter(Template::isFigure)
                        .map(Template::name)
                        .distinct()
                        .count()
                == FIGURES;
    }

    /// The ink of its glyphs.
    GlyphInk glyphInk() {
        return glyphInk;
    }

    /// What stands beside its numbers.
    Neighbours neighbours() {
        return neighbours;
    }

    /// Looks at the ink right beside numbers.
    StayingInk stayingInk() {
        return stayingInk;
    }

    /// What stands on a picture.
    ///
    /// @param glyphs from left to right
    /// @param parts of the picture that may be glyphs, whether they were told or not
    /// @param runs the numbers among them whose middle lies in the rectangle
    /// @param total how much likelier than scenery alone
    /// @param free by how much no figure stands where none was found
    /// @param strange whether something may be a figure that is not known
    /// @param nameless whether that is a glyph that has been seen often, and has no name
    record Reading(
            List<Glyph> glyphs,
            List<Box> parts,
            List<NumberRun> runs,
            double total,
            double free,
            boolean strange,
            boolean nameless) {}

    Reading read(byte[] crop) {
        scenery.look(crop);
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = crop[i] & 0xFF;
        }
        for (int t = 0; t < gains.length; t++) {
            Template template = templates.get(t);
            for (int x = 0; x + template.width() <= frame.width(); x++) {
                boolean may = allowed[t][x] && !(template.isPoint() && glyphInk.isBlank(crop, new Glyph(t, x)));
                gains[t][x] = may ? gain(template, x) : Double.NEGATIVE_INFINITY;
            }
        }
        fill();
        List<Glyph> glyphs = trace();
        List<Box> parts = line.text(crop);
        boolean nameless = glyphs.stream().anyMatch(this::isNameless);
        return new Reading(
                glyphs,
                parts,
                NumberRun.of(glyphs, templates, figureHeight, spacing).stream()
                        .filter(run -> asked.holds(run.centre(templates)))
                        .toList(),
                best[frame.width()],
                inserted(glyphs),
                nameless || strange(parts, glyphs),
                nameless);
    }

    /// Whether each figure of a number of the picture last read is far likelier than any other in its place.
    boolean isPlain(NumberRun run) {
        return margin(run) >= FIGURE_MARGIN;
    }

    /// Whether each of its figures is so, or likelier, and the net by itself takes what stands there for that.
    private boolean isPlainOrBacked(byte[] crop, NumberRun run) {
        return run.figures().stream().allMatch(glyph -> {
            double margin = margin(glyph);
            return margin >= FIGURE_MARGIN || (margin >= BACKED_MARGIN && glyphInk.isBacked(crop, glyph));
        });
    }

    /// By how much the number is likelier than another one in its place: that of its glyph that is least
    /// sure.
    private double margin(NumberRun run) {
        double margin = Double.POSITIVE_INFINITY;
        for (Glyph glyph : run.figures()) {
            margin = Math.min(margin, margin(glyph));
        }
        return margin;
    }

    /// The columns of what is written right after a number and is as high as a figure.
    Span after(Reading reading, NumberRun run) {
        int from = run.right(templates);
        int to = from;
        double next = from + UNIT_APART * figureHeight;
        for (Box part : reading.parts()) {
            boolean beyond = part.left() + part.right() >= 2 * to;
            if (beyond && part.left() <= next) {
                for (Box box : line.highFrom(to, part)) {
                    from = to == run.right(templates) ? Math.max(from, box.left()) : from;
                    to = box.right() + 1;
                    next = to + LETTERS_APART * figureHeight;
                }
            }
        }
        return new Span(from, to);
    }

    /// Whether a number of the picture last read is the one that it seems.
    boolean isSure(byte[] crop, Reading reading, NumberRun run) {
        return !reading.strange()
                && !isCut(run)
                && spacing.isUsual(run.text(templates, spacing))
                && !run.isUnclear(templates, spacing)
                && reading.free() >= FIGURE_MARGIN
                && isPlainOrBacked(crop, run)
                && fits(crop, run)
                && !(figureHeight <= Clusters.SMALL && glyphInk.isDoubted(crop, run.figures()));
    }

    /// Whether a number touches the edge of what is looked at, beyond which it may go on.
    private boolean isCut(NumberRun run) {
        return run.left() == 0 || run.right(templates) == frame.width();
    }

    /// Whether a glyph of the picture last read is the one that it seems.
    boolean isCertain(byte[] crop, Glyph glyph) {
        return margin(glyph) >= CERTAIN_MARGIN
                && (templates.get(glyph.template()).unfit(crop, frame, glyph.left()) <= CERTAIN_UNFIT
                        || glyphInk.looksLike(crop, glyph));
    }

    /// Whether every figure looks as its template does.
    boolean fits(byte[] crop, NumberRun run) {
        for (Glyph glyph : run.figures()) {
            Template template = templates.get(glyph.template());
            if (template.isFigure() && !template.fits(crop, frame, glyph.left()) && !glyphInk.looksLike(crop, glyph)) {
                return false;
            }
        }
        return true;
    }

    /// Whether a glyph without a name stands where figures stand.
    private boolean isNameless(Glyph glyph) {
        Template template = templates.get(glyph.template());
        return template.name() == 0 && isPlace(2 * glyph.left() + template.width());
    }

    /// Whether something that may be a figure stands where figures stand, and no glyph accounts for its ink; or a
    /// figure is only a piece of something wider, such as the first stroke of a letter.
    private boolean strange(List<Box> parts, List<Glyph> glyphs) {
        boolean[] taken = new boolean[frame.width()];
        boolean[] figures = new boolean[frame.width()];
        for (Glyph glyph : glyphs) {
            Template template = templates.get(glyph.template());
            if (template.isFigure()) {
                Arrays.fill(figures, glyph.left(), glyph.left() + template.width(), true);
            }
            Arrays.fill(taken, glyph.left(), glyph.left() + template.width(), true);
        }
        for (Box box : parts) {
            boolean place = isPlace(box.left() + box.right() + 1);
            boolean piece = taken(figures, box) > 0 && taken(taken, box) < WHOLE * box.width();
            boolean unknown = place && taken(taken, box) == 0;
            // Thin strokes break: half a figure is as strange as a whole one.
            if (line.isHigh(box) ? box.width() <= figureHeight && (piece || unknown) : unknown) {
                return true;
            }
        }
        return false;
    }

    private static int taken(boolean[] columns, Box box) {
        int n = 0;
        for (int x = box.left(); x <= box.right(); x++) {
            n += columns[x] ? 1 : 0;
        }
        return n;
    }

    private boolean isPlace(int centre) {
        for (int i = Math.max(0, centre - 2 * reach); i <= Math.min(centres.length - 1, centre + 2 * reach); i++) {
            if (centres[i]) {
                return true;
            }
        }
        return false;
    }

    /// How much likelier a glyph is than scenery; where scenery is far likelier, nothing.
    private double gain(Template template, int x) {
        double other = scenery.at(x, template.width());
        double gain = TEMPER * (template.at(pixels, frame, x, other - HOPELESS / TEMPER) - other);
        return gain < -HOPELESS ? Double.NEGATIVE_INFINITY : gain;
    }

    private void fill() {
        for (int end = 1; end <= frame.width(); end++) {
            best[end] = best[end - 1];
            chosen[end] = -1;
            for (int t = 0; t < gains.length; t++) {
                int left = end - templates.get(t).width();
                if (left >= 0 && best[left] + gains[t][left] > best[end]) {
                    best[end] = best[left] + gains[t][left];
                    chosen[end] = t;
                }
            }
        }
    }

    private List<Glyph> trace() {
        List<Glyph> glyphs = new ArrayList<>();
        int end = frame.width();
        while (end > 0) {
            int t = chosen[end];
            if (t < 0) {
                end--;
            } else {
                end -= templates.get(t).width();
                glyphs.add(new Glyph(t, end));
            }
        }
        return glyphs.reversed();
    }

    /// By how much a glyph is likelier than any that may be another, and than none, in the room that it has.
    private double margin(Glyph glyph) {
        Template own = templates.get(glyph.template());
        double gain = gains[glyph.template()][glyph.left()];
        double second = 0;
        int centre = 2 * glyph.left() + own.width();
        int from = roomFrom(glyph.left());
        int to = roomTo(glyph.left() + own.width());
        for (int t = 0; t < gains.length; t++) {
            Template other = templates.get(t);
            if (other.isRivalOf(own.name())) {
                int first = Math.max(from, (centre - other.width()) / 2 - reach);
                int last = Math.min(to - other.width(), (centre - other.width() + 1) / 2 + reach);
                for (int x = first; x <= last; x++) {
                    second = Math.max(second, gains[t][x]);
                }
            }
        }
        return gain - second;
    }

    /// Where the glyph before a column ends.
    private int roomFrom(int column) {
        int at = column;
        while (at > 0 && chosen[at] < 0) {
            at--;
        }
        return at;
    }

    /// Where the glyph after a column begins.
    private int roomTo(int column) {
        int end = frame.width();
        int at = end;
        while (at > column) {
            if (chosen[at] < 0) {
                at--;
            } else {
                at -= templates.get(chosen[at]).width();
                end = at;
            }
        }
        return end;
    }

    /// By how much no figure stands where none was found.
    private double inserted(List<Glyph> glyphs) {
        double nearest = Double.POSITIVE_INFINITY;
        boolean[] taken = new boolean[frame.width()];
        for (Glyph glyph : glyphs) {
            Arrays.fill(
                    taken,
                    glyph.left(),
                    glyph.left() + templates.get(glyph.template()).width(),
                    true);
        }
        for (int t = 0; t < gains.length; t++) {
            Template template = templates.get(t);
            for (int x = 0; template.isFigure() && x + template.width() <= frame.width(); x++) {
                if (allowed[t][x] && gains[t][x] > -INSERTED && isFree(taken, x, template.width())) {
                    nearest = Math.min(nearest, -gains[t][x] + FIGURE_MARGIN - INSERTED);
                }
            }
        }
        return nearest;
    }

    private static boolean isFree(boolean[] taken, int left, int width) {
        for (int x = left; x < left + width; x++) {
            if (taken[x]) {
                return false;
            }
        }
        return true;
    }

    /// How much likelier than scenery alone some glyphs are on the picture last read.
    double total(List<Glyph> glyphs) {
        double sum = 0;
        for (Glyph glyph : glyphs) {
            sum += Math.max(-HOPELESS, gains[glyph.template()][glyph.left()]);
        }
        return sum;
    }
}

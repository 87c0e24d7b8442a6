package app.fluss.core.overlay;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/// Holds glyphs against the ink that stands in their places: what the likelihood of all pixels leaves open, ink
/// alone may tell.
final class GlyphInk {
    private static final double SAME_LOOK = 0.3;
    private static final double CONTRADICTED = 0.03;
    private static final double FAR_LIKELIER = 3;
    private static final double UNLIKE = 0.42;
    private static final double LACKING = 0.25;
    private static final double RIVAL = 0.2;
    private static final double AS_NEAR = 0.05;
    private static final double HALF = 0.5;
    private static final double BACKED = 0.9;
    private static final double LEAST = 0.25;
    private static final double HAZY = 0.2;
    private static final double LEAST_LEFT = 0.05;

    private final Template.Frame frame;
    private final List<Template> templates;
    private final Ink ink;
    private final int figureHeight;
    private final int spot;
    private final Function<Patch, FigureNet.Guess> net;

    /// @param figureHeight px
    /// @param spot side of a spot in which glyphs of one look may not differ, px
    /// @param net what it says of ink on the rows of the frame
    GlyphInk(
            Template.Frame frame,
            List<Template> templates,
            Ink ink,
            int figureHeight,
            int spot,
            Function<Patch, FigureNet.Guess> net) {
        this.frame = frame;
        this.templates = templates;
        this.ink = ink;
        this.figureHeight = figureHeight;
        this.spot = spot;
        this.net = net;
    }

    /// Whether the ink at a place has the look of a template, spot by spot: it may be shifted by part of
    /// a pixel, which every pixel of an edge tells but no spot.
    boolean looksLike(byte[] crop, Glyph glyph) {
        Template template = templates.get(glyph.template());
        return inkOf(List.of(crop), glyph).distanceBetweenPixels(template.look(), spot) < SAME_LOOK;
    }

    /// Whether the ink of a point is missing: between two outlines it is as dark as around a point.
    boolean isBlank(byte[] crop, Glyph point) {
        Patch look = templates.get(point.template()).look();
        Patch seen = inkOf(crop, point.left(), look.width());
        double all = 0;
        double there = 0;
        for (int i = 0; i < look.shares().length; i++) {
            all += look.shares()[i] * look.shares()[i];
            there += look.shares()[i] * seen.shares()[i];
        }
        return there < HALF * all;
    }

    /// The ink at the place of a glyph, on average over pictures.
    private Patch inkOf(List<byte[]> crops, Glyph glyph) {
        int width = templates.get(glyph.template()).width();
        float[] shares = new float[width * frame.rows()];
        for (byte[] crop : crops) {
            Patch one = Holes.emptied(inkOf(crop, glyph.left(), width), figureHeight);
            for (int i = 0; i < shares.length; i++) {
                shares[i] += one.shares()[i] / crops.size();
            }
        }
        return new Patch(width, shares);
    }

    private Patch inkOf(byte[] crop, int left, int width) {
        int plane = frame.width() * frame.height();
        float[] shares = new float[width * frame.rows()];
        for (int y = 0; y < frame.rows(); y++) {
            for (int x = 0; x < width; x++) {
                int at = (frame.top() + y) * frame.width() + left + x;
                shares[y * width + x] = ink.share(crop, plane, at);
            }
        }
        return new Patch(width, shares);
    }

    /// Whether some figure of a reading looks more like one of another name, or nearly as much and lacks ink that
    /// its own has, judged by the ink alone: what stands behind it differs from picture to picture, and is
    /// spread thin among several. Where that is much like ink all over, it is judged by what stands out, too.
    ///
    /// @param crops pictures on which it stands
    boolean isContradicted(List<byte[]> crops, List<Glyph> glyphs) {
        for (Glyph glyph : glyphs) {
            Template own = templates.get(glyph.template());
            if (own.isFigure()) {
                Patch seen = inkOf(crops, glyph);
                double haze = haze(seen);
                if (isContradicted(seen, own) || (haze >= HAZY && isContradicted(without(haze, seen), own))) {
                    return true;
                }
            }
        }
        return false;
    }

    /// How much ink there is where there is least: the mean of some of the pixels.
    private static double haze(Patch seen) {
        float[] shares = seen.shares().clone();
        Arrays.sort(shares);
        int least = Math.max(1, (int) (LEAST * shares.length));
        double sum = 0;
        for (int i = 0; i < least; i++) {
            sum += shares[i];
        }
        return sum / least;
    }

    /// What stands out; nothing where all is ink.
    private static Patch without(double haze, Patch seen) {
        float[] shares = new float[seen.shares().length];
        double left = Math.max(LEAST_LEFT, 1 - haze);
        for (int i = 0; i < shares.length; i++) {
            shares[i] = (float) Math.max(0, (seen.shares()[i] - haze) / left);
        }
        return new Patch(seen.width(), shares);
    }

    private boolean isContradicted(Patch seen, Template own) {
        if (isOther(seen, own)) {
            return true;
        }
        double same = Double.POSITIVE_INFINITY;
        double other = Double.POSITIVE_INFINITY;
        double possible = Double.POSITIVE_INFINITY;
        double lacking = lacking(seen, own.name());
        for (Template template : templates) {
            if (template.isFigure() && Math.abs(template.width() - own.width()) <= 1) {
                double distance = template.look().distanceBetweenPixels(seen, spot);
                if (template.name() == own.name()) {
                    same = Math.min(same, distance);
                } else {
                    other = Math.min(other, distance);
                    boolean nearer = distance < possible;
                    possible = nearer && template.look().lacking(seen, spot) <= lacking + RIVAL ? distance : possible;
                }
            }
        }
        if (same <= UNLIKE) {
            return other < same - CONTRADICTED;
        }
        // Something behind the text adds ink: what lacks far more of its own is not there, however near it is.
        return possible < same + AS_NEAR || (possible < same + RIVAL && lacking > LACKING);
    }

    /// Whether the net takes ink for another figure, and for that far likelier than for its own, but not so the look of
    /// that: what was never learnt is read as what is most like it.
    private boolean isOther(Patch seen, Template own) {
        FigureNet.Guess guess = net.apply(seen);
        return guess.of(guess.figure()) >= FAR_LIKELIER * guess.of(own.name()) && isOther(guess, own);
    }

    private boolean isOther(FigureNet.Guess guess, Template own) {
        char other = guess.figure();
        if (other == own.name() || guess.of(other) < HALF) {
            return false;
        }
        FigureNet.Guess learnt = net.apply(own.look());
        return learnt.of(own.name()) >= FAR_LIKELIER * learnt.of(other);
    }

    /// Whether the net takes the ink of one picture for the figure that stands there.
    boolean isBacked(byte[] crop, Glyph glyph) {
        Template own = templates.get(glyph.template());
        return own.isFigure() && net.apply(inkOf(List.of(crop), glyph)).of(own.name()) >= BACKED;
    }

    /// Whether the net rather takes the ink of some figure of a picture for another one, but not so the look of that.
    boolean isDoubted(byte[] crop, List<Glyph> glyphs) {
        return glyphs.stream().anyMatch(glyph -> {
            Template own = templates.get(glyph.template());
            return own.isFigure() && isOther(net.apply(inkOf(List.of(crop), glyph)), own);
        });
    }

    /// Whether some figure has ink that pictures lack: what stands behind it adds ink and takes none away.
    ///
    /// @param crops pictures on which it seems to stand
    boolean isLacking(List<byte[]> crops, List<Glyph> glyphs) {
        return glyphs.stream()
                .filter(glyph -> templates.get(glyph.template()).isFigure())
                .anyMatch(glyph -> lacking(
                                inkOf(crops, glyph),
                                templates.get(glyph.template()).name())
                        > LACKING);
    }

    private double lacking(Patch seen, char name) {
        return templates.stream()
                .filter(template -> template.name() == name)
                .mapToDouble(template -> template.look().lacking(seen, spot))
                .min()
                .orElse(1);
    }
}

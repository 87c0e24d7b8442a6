package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.List;

/// Figures of a line that stand close together.
///
/// @param figures from left to right
/// @param points whether a point was seen after each figure, before the next
record NumberRun(List<Glyph> figures, List<Boolean> points) {
    private static final double WORD = 0.3;

    /// All runs, from left to right.
    static List<NumberRun> of(List<Glyph> glyphs, List<Template> templates, int figureHeight, Spacing spacing) {
        List<NumberRun> all = new ArrayList<>();
        List<Glyph> run = new ArrayList<>();
        List<Boolean> points = new ArrayList<>();
        int end = 0;
        boolean point = false;
        boolean inWord = false;
        int last = 0;
        for (Glyph glyph : glyphs) {
            Template template = templates.get(glyph.template());
            if (template.isPoint()) {
                point = !run.isEmpty() && glyph.left() - end <= Spacing.apart(figureHeight);
                // In faces of one width a point has a place as wide as a figure's.
                end = point ? glyph.left() + template.width() : end;
                continue;
            }
            boolean far = !run.isEmpty()
                    && spacing.isApart(
                            middle(glyph, templates) - middle(run.getLast(), templates),
                            glyph.left() - end,
                            figureHeight);
            if (!run.isEmpty() && (!template.isFigure() || far)) {
                close(run, points, all);
            }
            // Figures that a letter stands right before belong to a word, such as the name of a card.
            inWord = template.isLetter() || (inWord && glyph.left() - last < WORD * figureHeight);
            last = glyph.left() + template.width();
            if (template.isFigure() && !inWord) {
                if (!run.isEmpty()) {
                    points.add(point);
                }
                run.add(glyph);
                end = glyph.left() + template.width();
            }
            point = false;
        }
        if (!run.isEmpty()) {
            close(run, points, all);
        }
        return all;
    }

    private static void close(List<Glyph> run, List<Boolean> points, List<NumberRun> all) {
        all.add(new NumberRun(List.copyOf(run), List.copyOf(points)));
        run.clear();
        points.clear();
    }

    /// How far the middle of a figure is from that of the next, px.
    double step(int figure, List<Template> templates) {
        return middle(figures.get(figure + 1), templates) - middle(figures.get(figure), templates);
    }

    /// Columns between a figure and the next.
    double gap(int figure, List<Template> templates) {
        Glyph glyph = figures.get(figure);
        return figures.get(figure + 1).left()
                - glyph.left()
                - templates.get(glyph.template()).width();
    }

    private static double middle(Glyph glyph, List<Template> templates) {
        return glyph.left() + templates.get(glyph.template()).width() / 2.0;
    }

    /// First column.
    int left() {
        return figures.getFirst().left();
    }

    /// The column after the last one.
    int right(List<Template> templates) {
        return figures.getLast().left()
                + templates.get(figures.getLast().template()).width();
    }

    /// Columns from the end of this to the begin of another one, px.
    int gap(NumberRun next, List<Template> templates) {
        return next.left() - right(templates);
    }

    /// The middle of the whole, px.
    double centre(List<Template> templates) {
        return (middle(figures.getFirst(), templates) + middle(figures.getLast(), templates)) / 2;
    }

    /// Whether there may be a point somewhere, and may be none; or one was seen where none can be and none where it
    /// belongs: then the figures are others than they seem.
    boolean isUnclear(List<Template> templates, Spacing spacing) {
        boolean elsewhere = false;
        boolean unseen = false;
        for (int i = 0; i < points.size(); i++) {
            int after = points.size() - i;
            if (spacing.isUnclear(step(i, templates), gap(i, templates), points.get(i), after)) {
                return true;
            }
            boolean has = spacing.hasPoint(step(i, templates), gap(i, templates), points.get(i), after);
            elsewhere |= points.get(i) && !has;
            unseen |= has && !points.get(i);
        }
        return elsewhere && unseen;
    }

    /// As text.
    String text(List<Template> templates, Spacing spacing) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < figures.size(); i++) {
            text.append(templates.get(figures.get(i).template()).name());
            if (i < points.size()
                    && spacing.hasPoint(step(i, templates), gap(i, templates), points.get(i), points.size() - i)) {
                text.append('.');
            }
        }
        return text.toString();
    }
}

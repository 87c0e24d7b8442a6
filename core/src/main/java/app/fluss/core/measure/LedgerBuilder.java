package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.Arrays;
import java.util.Optional;

/// Writes the rows of a [RefreshLedger], segment by segment, by the rule of the sync mode.
final class LedgerBuilder {
    /// Share of a scan-out that an image must own to count, with tearing. Common practice, no source.
    private static final double OWNS_AT_LEAST = 1.0 / 3;

    /// A time this close below a refresh counts as in time for it, in refreshes; rounding of printed logs is
    /// coarser.
    private static final double EPSILON = 1e-6;

    private final DisplayMode mode;
    private final Optional<Values> dropped;
    private final LedgerRows rows;
    private int nextRefresh;

    private LedgerBuilder(FrameSlice slice, DisplayMode mode) {
        this.mode = mode;
        this.dropped = slice.log().channel(Channel.DROPPED);
        this.rows = new LedgerRows(slice.size());
    }

    static RefreshLedger build(FrameSlice slice, DisplayMode mode) {
        LedgerBuilder builder = new LedgerBuilder(slice, mode);
        FrameLog log = slice.log();
        Optional<Values> displayed = log.channel(Channel.DISPLAYED);
        int from = slice.from();
        for (int end : ends(slice)) {
            if (displayed.isPresent()) {
                builder.measured(displayed.get(), from, end);
            } else {
                builder.inferred(log.present(), from, end);
            }
            builder.rows.endSegment();
            from = end;
        }
        builder.rows.markRepeats(slice);
        return new RefreshLedger(
                mode,
                displayed.isPresent() ? RefreshLedger.Basis.MEASURED : RefreshLedger.Basis.INFERRED,
                builder.rows);
    }

    /// Rows of display times alone: no grid, every image with a display time is shown.
    static LedgerRows everyDisplayed(FrameSlice slice, Values displayed) {
        LedgerRows rows = new LedgerRows(slice.size());
        int from = slice.from();
        for (int end : ends(slice)) {
            for (int i = from; i < end; i++) {
                if (!Double.isNaN(displayed.at(i))) {
                    rows.show(i, rows.shown(), displayed.at(i));
                }
            }
            rows.endSegment();
            from = end;
        }
        rows.markRepeats(slice);
        return rows;
    }

    /// Indices after the last image of each segment of the slice.
    private static int[] ends(FrameSlice slice) {
        int[] starts = slice.log().segmentStarts();
        int[] inside = Arrays.stream(starts)
                .filter(s -> s > slice.from() && s < slice.to())
                .toArray();
        int[] ends = Arrays.copyOf(inside, inside.length + 1);
        ends[inside.length] = slice.to();
        return ends;
    }

    private void measured(Values displayed, int from, int to) {
        switch (mode.sync()) {
            case FIFO, LATEST -> measuredOnGrid(displayed, from, to);
            case TEARING -> tearing(displayed, from, to);
            case VRR -> measuredVariable(displayed, from, to);
        }
    }

    private void inferred(Values present, int from, int to) {
        switch (mode.sync()) {
            case FIFO -> fifo(present, from, to);
            case LATEST -> latest(present, from, to);
            case TEARING -> tearing(present, from, to);
            case VRR -> variable(present, from, to);
        }
    }

    private void measuredOnGrid(Values displayed, int from, int to) {
        double period = mode.periodMs();
        double grid = Double.NaN;
        int refresh = nextRefresh;
        for (int i = from; i < to; i++) {
            double at = displayed.at(i);
            if (Double.isNaN(at)) {
                rows.lose(i);
                continue;
            }
            if (Double.isNaN(grid)) {
                grid = at;
                rows.show(i, refresh, at);
                continue;
            }
            long steps = Math.round((at - grid) / period);
            if (steps <= 0) {
                rows.replaceLast(i, rows.shownAtMs(rows.shown() - 1));
                continue;
            }
            double miss = at - (grid + steps * period);
            grid += steps * period + LedgerRows.gridFollows() * miss;
            rows.noteGridError(miss / period);
            refresh = Math.toIntExact(refresh + steps);
            rows.show(i, refresh, at);
        }
        nextRefresh = refresh + 1;
    }

    private void measuredVariable(Values displayed, int from, int to) {
        double period = mode.periodMs();
        double before = Double.NaN;
        int refresh = nextRefresh;
        for (int i = from; i < to; i++) {
            double at = displayed.at(i);
            if (Double.isNaN(at)) {
                rows.lose(i);
                continue;
            }
            if (Double.isNaN(before)) {
                rows.show(i, refresh, at);
            } else if (at - before < period / 2) {
                // Less than half of the shortest scan-out after the one before: that one was not shown whole.
                rows.replaceLast(i, before);
                continue;
            } else {
                refresh += scanOuts(at - before);
                rows.show(i, refresh, at);
            }
            before = at;
        }
        nextRefresh = refresh + 1;
    }

    private int scanOuts(double gapMs) {
        return Double.isNaN(mode.vrrFloorHz())
                ? 1
                : Math.max(1, (int) Math.ceil(gapMs * mode.vrrFloorHz() / 1000 - EPSILON));
    }

    private void fifo(Values present, int from, int to) {
        double origin = from < to ? present.at(from) : 0;
        int last = -1;
        int horizon = from < to ? refreshAtOrAfter(present.at(to - 1) - origin) : 0;
        for (int i = from; i < to; i++) {
            if (isDropped(i)) {
                rows.lose(i);
                continue;
            }
            int refresh = Math.max(last + 1, refreshAtOrAfter(present.at(i) - origin));
            if (refresh > horizon) {
                break; // still waiting when the log ends: neither shown nor lost
            }
            rows.show(i, nextRefresh + refresh, origin + refresh * mode.periodMs());
            last = refresh;
        }
        nextRefresh += last + 1;
    }

    private void latest(Values present, int from, int to) {
        double origin = from < to ? present.at(from) : 0;
        int last = -1;
        for (int i = from; i < to; i++) {
            if (isDropped(i)) {
                rows.lose(i);
                continue;
            }
            int refresh = Math.max(last, refreshAtOrAfter(present.at(i) - origin));
            double at = origin + refresh * mode.periodMs();
            if (refresh == last) {
                rows.replaceLast(i, at);
            } else {
                rows.show(i, nextRefresh + refresh, at);
            }
            last = refresh;
        }
        nextRefresh += last + 1;
    }

    private boolean isDropped(int image) {
        return dropped.isPresent() && dropped.get().at(image) > 0;
    }

    private int refreshAtOrAfter(double sinceOriginMs) {
        return Math.toIntExact((long) Math.ceil(sinceOriginMs / mode.periodMs() - EPSILON));
    }

    private void variable(Values present, int from, int to) {
        double period = mode.periodMs();
        double before = Double.NaN;
        int refresh = nextRefresh;
        for (int i = from; i < to; i++) {
            double free = before + period;
            double at = Double.isNaN(before) ? present.at(i) : Math.max(present.at(i), free);
            if (isDropped(i) || (at > present.at(i) && hasNewer(present, i + 1, to, at))) {
                rows.lose(i);
                continue;
            }
            refresh += Double.isNaN(before) ? 0 : scanOuts(at - before);
            rows.show(i, refresh, at);
            before = at;
        }
        nextRefresh = refresh + 1;
    }

    /// Whether a newer image, from an index on, is there when the panel is free.
    private boolean hasNewer(Values present, int from, int to, double freeMs) {
        int next = from;
        while (next < to && isDropped(next)) {
            next++;
        }
        return next < to && present.at(next) <= freeMs;
    }

    /// Each refresh is credited to the image that owns most of its scan-out, if that is a third or more; so at
    /// most one image counts per refresh, and the delivered rate stays within the refresh rate.
    private void tearing(Values starts, int from, int to) {
        double period = mode.periodMs();
        int firstPosition = rows.shown();
        double origin = Double.NaN;
        int current = 0;
        int owner = -1;
        int candidate = -1;
        double owned = 0;
        int previous = -1;
        for (int i = from; i < to; i++) {
            if (Double.isNaN(starts.at(i)) || isDropped(i)) {
                continue;
            }
            if (previous < 0) {
                origin = starts.at(i);
                previous = i;
                continue;
            }
            double begin = (starts.at(previous) - origin) / period;
            double end = (starts.at(i) - origin) / period;
            while (begin < end) {
                double edge = Math.min(end, current + 1.0);
                if (edge - begin > owned) {
                    owned = edge - begin;
                    candidate = previous;
                }
                begin = edge;
                if (edge == current + 1.0) {
                    if (owned >= OWNS_AT_LEAST - EPSILON && candidate != owner) {
                        owner = candidate;
                        rows.show(owner, nextRefresh + current, origin + current * period);
                    }
                    current++;
                    owned = 0;
                }
            }
            previous = i;
        }
        nextRefresh += current;
        loseUncredited(from, firstPosition);
    }

    /// Every image before the last credited one that was not credited itself never owned enough of a scan-out.
    private void loseUncredited(int from, int firstPosition) {
        int next = from;
        for (int position = firstPosition; position < rows.shown(); position++) {
            for (; next < rows.image(position); next++) {
                rows.lose(next);
            }
            next = rows.image(position) + 1;
        }
    }
}

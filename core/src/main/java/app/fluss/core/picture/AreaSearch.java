package app.fluss.core.picture;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// Looks for a lamp and the place that answers it: what changes sharply, at which places, in which order. Pictures are
/// taken one after the other and kept as the brightness of coarse blocks.
public final class AreaSearch {
    /// Pictures that are looked at: {@value}, 50 s at 240 a second.
    public static final int MOST_PICTURES = 12_000;

    private static final int MOST_COLUMNS = 64;
    private static final int MOST_PLACES = 24;
    private static final int MOST_DELAYS = 2;
    private static final double SAME_DELAY = 1.5;

    private final int width;
    private final int height;
    private final int block;
    private final int columns;
    private final int rows;
    private final List<short[]> pictures = new ArrayList<>();

    /// @param width of a picture, px
    /// @param height of it, px
    public AreaSearch(int width, int height) {
        this.width = width;
        this.height = height;
        block = Math.max(1, Math.ceilDiv(Math.max(width, height), MOST_COLUMNS));
        columns = Math.ceilDiv(width, block);
        rows = Math.ceilDiv(height, block);
    }

    /// Takes the next picture; those after {@value #MOST_PICTURES} are passed over.
    ///
    /// @param luma row by row, unsigned
    public void take(byte[] luma) {
        if (pictures.size() == MOST_PICTURES) {
            return;
        }
        short[] means = new short[columns * rows];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                means[row * columns + column] =
                        (short) Math.rint(BlockChanges.SCALE * area(column, row).mean(luma, width));
            }
        }
        pictures.add(means);
    }

    private Area area(int column, int row) {
        int x = column * block;
        int y = row * block;
        return new Area(x, y, Math.min(block, width - x), Math.min(block, height - y));
    }

    /// Finds both places among the pictures that were taken.
    ///
    /// @param fps pictures a second of the camera, above 0
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public AreaSuggestion find(double fps, Progress progress) {
        List<ChangingPlace> places = places(progress);
        if (places.isEmpty()) {
            return AreaSuggestion.none("Nothing in the clip changes sharply and more than twice.");
        }
        if (places.size() == 1) {
            return AreaSuggestion.none(
                    "Only one place of the clip changes sharply; input and answer must both be seen.");
        }
        Optional<AnsweringPair> best = Optional.empty();
        for (ChangingPlace input : places) {
            for (ChangingPlace answer : places) {
                AnsweringPair pair = AnsweringPair.of(input, answer, fps);
                if (!input.equals(answer)
                        && pair.isSteady()
                        && pair.score() > best.map(AnsweringPair::score).orElse(0.0)) {
                    best = Optional.of(pair);
                }
            }
        }
        if (best.isEmpty()) {
            return AreaSuggestion.none("No place of the clip answers another one steadily.");
        }
        AnsweringPair pair = best.get();
        return delays(pair.input(), places, fps) > MOST_DELAYS
                ? AreaSuggestion.none(
                        "Something moves through the picture, so that many places change one after the other.")
                : AreaSuggestion.of(new AreaSuggestion.Areas(area(pair.input()), area(pair.answer()), pair.answers()));
    }

    /// After how many different times other places answer one: an answer comes at one time, or at a few in several
    /// parts
    /// of the picture; what moves changes one place after the other.
    private static int delays(ChangingPlace input, List<ChangingPlace> places, double fps) {
        double[] delays = places.stream()
                .filter(place -> !place.equals(input))
                .map(place -> AnsweringPair.of(input, place, fps))
                .filter(AnsweringPair::isSteady)
                .mapToDouble(AnsweringPair::delay)
                .sorted()
                .toArray();
        int different = 0;
        double last = Double.NEGATIVE_INFINITY;
        for (double delay : delays) {
            if (delay - last > SAME_DELAY) {
                different++;
                last = delay;
            }
        }
        return different;
    }

    /// Neighbouring blocks that change together, the strongest first.
    private List<ChangingPlace> places(Progress progress) {
        BlockChanges[] changes = new BlockChanges[columns * rows];
        for (int b = 0; b < changes.length; b++) {
            changes[b] = BlockChanges.of(pictures, b);
            progress.check((double) b / changes.length);
        }
        boolean[] taken = new boolean[changes.length];
        List<ChangingPlace> places = new ArrayList<>();
        Integer[] strongest = new Integer[changes.length];
        Arrays.setAll(strongest, b -> b);
        Arrays.sort(strongest, (a, b) -> Double.compare(changes[b].strength(), changes[a].strength()));
        for (int seed : strongest) {
            if (!taken[seed] && changes[seed].isPlace() && places.size() < MOST_PLACES) {
                places.add(grown(seed, changes, taken));
            }
        }
        return places;
    }

    private ChangingPlace grown(int seed, BlockChanges[] changes, boolean[] taken) {
        int[] queue = new int[changes.length];
        int end = 0;
        queue[end++] = seed;
        taken[seed] = true;
        for (int begin = 0; begin < end; begin++) {
            int column = queue[begin] % columns;
            int row = queue[begin] / columns;
            for (int[] step : new int[][] {{-1, 0}, {1, 0}, {0, -1}, {0, 1}}) {
                int c = column + step[0];
                int r = row + step[1];
                int next = r * columns + c;
                if (c >= 0
                        && c < columns
                        && r >= 0
                        && r < rows
                        && !taken[next]
                        && changes[next].isPlace()
                        && changes[next].goesWith(changes[seed])) {
                    taken[next] = true;
                    queue[end++] = next;
                }
            }
        }
        return new ChangingPlace(changes[seed], strong(Arrays.copyOf(queue, end), changes, seed));
    }

    /// The blocks that change at least half as much as the strongest: its glow around it is left out.
    private static List<Integer> strong(int[] blocks, BlockChanges[] changes, int seed) {
        return Arrays.stream(blocks)
                .filter(b -> changes[b].strength() >= changes[seed].strength() / 2)
                .boxed()
                .toList();
    }

    private Area area(ChangingPlace place) {
        int left = columns;
        int top = rows;
        int right = 0;
        int bottom = 0;
        for (int b : place.blocks()) {
            left = Math.min(left, b % columns);
            right = Math.max(right, b % columns);
            top = Math.min(top, b / columns);
            bottom = Math.max(bottom, b / columns);
        }
        Area first = area(left, top);
        Area last = area(right, bottom);
        return new Area(
                first.x(), first.y(), last.x() + last.width() - first.x(), last.y() + last.height() - first.y());
    }
}

package app.fluss.files.log;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.ImportNotes;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/// Turns parsed rows into a [FrameLog]: chooses the program, leaves out rows without a time, brings times to ms
/// from the first hand-over, and finds where the clock stepped back or started anew.
final class LogAssembly {
    /// A step back by more than this is a restart of the clock, ms; less is a logger's disorder. Our own
    /// convention.
    private static final double RESTART_MS = 1000;

    /// A step forward by more than this is no image that stayed, but a recording that was interrupted, ms. Our own
    /// convention.
    private static final double INTERRUPTED_MS = 3_600_000;

    /// No time of an image lies further than this from the log's beginning, ms; loggers write such for never.
    private static final double NEVER_MS = 1e12;

    /// No image is made in less than this on average, ms: a unit was taken for another, or a cell is damaged.
    private static final double CLOSEST_MS = 1e-3;

    private final Path file;
    private final Columns columns;
    private final Mapping mapping;
    private final RowStore store;
    private final List<String> processes = new ArrayList<>();
    private int rowsWithoutTime;
    private int duplicates;
    private int backward;

    LogAssembly(Path file, Columns columns, Mapping mapping, RowStore store) {
        this.file = file;
        this.columns = columns;
        this.mapping = mapping;
        this.store = store;
    }

    ImportedLog assemble(Optional<String> process, int blankLines, boolean truncated, boolean guessed, String why)
            throws InputException {
        keepProcess(process);
        int time = timeColumn();
        boolean stamped = columns.numeric().get(time).role() == Role.PRESENT;
        keepRowsWithTime(time);
        if (store.rows == 0) {
            throw new InputException(file, 0, 0, "no row with a time", "rows of figures");
        }
        double origin = stamped ? store.numbers[time][0] : 0;
        for (int c = 0; c < columns.numeric().size(); c++) {
            toMs(c, stamped ? origin : 0);
        }
        double[] present = store.numbers[time];
        if (!stamped) {
            addUp(present);
        }
        int[] restarts = stamped ? restarts(present) : new int[0];
        double apartMs = (present[store.rows - 1] - present[0]) / (store.rows - 1);
        if (restarts.length == 0 && apartMs > 0 && apartMs < CLOSEST_MS) {
            throw new InputException(
                    file,
                    0,
                    0,
                    "images that are %s ms apart on average".formatted(apartMs),
                    "images at least 0.001 ms apart; state the unit of the time in a mapping");
        }
        neverShown(present);
        FrameLog.Builder log = FrameLog.presentedAt(present, store.rows)
                .segmentStarts(restarts)
                .leadIn(!stamped);
        for (int c = 0; c < columns.numeric().size(); c++) {
            double[] values = store.numbers[c];
            Role role = columns.numeric().get(c).role();
            Optional<Channel> channel = role == Role.DISPLAY_WAIT ? Optional.of(Channel.DISPLAYED) : role.channel();
            if (c != time && channel.isPresent()) {
                log.channel(channel.get(), values);
            }
        }
        if (store.kinds.length > 0) {
            log.kinds(kinds());
        }
        ImportNotes notes = new ImportNotes(
                store.rows,
                blankLines,
                truncated,
                rowsWithoutTime,
                duplicates,
                backward,
                restarts.length,
                List.copyOf(processes),
                guessed,
                why);
        return new ImportedLog(log.build(), mapping, notes);
    }

    /// Turns waits for the display into times, and takes those of dropped images away.
    private void neverShown(double[] present) {
        Optional<double[]> waits = column(Role.DISPLAY_WAIT);
        waits.ifPresent(wait -> {
            for (int i = 0; i < store.rows; i++) {
                wait[i] = wait[i] > 0 ? present[i] + wait[i] : Double.NaN;
            }
        });
        column(Role.DROPPED)
                .ifPresent(dropped -> waits.or(() -> column(Role.DISPLAYED)).ifPresent(displayed -> {
                    for (int i = 0; i < store.rows; i++) {
                        displayed[i] = dropped[i] > 0 ? Double.NaN : displayed[i];
                    }
                }));
    }

    private int timeColumn() {
        return index(Role.PRESENT)
                .or(() -> index(Role.FRAME_TIME))
                .orElseThrow(() -> new IllegalStateException("the mapping was checked to have a time"));
    }

    private Optional<double[]> column(Role role) {
        return index(role).map(index -> store.numbers[index]);
    }

    private Optional<Integer> index(Role role) {
        return IntStream.range(0, columns.numeric().size())
                .boxed()
                .filter(c -> columns.numeric().get(c).role() == role)
                .findFirst();
    }

    private void keepProcess(Optional<String> wanted) throws InputException {
        List<String> words = store.processWords.words();
        if (words.isEmpty()) {
            return;
        }
        int[] counts = new int[words.size()];
        for (int i = 0; i < store.rows; i++) {
            counts[store.processes[i]]++;
        }
        int chosen = 0;
        for (int code = 1; code < counts.length; code++) {
            chosen = counts[code] > counts[chosen] ? code : chosen;
        }
        if (wanted.isPresent()) {
            chosen = words.indexOf(wanted.get());
            if (chosen < 0) {
                throw new InputException(
                        file,
                        0,
                        0,
                        "no program " + InputException.quote(wanted.get()),
                        "one of " + String.join(", ", words));
            }
        }
        processes.add(words.get(chosen));
        for (String word : words) {
            if (!word.equals(words.get(chosen))) {
                processes.add(word);
            }
        }
        if (words.size() > 1) {
            int code = chosen;
            keepRows(i -> store.processes[i] == code);
        }
    }

    private void keepRowsWithTime(int time) {
        double[] values = store.numbers[time];
        MappedColumn mapped = columns.numeric().get(time);
        double first = Double.NaN;
        for (int i = 0; i < store.rows; i++) {
            first = Double.isNaN(first) ? values[i] : first;
            if (mapped.role() == Role.PRESENT && Math.abs(mapped.unit().toMs(values[i] - first)) > NEVER_MS) {
                values[i] = Double.NaN;
            }
            rowsWithoutTime += Double.isNaN(values[i]) ? 1 : 0;
        }
        if (rowsWithoutTime > 0) {
            keepRows(i -> !Double.isNaN(values[i]));
        }
    }

    private void keepRows(IntPredicate wanted) {
        // The test may read a column that is being packed: a row is only written at or before where it is read.
        int kept = 0;
        for (int i = 0; i < store.rows; i++) {
            if (wanted.test(i)) {
                for (double[] column : store.numbers) {
                    column[kept] = column[i];
                }
                if (store.kinds.length > 0) {
                    store.kinds[kept] = store.kinds[i];
                }
                if (store.processes.length > 0) {
                    store.processes[kept] = store.processes[i];
                }
                kept++;
            }
        }
        store.rows = kept;
    }

    private void toMs(int column, double origin) {
        MappedColumn mapped = columns.numeric().get(column);
        if (!mapped.role().isTime()) {
            return;
        }
        boolean stamp = mapped.role().channel().map(Channel::isTimeStamp).orElse(false);
        double from = stamp ? origin : 0;
        double[] values = store.numbers[column];
        TimeUnit unit = mapped.unit();
        boolean shows = mapped.role() == Role.DISPLAYED;
        for (int i = 0; i < store.rows; i++) {
            double ms = unit.toMs(values[i] - from);
            boolean never = (mapped.role() != Role.FRAME_TIME && Math.abs(ms) > NEVER_MS)
                    || (shows && values[i] == 0 && (i > 0 || from != 0));
            values[i] = never ? Double.NaN : ms;
        }
    }

    private void addUp(double[] frameTimes) throws InputException {
        double sum = 0;
        for (int i = 0; i < store.rows; i++) {
            if (!(frameTimes[i] >= 0 && frameTimes[i] <= INTERRUPTED_MS)) {
                throw new InputException(
                        file,
                        0,
                        0,
                        "a frame time of %s ms in row %d".formatted(frameTimes[i], i + 1),
                        "frame times of 0 to an hour");
            }
            sum += frameTimes[i];
            frameTimes[i] = sum;
        }
    }

    private int[] restarts(double[] present) {
        int[] found = new int[4];
        int count = 0;
        double latest = present[0];
        for (int i = 1; i < store.rows; i++) {
            double t = present[i];
            if (t > latest && t <= latest + INTERRUPTED_MS) {
                latest = t;
            } else if (t > latest || t < latest - RESTART_MS) {
                found = count == found.length ? Arrays.copyOf(found, count * 2) : found;
                found[count++] = i;
                latest = t;
            } else if (t == present[i - 1]) {
                duplicates++;
            } else if (t < present[i - 1]) {
                backward++;
            }
        }
        return Arrays.copyOf(found, count);
    }

    private byte[] kinds() {
        List<String> words = store.kindWords.words();
        byte[] meaning = new byte[words.size()];
        for (int i = 0; i < meaning.length; i++) {
            FrameKind stated = mapping.kinds().get(words.get(i));
            meaning[i] = (stated == null ? KindWords.of(words.get(i)) : stated).code();
        }
        for (int i = 0; i < store.rows; i++) {
            store.kinds[i] = meaning[store.kinds[i]];
        }
        return store.kinds;
    }
}

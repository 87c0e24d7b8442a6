package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Holds the readings of pictures against their neighbours: a number stands for a while, so what one picture
/// hides, those beside it tell; and what one picture alone shows is doubted, unless the counter changes that
/// often.
final class Standing {
    private static final double AS_LIKELY = 4;
    private static final double LIKELIER = 4;
    private static final int STANDS_LONG = 4;
    private static final int MOST_LOOKS = 6;
    private static final double LOOKING_AGAIN = 0.3;
    private static final int SEVERAL = 5;

    private final Crops crops;
    private final Crops moving;
    private final LineReader reader;
    private final PictureReading[] readings;
    private final boolean steadied;
    private final String[] texts;

    /// @param crops from which the pictures were read
    /// @param moving the same before they were steadied
    /// @param steadied whether they were: then a picture shows what it shares with its neighbours, and cannot tell
    ///     which of two numbers it shows
    Standing(Crops crops, Crops moving, boolean steadied, LineReader reader, PictureReading[] readings) {
        this.crops = crops;
        this.moving = moving;
        this.steadied = steadied;
        this.reader = reader;
        this.readings = readings;
        texts = new String[readings.length];
    }

    /// The number that each picture shows; empty where it is open.
    String[] texts(Progress progress) {
        for (int i = 0; i < texts.length; i++) {
            texts[i] = readings[i].sure() ? readings[i].text() : "";
        }
        Flicker.dropContested(texts);
        Sense.check(texts);
        Flicker.drop(texts);
        dropContradicted(progress.part(0, LOOKING_AGAIN));
        if (steadied) {
            dropContradictedEnds();
        }
        fill(progress.part(LOOKING_AGAIN, 1));
        return texts;
    }

    /// Where pictures were put together, a number may have been seen on those before it and after it, which are few
    /// among all that it stands on: they are looked at by themselves.
    private void dropContradictedEnds() {
        String[] whole = texts.clone();
        int from = 0;
        for (int i = 1; i <= whole.length; i++) {
            if (i == whole.length || !whole[i].equals(whole[from])) {
                if (!whole[from].isEmpty()) {
                    dropIfContradicted(from, Math.min(i, from + Steadied.TOGETHER - 1), from);
                    dropIfContradicted(Math.max(from, i - Steadied.TOGETHER + 1), i, i - 1);
                }
                from = i;
            }
        }
    }

    private void dropIfContradicted(int from, int to, int at) {
        List<byte[]> some = some(from, to);
        List<Glyph> glyphs = readings[at].glyphs();
        if (reader.glyphInk().isLacking(some, glyphs) || reader.glyphInk().isContradicted(some, glyphs)) {
            Arrays.fill(texts, from, to, "");
        }
    }

    /// Looks at each number once more, by its ink on some of the pictures on which it stands, and at what
    /// stands right beside it.
    private void dropContradicted(Progress progress) {
        int columns = reader.stayingInk().columns(readings);
        int usual = Sense.usualDecimals(texts);
        List<int[]> stands = new ArrayList<>();
        List<StayingInk.Sides> staying = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= texts.length; i++) {
            if (i == texts.length || !texts[i].equals(texts[from])) {
                progress.check((double) from / texts.length);
                if (!texts[from].isEmpty()) {
                    List<byte[]> some = some(from, i);
                    if (reader.glyphInk().isContradicted(some, readings[from].glyphs())) {
                        Arrays.fill(texts, from, i, "");
                    } else {
                        stands.add(new int[] {from, i});
                        boolean ended = Sense.decimals(texts[from]) == usual;
                        staying.add(reader.stayingInk().beside(some, readings[from], columns, ended));
                    }
                }
                from = i;
            }
        }
        boolean few = stands.stream().map(one -> texts[one[0]]).distinct().count() < SEVERAL;
        boolean[] more = reader.stayingInk().haveMore(staying, few);
        // On few pictures what moves behind the text stays, too; there every figure was looked for by itself.
        int fewest = reader.knowsEveryFigure() ? STANDS_LONG : 1;
        for (int i = 0; i < more.length; i++) {
            int begin = stands.get(i)[0];
            int end = stands.get(i)[1];
            if (more[i] && end - begin >= fewest) {
                Arrays.fill(texts, begin, end, "");
            }
        }
    }

    private List<byte[]> some(int from, int to) {
        int n = Math.min(MOST_LOOKS, to - from);
        List<byte[]> some = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
            moving.read(from + (int) ((long) i * (to - from) / n), crop);
            some.add(crop);
        }
        return some;
    }

    /// What stands between two numbers is one of them, if the picture does not say otherwise.
    private void fill(Progress progress) {
        int before = -1;
        byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
        for (int i = 0; i < texts.length; i++) {
            progress.check((double) i / texts.length);
            if (!texts[i].isEmpty()) {
                before = i;
                continue;
            }
            int after = i;
            while (after < texts.length && texts[after].isEmpty()) {
                after++;
            }
            fill(crop, before, i, after, progress);
            i = after - 1;
        }
    }

    private void fill(byte[] crop, int before, int from, int after, Progress progress) {
        String[] found = new String[after - from];
        for (int i = from; i < after; i++) {
            progress.check((double) i / texts.length);
            crops.read(i, crop);
            LineReader.Reading reading = reader.read(crop);
            double left = before < 0 ? Double.NEGATIVE_INFINITY : reader.total(readings[before].glyphs());
            double right = after == texts.length ? Double.NEGATIVE_INFINITY : reader.total(readings[after].glyphs());
            boolean same = before >= 0 && after < texts.length && texts[before].equals(texts[after]);
            double best = Math.max(left, right);
            boolean likely = !reading.nameless() && reading.total() - best <= AS_LIKELY;
            boolean told = same || (!steadied && Math.abs(left - right) >= LIKELIER);
            found[i - from] = likely && told ? texts[left >= right ? before : after] : "";
        }
        if (before >= 0) {
            dropLacking(found, from, texts[before], readings[before].glyphs());
        }
        if (after < texts.length) {
            dropLacking(found, from, texts[after], readings[after].glyphs());
        }
        System.arraycopy(found, 0, texts, from, found.length);
    }

    /// Takes a number away from pictures that it was given to, if they lack its ink: they may show one that could
    /// not be read.
    private void dropLacking(String[] found, int from, String text, List<Glyph> glyphs) {
        int first = 0;
        for (int i = 1; i <= found.length; i++) {
            if (i == found.length || !found[i].equals(found[first])) {
                if (found[first].equals(text) && reader.glyphInk().isLacking(some(from + first, from + i), glyphs)) {
                    Arrays.fill(found, first, i, "");
                }
                first = i;
            }
        }
    }
}

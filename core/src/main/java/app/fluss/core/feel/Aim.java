package app.fluss.core.feel;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import java.util.random.RandomGenerator;

/// Reaching for targets on a circle, one after another across it (the multi-directional task of ISO
/// 9241-411, from memory), with a delay added to the drawn pointer. A hit is judged by where the pointer
/// really is, as a game does.
public final class Aim {
    /// The delays that are added, ms.
    static final List<Double> DELAYS_MS = List.of(0.0, 40.0, 80.0, 160.0);

    private static final int ROUNDS = 3;
    private static final int TARGETS = Throughput.SEQUENCE;
    private static final int ACROSS = (TARGETS + 1) / 2;
    private static final double TARGET_RADIUS = 17;
    private static final double POINTER_RADIUS = 6;
    private static final double CIRCLE = 0.38;
    private static final double GROUND = 0.02;
    private static final double OTHER = 0.05;
    private static final double WANTED = 0.3;
    private static final double POINTER = 0.55;
    private static final double NANOS_PER_MS = 1e6;

    private final Pulses pulses;
    private final PointerTrail trail = new PointerTrail();
    private final Deque<Double> toCome = new ArrayDeque<>();
    private final List<Reach> reaches = new ArrayList<>();
    private final List<Reach> sequence = new ArrayList<>();
    private int sequences;
    private int thrownAway;
    private int at;
    private boolean isBegun;
    private boolean isMissed;
    private long lastPulse = Long.MIN_VALUE;
    private long lastClick;
    private double fromX;
    private double fromY;

    /// @param pulses of the window that shows it
    /// @param random draws the order of the delays
    public Aim(Pulses pulses, RandomGenerator random) {
        this.pulses = pulses;
        for (int round = 0; round < ROUNDS; round++) {
            List<Double> shuffled = new ArrayList<>(DELAYS_MS);
            Collections.shuffle(shuffled, new Random(random.nextLong()));
            toCome.addAll(shuffled);
        }
        sequences = toCome.size();
    }

    /// Whether every sequence is done.
    public boolean isDone() {
        return toCome.isEmpty();
    }

    /// The share that is done, 0 to 1.
    public double done() {
        return 1 - (toCome.size() - (double) sequence.size() / TARGETS) / sequences;
    }

    /// What is added to the pointer now, ms; 0 once everything is done.
    public double delayMs() {
        return isDone() ? 0 : toCome.getFirst();
    }

    /// Reaches of the sequences that are done and were shown as they should have been.
    public List<Reach> reaches() {
        return List.copyOf(reaches);
    }

    /// Sequences that were thrown away because a pulse was missed; each is repeated.
    public int thrownAway() {
        return thrownAway;
    }

    /// The target that is to be clicked.
    ///
    /// @param width of the field, px
    /// @param height of the field, px
    public FeelPicture.Disc wanted(double width, double height) {
        return target(at, width, height, WANTED);
    }

    /// Whether a sequence begins with the next click.
    public boolean isBetweenSequences() {
        return !isBegun;
    }

    /// A pulse of the window.
    public void pulse(long nanos) {
        if (isBegun && lastPulse != Long.MIN_VALUE && pulses.isMissed(lastPulse, nanos)) {
            isMissed = true;
        }
        lastPulse = nanos;
    }

    /// The pointer moved.
    public void pointed(long nanos, double x, double y) {
        trail.moved(nanos, x, y);
    }

    /// A click. The first of a sequence only begins it.
    ///
    /// @param width of the field, px
    /// @param height of the field, px
    public void clicked(long nanos, double x, double y, double width, double height) {
        if (isDone()) {
            return;
        }
        if (isBegun) {
            FeelPicture.Disc target = wanted(width, height);
            sequence.add(new Reach(
                    delayMs(),
                    fromX,
                    fromY,
                    target.x(),
                    target.y(),
                    2 * TARGET_RADIUS,
                    x,
                    y,
                    Math.max(1, (nanos - lastClick) / NANOS_PER_MS)));
            at = (at + ACROSS) % TARGETS;
        }
        isBegun = true;
        lastClick = nanos;
        fromX = x;
        fromY = y;
        if (sequence.size() == TARGETS) {
            end();
        }
    }

    private void end() {
        double delay = toCome.removeFirst();
        if (isMissed) {
            thrownAway++;
            toCome.addLast(delay);
        } else {
            reaches.addAll(sequence);
        }
        sequence.clear();
        isBegun = false;
        isMissed = false;
    }

    private static FeelPicture.Disc target(int number, double width, double height, double luminance) {
        double radius = CIRCLE * Math.min(width, height);
        double angle = 2 * Math.PI * number / TARGETS - Math.PI / 2;
        return new FeelPicture.Disc(
                width / 2 + radius * Math.cos(angle), height / 2 + radius * Math.sin(angle), TARGET_RADIUS, luminance);
    }

    /// What stands on the window at the last pulse.
    public FeelPicture picture(double width, double height) {
        List<FeelPicture.Mark> marks = new ArrayList<>();
        for (int i = 0; i < TARGETS; i++) {
            marks.add(target(i, width, height, i == at ? WANTED : OTHER));
        }
        if (!trail.isEmpty() && lastPulse != Long.MIN_VALUE) {
            double delay = isBegun ? delayMs() : 0;
            long seen = lastPulse - Math.round(delay * NANOS_PER_MS);
            marks.add(new FeelPicture.Disc(trail.x(seen), trail.y(seen), POINTER_RADIUS, POINTER));
        }
        return new FeelPicture(GROUND, marks);
    }
}

package app.fluss.sim.scenario;

import java.util.Optional;

/// A bench to simulate.
///
/// @param name what it is called
/// @param about what it shows, in a sentence
/// @param seed the same seed gives the same run
/// @param seconds how long, s, above 0, at most 7200
/// @param game the game and what draws it
/// @param generator what makes images between rendered ones; empty on a native path
/// @param stream in-home streaming; empty without
/// @param headset a headset in place of the display; empty without
/// @param display the display, or the client's with a stream
/// @param clicks clicks and a light sensor; empty without
/// @param counter what the overlay's counter counts
public record Scenario(
        String name,
        String about,
        long seed,
        double seconds,
        Game game,
        Optional<Generator> generator,
        Optional<Stream> stream,
        Optional<Headset> headset,
        Display display,
        Optional<Clicks> clicks,
        Counter counter) {
    /// Images, or packets, that a run may have at most: {@value}. They are all held at once.
    public static final int MOST = 5_000_000;

    private static final double LONGEST_S = 7200;
    private static final double LONGEST_SENSED_S = 600;
    private static final double PACKETS_PER_MEGABIT = 1e6 / 8 / 1200;

    /// @throws IllegalArgumentException outside the ranges, or if parts exclude each other
    public Scenario {
        Range.above("duration_s", seconds, 0, clicks.isPresent() ? LONGEST_SENSED_S : LONGEST_S);
        double times = generator.map(Generator::multiplier).orElse(1);
        Range.few("duration_s", seconds, MOST, "images", seconds * 1000 / game.shortestMs() * times);
        stream.ifPresent(sent ->
                Range.few("duration_s", seconds, MOST, "packets", seconds * sent.bitRateMbps() * PACKETS_PER_MEGABIT));
        if (headset.isPresent() && (generator.isPresent() || stream.isPresent() || clicks.isPresent())) {
            throw new IllegalArgumentException("headset must stand without generator, stream and clicks");
        }
    }

    /// A native run of a game on a display.
    public static Scenario of(long seed, double seconds, Game game, Display display) {
        return new Scenario(
                "",
                "",
                seed,
                seconds,
                game,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                display,
                Optional.empty(),
                Counter.HONEST);
    }

    /// The same bench with another seed: a repeat.
    public Scenario withSeed(long other) {
        return new Scenario(name, about, other, seconds, game, generator, stream, headset, display, clicks, counter);
    }

    /// The same, this long.
    public Scenario lasting(double s) {
        return new Scenario(name, about, seed, s, game, generator, stream, headset, display, clicks, counter);
    }

    /// The same with another game.
    public Scenario with(Game other) {
        return new Scenario(name, about, seed, seconds, other, generator, stream, headset, display, clicks, counter);
    }

    /// The same with a generator.
    public Scenario with(Generator other) {
        return new Scenario(
                name, about, seed, seconds, game, Optional.of(other), stream, headset, display, clicks, counter);
    }

    /// The same with another display.
    public Scenario with(Display other) {
        return new Scenario(name, about, seed, seconds, game, generator, stream, headset, other, clicks, counter);
    }

    /// The same with a stream.
    public Scenario with(Stream other) {
        return new Scenario(
                name, about, seed, seconds, game, generator, Optional.of(other), headset, display, clicks, counter);
    }

    /// The same in a headset.
    public Scenario with(Headset other) {
        return new Scenario(
                name, about, seed, seconds, game, generator, stream, Optional.of(other), display, clicks, counter);
    }

    /// The same with clicks.
    public Scenario with(Clicks other) {
        return new Scenario(
                name, about, seed, seconds, game, generator, stream, headset, display, Optional.of(other), counter);
    }

    /// The same with another counter.
    public Scenario with(Counter other) {
        return new Scenario(name, about, seed, seconds, game, generator, stream, headset, display, clicks, other);
    }

    /// Whether nothing stands between the game and the display.
    public boolean isNative() {
        return generator.isEmpty()
                && stream.isEmpty()
                && headset.isEmpty()
                && display.smoothing().isEmpty();
    }

    /// The same game on the same bench with nothing between it and the display; a headset stays.
    public Scenario asNative() {
        return new Scenario(
                name,
                about,
                seed,
                seconds,
                game,
                Optional.empty(),
                Optional.empty(),
                headset,
                display.withoutSmoothing(),
                clicks,
                Counter.HONEST);
    }
}

package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.Values;
import java.util.Optional;

/// Mean loads of the cards over a run, weighted by time, percent.
///
/// @param first of the card that draws: as logged, else its work as a share of the frame times
/// @param second of the card that generates, as logged
public record CardLoads(Figure first, Figure second) {
    /// From a run.
    public static CardLoads of(Analysis run) {
        return new CardLoads(
                Sensors.of(run.slice(), Channel.GPU_LOAD).isPresent() ? logged(run, Channel.GPU_LOAD) : fromWork(run),
                logged(run, Channel.SECOND_GPU_LOAD));
    }

    private static Figure logged(Analysis run, Channel channel) {
        String otherwise = Sensors.isDead(run.slice(), channel)
                ? channel.header() + " stands at nothing throughout"
                : "the log has no " + channel.header();
        Optional<Values> load = Sensors.of(run.slice(), channel);
        if (load.isEmpty()) {
            return Figure.missing(otherwise);
        }
        FrameTimes times = run.times();
        double sum = 0;
        double ms = 0;
        for (int i = 0; i < times.size(); i++) {
            double value = load.get().at(times.image(i));
            if (!Double.isNaN(value)) {
                sum += value * times.at(i);
                ms += times.at(i);
            }
        }
        return Figure.ofFinite(sum / ms, otherwise);
    }

    private static Figure fromWork(Analysis run) {
        String otherwise = "the log has neither the card's load nor its work";
        Optional<Values> work = run.slice().log().channel(Channel.GPU);
        if (work.isEmpty()) {
            return Figure.missing(otherwise);
        }
        double busy = 0;
        int n = 0;
        for (int i = run.slice().from(); i < run.slice().to(); i++) {
            double value = work.get().at(i);
            if (!Double.isNaN(value)) {
                busy += value;
                n++;
            }
        }
        return n == 0
                ? Figure.missing(otherwise)
                : Figure.ofFinite(Math.min(100, 100 * busy / run.times().elapsedMs()), otherwise);
    }
}

package app.fluss.sim;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Pickup;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.signal.Clip;
import app.fluss.sim.signal.Light;
import app.fluss.sim.signal.SensorTrace;
import app.fluss.sim.signal.SoundTrack;
import app.fluss.sim.stage.ProbedLink;
import app.fluss.sim.truth.PacketTrace;
import app.fluss.sim.truth.Truth;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/// A simulated run: what loggers, counters and sensors would have written, and what really happened.
///
/// @param scenario what was simulated
/// @param log one row for each image handed on to the screen: by the host, a stream's client, or a headset's
///     application
/// @param hostLog with a stream, one row for each image of the host
/// @param gameLog one row for each frame that the game finished
/// @param readings what the overlay said at the end of each whole second
/// @param truth what really happened
/// @param light the light at the sensor's place, where there are clicks
/// @param packets the packets of a stream
/// @param clip makes a recording of the panel
public record SimulatedRun(
        Scenario scenario,
        FrameLog log,
        Optional<FrameLog> hostLog,
        FrameLog gameLog,
        List<Reading> readings,
        Truth truth,
        Optional<Light> light,
        Optional<PacketTrace> packets,
        Supplier<Clip> clip) {
    /// One look at the overlay.
    ///
    /// @param second after the start, s
    /// @param claimedFps what the counter said, /s
    /// @param baseFps what the generator took for its base, /s; NaN without one
    public record Reading(int second, double claimedFps, double baseFps) {}

    /// A probe of a stream's link with the stream's own traffic and nothing else on it; empty without a stream.
    public Optional<ProbeTrace> probe() {
        return scenario.stream().map(stream -> ProbedLink.probe(stream, scenario.seed()));
    }

    /// The trace of the light sensor at its own rate; empty without clicks.
    public Optional<SensorTrace> sensor() {
        return scenario.clicks().map(clicks -> trace(clicks, clicks.pickup(), clicks.sensorHz()));
    }

    /// The trace of the light sensor at even times, samples a second; empty without clicks.
    public Optional<SensorTrace> sensor(double rateHz) {
        return scenario.clicks().map(clicks -> trace(clicks, clicks.pickup().even(), rateHz));
    }

    private SensorTrace trace(Clicks clicks, Pickup pickup, double rateHz) {
        SensorTrace.Seen seen =
                new SensorTrace.Seen(light.orElseThrow(), truth.clicks(), truth.flares(), clicks, scenario.display());
        return SensorTrace.of(seen, pickup, rateHz, scenario.seconds(), scenario.seed());
    }

    /// Two channels of sound of the same, 16 bits each, little-endian: the click and the light; empty without clicks.
    ///
    /// @param rateHz samples a second, 8000 or more
    public Optional<byte[]> sound(double rateHz) {
        return sensor(rateHz)
                .map(trace -> SoundTrack.pcm(
                        trace, truth.clicks(), scenario.clicks().orElseThrow().press()));
    }
}

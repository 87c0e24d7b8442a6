package app.fluss.app.capture;

import app.fluss.devices.sensor.SensorLink;
import app.fluss.devices.sensor.SensorSession;
import app.fluss.devices.sensor.SensorStandIn;
import app.fluss.devices.sensor.SerialLink;
import app.fluss.devices.sensor.SoundFormat;
import app.fluss.devices.sensor.SoundLink;
import app.fluss.devices.sensor.SoundStandIn;
import app.fluss.devices.sensor.TcpLink;
import app.fluss.files.latency.SoundWriter;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.signal.SensorTrace;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.Stream;

/// Where the light may come in.
sealed interface SensorSource {
    /// The name for people.
    String title();

    /// A light sensor that sends lines.
    ///
    /// @param opener opens a line to it
    record Lines(String title, SensorLink.Opener opener) implements SensorSource {
        SensorSession listen() {
            return SensorSession.ofLines(opener, System::nanoTime);
        }
    }

    /// Two channels of a sound input.
    ///
    /// @param ratesHz the rates at which it records, the usual one first
    /// @param openers opens it at a rate
    /// @param simulated whether a stand-in plays
    record Sound(String title, List<Integer> ratesHz, IntFunction<SensorLink.Opener> openers, boolean simulated)
            implements SensorSource {
        /// Keeps a copy.
        public Sound {
            ratesHz = List.copyOf(ratesHz);
        }

        SensorSession listen(int rateHz, boolean clickOnRight) {
            SoundFormat format = new SoundFormat(rateHz, clickOnRight, simulated);
            return SensorSession.ofSound(openers.apply(rateHz), format, System::nanoTime);
        }
    }

    /// The stand-ins, which need no device.
    ///
    /// @param speed how much faster than real they send
    static List<SensorSource> standIns(double speed) {
        return List.of(
                new Lines(SensorText.SENSOR_STAND_IN_SIMULATED, new SentLines(speed)),
                new Sound(
                        SensorText.SOUND_STAND_IN_SIMULATED,
                        List.of(48_000, 44_100),
                        rate -> new PlayedSound(rate, speed),
                        true));
    }

    /// The serial ports and sound inputs of this computer; asking takes up to a second.
    static List<SensorSource> devices() {
        Stream<SensorSource> ports = SerialLink.ports().stream()
                .map(port ->
                        new Lines("%s (%s)".formatted(port.title(), port.name()), () -> SerialLink.open(port.name())));
        Stream<SensorSource> inputs = SoundLink.devices().stream()
                .map(device -> new Sound(
                        SensorText.SOUND.formatted(device.name()),
                        device.ratesHz(),
                        rate -> () -> SoundLink.open(device.name(), rate),
                        false));
        return Stream.concat(ports, inputs).toList();
    }

    private static SimulatedRun simulated() {
        return Simulation.run(ReadyScenario.named("native"));
    }

    /// A simulated sensor at a native game, begun when it is first asked for.
    final class SentLines implements SensorLink.Opener {
        private static final double RATE_HZ = 4000;

        private final double speed;
        private int port;

        private SentLines(double speed) {
            this.speed = speed;
        }

        @Override
        @SuppressWarnings("resource") // serves as long as the window is open, like a sensor that stays plugged in
        public synchronized SensorLink open() throws IOException {
            if (port == 0) {
                SensorTrace trace = simulated().sensor(RATE_HZ).orElseThrow();
                port = new SensorStandIn(trace.inputs(), trace.lights(), speed).port();
            }
            return TcpLink.open(port);
        }
    }

    /// A simulated recording of click and light, played when it is asked for.
    final class PlayedSound implements SensorLink.Opener {
        private final int rateHz;
        private final double speed;

        private PlayedSound(int rateHz, double speed) {
            this.rateHz = rateHz;
            this.speed = speed;
        }

        @Override
        public SensorLink open() throws IOException {
            Path file = Files.createTempFile("fluss-sound", ".wav");
            file.toFile().deleteOnExit();
            SoundWriter.write(simulated().sound(rateHz).orElseThrow(), rateHz, file);
            return SoundStandIn.open(file, speed);
        }
    }
}

package app.fluss.app.capture;

import app.fluss.devices.sensor.SensorLink;
import app.fluss.devices.sensor.SensorStandIn;
import app.fluss.devices.sensor.SerialLink;
import app.fluss.devices.sensor.TcpLink;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.signal.SensorTrace;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// Where a light sensor may be.
///
/// @param title for people
/// @param opener opens a line to it
record SensorSource(String title, SensorLink.Opener opener) {
    private static final double RATE_HZ = 4000;

    /// The serial ports of this computer, and the stand-in.
    static List<SensorSource> all(double standInSpeed) {
        List<SensorSource> all = new ArrayList<>();
        for (SerialLink.Port port : SerialLink.ports()) {
            all.add(new SensorSource(
                    "%s (%s)".formatted(port.title(), port.name()), () -> SerialLink.open(port.name())));
        }
        all.add(new SensorSource("Stand-in (simulated)", new StandIn(standInSpeed)));
        return List.copyOf(all);
    }

    /// A simulated sensor at a native game, begun when it is first asked for.
    private static final class StandIn implements SensorLink.Opener {
        private final double speed;
        private int port;

        StandIn(double speed) {
            this.speed = speed;
        }

        @Override
        @SuppressWarnings("resource") // serves as long as the window is open, like a sensor that stays plugged in
        public synchronized SensorLink open() throws IOException {
            if (port == 0) {
                SimulatedRun run = Simulation.run(ReadyScenario.named("native"));
                SensorTrace trace = run.sensor(RATE_HZ).orElseThrow();
                port = new SensorStandIn(trace.inputs(), trace.lights(), speed).port();
            }
            return TcpLink.open(port);
        }
    }
}

package app.fluss.devices.sensor;

import static app.fluss.devices.sensor.Awaited.await;
import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.latency.edge.Signal;
import java.io.IOException;
import org.junit.jupiter.api.Test;

class SensorSessionTest {
    /// Light that follows the button by 40 ms, a press each half second.
    private static Signal signal(double delayMs) {
        return new Signal() {
            @Override
            public int size() {
                return 40_000;
            }

            @Override
            public double at(int index) {
                double ms = ms(index) - delayMs;
                return ms >= 0 && ms % 1000 < 500 ? 1 : 0;
            }

            @Override
            public double rateHz() {
                return 4000;
            }
        };
    }

    @Test
    void theStandInIsHeardAndComesBackAfterItWasUnplugged() throws Exception {
        try (SensorStandIn sensor = new SensorStandIn(signal(0), signal(40), 4);
                SensorSession session = SensorSession.ofLines(() -> TcpLink.open(sensor.port()), System::nanoTime)) {
            await(() -> session.trace().map(trace -> trace.seen().size() > 8000).orElse(false));
            assertThat(session.state().connected()).isTrue();
            assertThat(session.state().health().simulated()).isTrue();
            assertThat(session.state().health().statedHz()).isEqualTo(4000);
            sensor.unplug();
            await(() -> !session.state().connected());
            assertThat(session.state().trouble()).contains("gone");
            int before = session.trace().orElseThrow().seen().size();
            await(() -> session.state().connected()
                    && session.trace().orElseThrow().seen().size() > before + 4000);
            assertThat(session.state().health().breaks()).isEqualTo(1);
        }
    }

    @Test
    void aSensorThatIsNotThereIsToldInWords() throws Exception {
        try (SensorSession session = SensorSession.ofLines(
                () -> {
                    throw new IOException("There is no port X.");
                },
                System::nanoTime)) {
            await(() -> !session.state().trouble().isEmpty());
            assertThat(session.state().trouble()).isEqualTo("There is no port X.");
            assertThat(session.trace()).isEmpty();
        }
        assertThat(SerialLink.ports()).isNotNull();
    }
}

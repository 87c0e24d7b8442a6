package app.fluss.devices.sensor;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.function.BooleanSupplier;

/// Waits for what a thread of its own brings about.
final class Awaited {
    private Awaited() {}

    static void await(BooleanSupplier held) throws InterruptedException {
        long until = System.nanoTime() + Duration.ofSeconds(20).toNanos();
        while (!held.getAsBoolean() && System.nanoTime() < until) {
            Thread.sleep(20);
        }
        assertThat(held.getAsBoolean()).isTrue();
    }
}

package app.fluss.sim.scenario;

/// Clicks that change the picture, and the sensor that watches.
///
/// @param everyMs mean time between clicks, ms, 50 to 10000; a click comes at any time in the middle half of its
///     turn
/// @param pollingMs polling interval of the input device, ms, 0 to 100
/// @param deviceMs fixed delay of the input device, ms, 0 to 100
/// @param missedShare share of the clicks that the game does not answer, 0 to 1
/// @param sensorHz samples of the light sensor, /s, 100 to 50000
/// @param noise standard deviation of its noise as a share of full light, 0 to 0.5
/// @param height where on the screen it sits, 0 for the top, 1 for the bottom
/// @param press how the button is pressed
/// @param answer what the picture does
/// @param pickup what the recorder makes of the light
public record Clicks(
        double everyMs,
        double pollingMs,
        double deviceMs,
        double missedShare,
        double sensorHz,
        double noise,
        double height,
        Press press,
        Answer answer,
        Pickup pickup) {
    /// @throws IllegalArgumentException outside the ranges
    public Clicks {
        Range.within("every_ms", everyMs, 50, 10_000);
        Range.within("polling_ms", pollingMs, 0, 100);
        Range.within("device_ms", deviceMs, 0, 100);
        Range.within("missed_share", missedShare, 0, 1);
        Range.within("sensor_hz", sensorHz, 100, 50_000);
        Range.within("noise", noise, 0, 0.5);
        Range.within("height", height, 0, 1);
    }

    /// Short presses, a picture that is bright and dark in turn, a recorder that keeps the light as it is.
    public Clicks(
            double everyMs,
            double pollingMs,
            double deviceMs,
            double missedShare,
            double sensorHz,
            double noise,
            double height) {
        this(
                everyMs,
                pollingMs,
                deviceMs,
                missedShare,
                sensorHz,
                noise,
                height,
                Press.SHORT,
                Answer.STEPS,
                Pickup.EXACT);
    }

    /// The same pressed in another way.
    public Clicks with(Press other) {
        return new Clicks(everyMs, pollingMs, deviceMs, missedShare, sensorHz, noise, height, other, answer, pickup);
    }

    /// The same answered in another way.
    public Clicks with(Answer other) {
        return new Clicks(everyMs, pollingMs, deviceMs, missedShare, sensorHz, noise, height, press, other, pickup);
    }

    /// The same recorded in another way.
    public Clicks with(Pickup other) {
        return new Clicks(everyMs, pollingMs, deviceMs, missedShare, sensorHz, noise, height, press, answer, other);
    }
}

package app.fluss.devices.sensor;

/// How well a sensor is heard.
///
/// @param statedHz samples a second by its hello line; NaN before that
/// @param foundHz samples a second by its own clock; NaN in the first two seconds
/// @param clockMs time that has passed by its clock since it last came, ms
/// @param garbage lines that were none
/// @param filled samples that were missing for less than 50 ms and were filled with the one before
/// @param breaks times that it went away, or that its clock began anew
/// @param wraps times that its clock came round
/// @param full whether there is no more room
/// @param simulated whether it says that it is a stand-in
public record SensorHealth(
        double statedHz,
        double foundHz,
        double clockMs,
        int garbage,
        int filled,
        int breaks,
        int wraps,
        boolean full,
        boolean simulated) {}

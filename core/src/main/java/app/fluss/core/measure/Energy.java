package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.Values;
import java.util.Optional;

/// What a run took from the socket or the battery.
///
/// @param watts mean power, weighted by time, W
/// @param joulesPerImage `power / delivered rate`, J
/// @param imagesPerJoule its inverse
/// @param hours `capacity · usable share / power`, h
public record Energy(Figure watts, Figure joulesPerImage, Figure imagesPerJoule, Figure hours) {
    /// From a run with a column of power.
    ///
    /// @param batteryWh what the battery holds, Wh; NaN if it is not stated
    /// @param usableShare what of it can be used, 0 to 1; NaN if it is not stated
    /// @return empty if the log has no power, or one that stands at nothing
    public static Optional<Energy> of(Analysis run, double batteryWh, double usableShare) {
        Optional<Values> power = Sensors.of(run.slice(), Channel.POWER);
        if (power.isEmpty()) {
            return Optional.empty();
        }
        FrameTimes times = run.times();
        double joules = 0;
        double seconds = 0;
        for (int i = 0; i < times.size(); i++) {
            double watts = power.get().at(times.image(i));
            if (!Double.isNaN(watts)) {
                joules += watts * times.at(i) / 1000;
                seconds += times.at(i) / 1000;
            }
        }
        Figure watts = Figure.ofFinite(joules / seconds, "the log has no power");
        Figure each = watts.with(run.rates().delivered(), (w, fps) -> w / fps);
        return Optional.of(new Energy(
                watts,
                each,
                each.map(joule -> 1 / joule),
                watts.with(
                        Figure.ofFinite(
                                batteryWh * usableShare,
                                "not stated: what the battery holds, and how much of it can be used"),
                        (w, wh) -> wh / w)));
    }
}

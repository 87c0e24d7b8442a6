package app.fluss.sim.truth;

import java.util.List;
import java.util.Optional;

/// What really happened in a simulated run.
///
/// @param seconds length of the run, s
/// @param fate what became of the rendered frames
/// @param presented images handed on
/// @param shown what reached the screen
/// @param panel what the panel lit where the display smooths motion
/// @param images every image
/// @param clicks every click
/// @param flares lights near the sensor that no click caused
/// @param hitches every hitch that was put in, in the order of time
/// @param link what happened on the link of a stream
/// @param headset what a headset showed
public record Truth(
        double seconds,
        Fate fate,
        int presented,
        Shown shown,
        Optional<Shown> panel,
        ImageTruth images,
        List<Click> clicks,
        List<Flare> flares,
        List<Hitch> hitches,
        Optional<LinkTruth> link,
        Optional<HeadsetTruth> headset) {}

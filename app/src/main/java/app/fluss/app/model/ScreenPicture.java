package app.fluss.app.model;

import app.fluss.core.display.ModeLag;
import app.fluss.core.display.SmoothedMotion;
import app.fluss.core.display.SmoothingAdvice;
import app.fluss.core.display.VariableWindow;
import app.fluss.core.measure.Cadence;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Outcome;
import java.util.List;
import java.util.Optional;

/// What is worked out of the display that a run was shown on, and of its smoothing.
///
/// @param display the display on the bench that is set as the run's was; empty if none is
/// @param modes lags of its picture modes, shortest first
/// @param advice whether smoothing acts and how it is best set; empty without refreshes to go by
/// @param smoothed what smoothing would make of the images; empty where it does not act or is not on the path
/// @param panelHz refreshes of the panel while it smooths
/// @param cadence the ideal one of the delivered rate; empty where that is not known
/// @param window the variable-refresh window; empty with a fixed refresh, or where its floor is not stated
/// @param showings how often the panel shows each image in that window
/// @param carried which modes the cable carries
public record ScreenPicture(
        Optional<String> display,
        List<ModeLag> modes,
        Optional<SmoothingAdvice> advice,
        Optional<SmoothedMotion> smoothed,
        double panelHz,
        Optional<Cadence> cadence,
        Optional<VariableWindow> window,
        Figure showings,
        List<Outcome> carried) {}

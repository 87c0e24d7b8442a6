package app.fluss.core.finding;

/// What a finding is about. Where that is to be seen is the window's business.
public enum Topic {
    /// Rates, and what a counter makes of them.
    RATES,
    /// Which image each refresh showed.
    REFRESHES,
    /// Frame times, loads and the log itself.
    FRAMES,
    /// Input to light.
    LATENCY,
    /// What the stages of the path did.
    PATH,
    /// A clip of the game.
    PICTURES,
    /// Numbers on a recording.
    COUNTER,
    /// Runs against runs.
    COMPARISON,
    /// What had to hold before the run.
    REQUIREMENTS
}

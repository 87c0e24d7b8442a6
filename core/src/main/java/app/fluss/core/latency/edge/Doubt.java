package app.fluss.core.latency.edge;

/// Why a trial is not simply a number.
public enum Doubt {
    /// It is.
    NONE(""),
    /// Nothing in the light changed before the time-out.
    NOTHING_CHANGED("nothing in the light changed before the time-out"),
    /// The light still moved when the click came, or a flash of before was still there.
    NOT_AT_REST("the light was not at rest when the click came"),
    /// Too little of the light was recorded before it.
    NO_LEVEL_BEFORE("too little light was recorded before it to know its level"),
    /// Two changes of the light could each be the answer.
    TWO_CHANGES("two changes of the light compete"),
    /// Another click came before the answer.
    CLICK_BETWEEN("another click lies between click and answer"),
    /// The light changes as much and as often where no click was.
    BY_ITSELF("the light changes like this without a click too"),
    /// The change is much larger or smaller than those of the other trials, or goes the other way.
    ODD_SIZE("the change of the light is unlike that of the other trials"),
    /// Samples are missing within the trial.
    GAP("samples are missing in the recording here"),
    /// The recording ends before the time-out, or before the light came to rest.
    CUT_OFF("the recording ends too early"),
    /// The recording begins with the input pressed: when that began is not known.
    HELD_AT_START("the input was already pressed when the recording began"),
    /// The chosen share lies on a plateau that the light rests at on its way; the time is that of the plateau's start.
    ON_PLATEAU("the chosen share lies on a plateau of the light: this is where the plateau starts");

    private final String text;

    Doubt(String text) {
        this.text = text;
    }

    /// The reason in words; empty without one.
    public String text() {
        return text;
    }
}

package app.fluss.app.capture;

/// The texts of measuring latency live, by the class that shows them.
final class SensorText {
    // LiveSensor
    static final String TRACE_UNREADABLE = "The trace cannot be read at the moment: %s";

    // LiveTraceView
    static final String LIVE_TRACE = "Live trace: light and presses of the last seconds";

    // SensorPanel
    static final String SENSOR = "Sensor";
    static final String LISTEN = "Listen";
    static final String LISTEN_TIP = "Begins to measure; press and watch";
    static final String ANY = "any";
    static final String LIGHT_FROM = "Light from";
    static final String UNTIL = "until";
    static final String STOP_RULE = "samples, or an interval of";
    static final String MS = "ms";
    static final String FROM_FILE = "From a file…";
    static final String FROM_FILE_TIP = "A list, a trace or a sound recording";
    static final String SENSOR_HINT =
            "Hold the sensor against the screen where the picture answers a press. Fluss pairs each press with "
                    + "its light and stops when enough are measured.";
    static final String WAITING_FOR_SENSOR = "Waiting for the sensor.";
    static final String STOP = "Stop";
    static final String GOOD_TRIALS = "good trials";
    static final String MISSED = "missed";
    static final String TO_LOOK_AT = "to look at";
    static final String MEDIAN_MS = "median, ms";
    static final String INTERVAL_MS = "95 % interval, ms";
    static final String ENOUGH_SAMPLES = "● Enough samples. %s";
    static final String NO_GREETING = "The port is open, but the sensor has not answered. Is this the right port?";
    static final String SIMULATED = ", simulated";
    static final String GARBLED_LINES_WERE_SKIPPED = "%d garbled lines were skipped.";
    static final String SAMPLES_WERE_MISSING = "%d samples were missing.";
    static final String DISCONNECTED = "It disconnected %d times; presses during the gaps are left out.";
    static final String CLOCK_DIFFERS = "Its clock runs %s %% %s than this computer's: latencies are off by as much.";
    static final String FASTER = "faster";
    static final String SLOWER = "slower";
    static final String MEMORY_FULL = "The memory for samples is full.";
    static final String MEASURED_LATENCY = "Measured latency";
    static final String LISTS_TRACES_SOUND = "Lists, traces, sound";
    static final String GOES_WITH_RUN = "● %s goes with the run; it is read when the run is kept.";

    // SensorSource
    static final String SENSOR_STAND_IN_SIMULATED = "Sensor stand-in (simulated)";
    static final String SOUND_STAND_IN_SIMULATED = "Sound stand-in (simulated)";
    static final String SOUND = "Sound: %s";

    // SoundFields
    static final String SAMPLING_RATE = "Sampling rate";
    static final String SIDE_OF_RECORDING = "Side of the recording";
    static final String CLICK_RIGHT_LIGHT_LEFT = "click right, light left";
    static final String CLICK_LEFT_LIGHT_RIGHT = "click left, light right";
    static final String HOW_LOUD_CLICK_IS = "How loud the click is";
    static final String HOW_LOUD_LIGHT_IS = "How loud the light is";
    static final String CLICK = "click";
    static final String LIGHT = "light";

    private SensorText() {}
}

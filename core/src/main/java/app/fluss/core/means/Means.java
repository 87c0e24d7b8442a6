package app.fluss.core.means;

/// What an analyst may have to measure with.
public enum Means {
    /// A counter on the screen.
    OVERLAY("an overlay that shows a rate"),
    /// A tool that prints the figures of a run.
    SUMMARY("a tool that sums a run up"),
    /// A tool that writes a line for each image.
    FRAME_LOG("a tool that logs every frame"),
    /// The screen as the machine itself records it.
    RECORDING("a recording of the screen"),
    /// A phone's camera at 120 pictures/s.
    PHONE_120("a phone that films at 120 pictures/s"),
    /// A phone's camera at 240 pictures/s.
    PHONE_240("a phone that films at 240 pictures/s"),
    /// A stereo sound input, click on one channel and a light pickup on the other.
    MICROPHONE("a stereo sound input with a light pickup"),
    /// A light sensor on a serial port.
    SENSOR("a light sensor on a serial port"),
    /// Another machine on the network.
    SECOND_MACHINE("a second machine (stream host or client)"),
    /// The counter of a headset's runtime.
    HEADSET_COUNTER("a headset whose runtime logs its refreshes");

    private final String title;

    Means(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}

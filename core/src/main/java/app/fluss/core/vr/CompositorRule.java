package app.fluss.core.vr;

/// What a headset's compositor does with the images that an application finishes. Compositors differ, and few say what
/// they do: a prediction names the rule that it rests on, and gives its range over all of them. Common practice, no
/// source.
public enum CompositorRule {
    /// The newest finished image is shown, older ones are dropped.
    NEWEST("newest image, no lock", false, false),
    /// Images are shown one after the other, each for a refresh at least; a full queue holds the application up.
    QUEUE("images in a queue, no lock", true, false),
    /// The newest image, and an application that misses is held to half rate.
    NEWEST_HALF("newest image, held to half rate", false, true),
    /// A queue, and an application that misses is held to half rate.
    QUEUE_HALF("images in a queue, held to half rate", true, true);

    private final String title;
    private final boolean queues;
    private final boolean locks;

    CompositorRule(String title, boolean queues, boolean locks) {
        this.title = title;
        this.queues = queues;
        this.locks = locks;
    }

    /// The rule of the newest image.
    ///
    /// @param locks whether an application that misses is held to half rate
    public static CompositorRule newest(boolean locks) {
        return locks ? NEWEST_HALF : NEWEST;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    boolean queues() {
        return queues;
    }

    boolean locks() {
        return locks;
    }
}

package app.fluss.app.probing;

/// What this machine is in a probe.
enum ProbeSide {
    /// Receives the stream's traffic and times it.
    CLIENT("this machine is the client"),
    /// Sends it.
    HOST("this machine is the host"),
    /// Both, with a stand-in for the link between them.
    STAND_IN("try it on a simulated link");

    private final String title;

    ProbeSide(String title) {
        this.title = title;
    }

    /// The name for people.
    String title() {
        return title;
    }
}

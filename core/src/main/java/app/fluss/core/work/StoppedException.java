package app.fluss.core.work;

/// A long job was stopped by who watches it. Nothing is wrong.
public final class StoppedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    StoppedException() {
        super("stopped by the user");
    }
}

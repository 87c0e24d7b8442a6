package app.fluss.app.model;

/// A job, or what shows its results, ended in an error of the program or of the machine, in words for the user.
public final class JobFailure extends Exception {
    private static final long serialVersionUID = 1L;

    private JobFailure(String message, Throwable cause) {
        super(message, cause);
    }

    /// Puts it into words. The trace goes to the log, for whoever mends it.
    public static JobFailure of(Throwable error) {
        System.getLogger("fluss").log(System.Logger.Level.ERROR, ModelText.SOMETHING_FAILED, error);
        return new JobFailure(
                error instanceof OutOfMemoryError ? ModelText.NO_MEMORY : ModelText.FAULT_IN_FLUSS.formatted(error),
                error);
    }
}

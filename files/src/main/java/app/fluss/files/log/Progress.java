package app.fluss.files.log;

/// Is told how far a long job is, and may stop it. Called from the thread that works.
@FunctionalInterface
public interface Progress {
    /// Nobody watches.
    Progress NONE = _ -> true;

    /// Tells how far the job is and asks whether to go on.
    ///
    /// @param share of the job that is done, 0 to 1
    /// @return whether to go on
    boolean at(double share);
}

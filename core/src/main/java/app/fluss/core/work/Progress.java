package app.fluss.core.work;

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

    /// Tells how far the job is.
    ///
    /// @param share of the job that is done, 0 to 1
    /// @throws StoppedException if it is to go no further
    default void check(double share) {
        if (!at(share)) {
            throw new StoppedException();
        }
    }

    /// The progress of one part of this job.
    ///
    /// @param from share of the whole at which the part starts
    /// @param to share of the whole at which it ends
    default Progress part(double from, double to) {
        return share -> at(from + share * (to - from));
    }
}

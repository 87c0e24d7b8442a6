package app.fluss.app.model;

import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.Preference;
import app.fluss.core.feel.PsychometricFit;
import app.fluss.core.feel.Sessions;
import app.fluss.core.feel.Threshold;
import app.fluss.core.feel.Throughput;
import app.fluss.files.study.FeelSession;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/// What sessions of Feel give: one group for each person, display and device in a task.
///
/// @param groups in the order in which they were begun
public record Felt(List<Group> groups) {
    /// A session with what was worked out of it.
    ///
    /// @param session as it was done
    /// @param threshold of it; empty for aiming
    /// @param preference for one of the two intervals; empty for aiming
    /// @param reaching what its reaches give by delay; empty for the others
    public record Done(
            FeelSession session,
            Optional<Threshold> threshold,
            Optional<Preference> preference,
            List<Throughput> reaching) {
        static Done of(FeelSession session) {
            return session.task() == FeelTask.AIM || session.trials().isEmpty()
                    ? new Done(session, Optional.empty(), Optional.empty(), Throughput.byDelay(session.reaches()))
                    : new Done(
                            session,
                            Optional.of(PsychometricFit.of(session.trials())),
                            Optional.of(Preference.of(session.trials())),
                            List.of());
        }
    }

    /// Sessions of one task by one person on one display with one device.
    ///
    /// @param taker who, and on what
    /// @param task what was done
    /// @param done the sessions
    /// @param sessions what they give together
    public record Group(FeelSession.Taker taker, FeelTask task, List<Done> done, Sessions sessions) {
        /// Whether a simulated person did one of them.
        public boolean isSimulated() {
            return done.stream().anyMatch(one -> one.session().simulated());
        }
    }

    private record Key(FeelSession.Taker taker, FeelTask task) {}

    static Felt of(List<Done> done) {
        Map<Key, List<Done>> groups = new LinkedHashMap<>();
        done.forEach(one -> groups.computeIfAbsent(
                        new Key(one.session().taker(), one.session().task()), _ -> new ArrayList<>())
                .add(one));
        return new Felt(groups.entrySet().stream()
                .map(group -> new Group(
                        group.getKey().taker(),
                        group.getKey().task(),
                        List.copyOf(group.getValue()),
                        Sessions.of(group.getValue().stream()
                                .flatMap(one -> one.threshold().stream())
                                .toList())))
                .toList());
    }

    /// Works sessions out, each once, off the interface thread.
    public static final class Worker {
        private static final int MOST_SESSIONS = 500;

        private final Workbench workbench;
        private final Cache<List<?>, Done> known = new Cache<>(MOST_SESSIONS, _ -> 1);

        /// Of the study that is open in a workbench.
        public Worker(Workbench workbench) {
            this.workbench = workbench;
        }

        /// Works out the sessions of the open study.
        ///
        /// @param then is told on the interface thread
        public void work(Consumer<Felt> then) {
            workbench.work(
                    ModelText.CALCULATING_THRESHOLDS,
                    (_, contents, _, progress) -> {
                        List<Done> all = new ArrayList<>();
                        List<FeelSession> sessions = contents.people().sessions();
                        for (FeelSession session : sessions) {
                            progress.check((double) all.size() / sessions.size());
                            all.add(done(session));
                        }
                        return of(all);
                    },
                    then);
        }

        /// What was answered decides what is worked out; who it was can be renamed.
        private Done done(FeelSession session) {
            List<?> key = List.of(session.trials(), session.reaches());
            Optional<Done> kept = known.get(key);
            Done before = kept.isPresent() ? kept.get() : known.put(key, Done.of(session));
            return new Done(session, before.threshold, before.preference, before.reaching);
        }
    }
}

package app.fluss.app.demo;

import app.fluss.core.feel.Aim;
import app.fluss.core.feel.FeelPicture;
import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.Pulses;
import app.fluss.core.feel.Staircases;
import app.fluss.core.feel.blind.Seal;
import app.fluss.core.feel.blind.Side;
import app.fluss.core.feel.drill.ChartPart;
import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Round;
import app.fluss.core.feel.drill.Size;
import app.fluss.files.study.BlindBlock;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.DrillRound;
import app.fluss.files.study.FeelSession;
import app.fluss.files.study.Game;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.LongStream;

/// A simulated person of the demo: thresholds by a known law, a blind block, rounds of the drill.
final class DemoPeople {
    private static final FeelSession.Taker TAKER = new FeelSession.Taker("Ilo Varn", "desk display", "mouse");
    private static final Instant DAY = Instant.parse("2026-04-06T17:30:00Z");
    private static final double HZ = 120;
    private static final double SLOPE = 5;
    private static final double LAPSES = 0.02;
    private static final int TRIALS = 16;
    private static final double TOLD_APART = 0.85;

    private final Study study;
    private final Pulses pulses = Pulses.of(LongStream.range(0, 2 * Pulses.FEWEST)
            .map(pulse -> Math.round(pulse * 1e9 / HZ))
            .toArray());

    DemoPeople(Study study) {
        this.study = study;
    }

    void add() throws StudyException {
        study.feel().keep(session(FeelTask.DELAY, 24, 1));
        study.feel().keep(session(FeelTask.DELAY, 27, 2));
        study.feel().keep(session(FeelTask.EVENNESS, 1.9, 3));
        study.feel().keep(aiming());
        block();
        rounds();
    }

    private FeelSession session(FeelTask task, double threshold, int day) {
        Random person = new Random(10L * day);
        Staircases staircases = new Staircases(task.levels(HZ), new Random(100L + day));
        while (!staircases.isDone()) {
            double noticed = 1 / (1 + Math.exp(-SLOPE * Math.log(staircases.level() / threshold)));
            boolean isRight = person.nextDouble() < 0.5 + (0.5 - LAPSES) * noticed;
            staircases.answered(isRight == staircases.addedFirst());
        }
        return new FeelSession(
                0,
                TAKER,
                task,
                DAY.plus(day, ChronoUnit.DAYS),
                pulses.hz(),
                pulses.wanderMs(),
                0,
                true,
                staircases.trials(),
                List.of());
    }

    /// Each reach takes what its difficulty and the added delay ask for.
    private FeelSession aiming() {
        Random person = new Random(7);
        Aim aim = new Aim(pulses, new Random(8));
        double width = 900;
        double height = 560;
        long now = 0;
        while (!aim.isDone()) {
            FeelPicture.Disc wanted = aim.wanted(width, height);
            double delay = aim.delayMs();
            now += Math.round((560 + 2.2 * delay + 60 * person.nextGaussian()) * 1e6);
            double spread = 5 + delay / 30;
            aim.clicked(
                    now,
                    wanted.x() + spread * person.nextGaussian(),
                    wanted.y() + spread * person.nextGaussian(),
                    width,
                    height);
        }
        return new FeelSession(
                0,
                TAKER,
                FeelTask.AIM,
                DAY.plus(4, ChronoUnit.DAYS),
                pulses.hz(),
                pulses.wanderMs(),
                0,
                true,
                List.of(),
                aim.reaches());
    }

    private void block() throws StudyException {
        Game game = study.games().stream()
                .filter(one -> one.name().equals("Heron Post"))
                .findFirst()
                .orElseThrow();
        Scene scene = study.scenes().stream()
                .filter(one -> one.gameId() == game.id())
                .findFirst()
                .orElseThrow();
        List<DeliveryPath> paths = study.runs().stream()
                .filter(run -> run.sceneId() == scene.id())
                .map(run -> run.path())
                .distinct()
                .limit(2)
                .toList();
        Random chance = new Random(21);
        Seal seal = Seal.draw(TRIALS, chance);
        study.blind()
                .add(new BlindBlock(
                        0,
                        scene.id(),
                        paths.getFirst().id(),
                        paths.getLast().id(),
                        TAKER.person(),
                        BlindBlock.SwitchedBy.HELPER,
                        seal,
                        seal.hash(),
                        DAY,
                        Optional.empty(),
                        true,
                        List.of()));
        for (Side shown : seal.order()) {
            boolean isRight = chance.nextDouble() < TOLD_APART;
            BlindBlock block = study.blind().read().getLast();
            study.blind()
                    .answer(
                            block,
                            new BlindBlock.Said(
                                    isRight ? shown : other(shown),
                                    OptionalInt.of(shown == Side.A ? 3 : 4),
                                    OptionalInt.of((shown == Side.A ? 4 : 3) + chance.nextInt(-1, 2))),
                            DAY.plus(1, ChronoUnit.HOURS));
        }
    }

    private static Side other(Side side) {
        return side == Side.A ? Side.B : Side.A;
    }

    private void rounds() throws StudyException {
        Random chance = new Random(33);
        List<Fault> faults = List.of(Fault.values());
        List<ChartPart> parts = List.of(ChartPart.values());
        for (int i = 0; i < 2 * faults.size(); i++) {
            Fault fault = faults.get(i % faults.size());
            boolean isFound = chance.nextDouble() < 0.75;
            Round round = new Round(
                    fault,
                    isFound ? fault : faults.get(chance.nextInt(faults.size())),
                    parts.get(chance.nextInt(parts.size())),
                    Size.LARGE);
            study.drill().keep(new DrillRound(0, TAKER.person(), "simulated", i, round, DAY.plus(5, ChronoUnit.DAYS)));
        }
    }
}

package app.fluss.core.latency.edge;

import java.util.List;
import java.util.Optional;

/// Which reading of the input is right. Three witnesses are asked: the level or sound at the start, how long or loud
/// presses are, and which reading's answers come at a steadier time. Two of them decide.
///
/// @param chosen the reading; empty without any press
/// @param unclear whether the witnesses do not agree
record PressChoice(Optional<Read> chosen, boolean unclear) {
    private static final double STEADIER = 0.7;
    private static final double MORE = 0.15;
    private static final int ENOUGH = 2;

    /// A reading with the answers that it gives.
    record Read(PressSeries presses, Answers answers) {}

    /// @param readings the likelier first
    static PressChoice of(List<PressSeries> readings, LightTrace light) {
        List<PressSeries> some =
                readings.stream().filter(series -> series.size() > 0).toList();
        if (some.isEmpty()) {
            return new PressChoice(Optional.empty(), false);
        }
        Read first = read(some.getFirst(), light);
        // Every sound is a press unless something spoke for two kinds of them, or the user says so.
        if (some.size() == 1 || first.presses().kind() == PressKind.EVERY) {
            return new PressChoice(Optional.of(first), false);
        }
        Read second = read(some.get(1), light);
        int steadier = steadier(first.answers().steadiness(), second.answers().steadiness());
        int forFirst = votes(first.presses()) + (steadier > 0 ? 1 : 0);
        int forSecond = votes(second.presses()) + (steadier < 0 ? 1 : 0);
        boolean unclear = Math.max(forFirst, forSecond) < ENOUGH || forFirst == forSecond;
        boolean startSpeaksForSecond =
                second.presses().fromStart() && !first.presses().fromStart();
        boolean takeSecond = forSecond > forFirst || (forSecond == forFirst && startSpeaksForSecond);
        return new PressChoice(Optional.of(takeSecond ? second : first), unclear);
    }

    private static Read read(PressSeries series, LightTrace light) {
        return new Read(series, light.answers(series));
    }

    private static int votes(PressSeries series) {
        return (series.fromStart() ? 1 : 0) + (series.likely() ? 1 : 0);
    }

    /// 1 if the first is steadier, -1 if the second is, 0 if neither clearly is.
    private static int steadier(Answers.Steadiness first, Answers.Steadiness second) {
        if (Math.abs(first.share() - second.share()) > MORE) {
            return first.share() > second.share() ? 1 : -1;
        }
        if (first.spread() < STEADIER * second.spread()) {
            return 1;
        }
        return second.spread() < STEADIER * first.spread() ? -1 : 0;
    }
}

package app.fluss.core.feel.drill;

import app.fluss.core.feel.blind.Detection;
import app.fluss.core.measure.Figure;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/// How well a fault is found over rounds.
///
/// @param fault which
/// @param hits rounds that had it in which it was named
/// @param there rounds that had it
/// @param falseAlarms rounds without it in which it was named
/// @param notThere rounds without it
public record DrillRecord(Fault fault, int hits, int there, int falseAlarms, int notThere) {
    /// Of rounds, one record for each fault that was there or named, in the order of [Fault].
    public static List<DrillRecord> of(List<Round> rounds) {
        return Arrays.stream(Fault.values())
                .map(fault -> of(fault, rounds))
                .filter(record -> record.there > 0 || record.falseAlarms > 0)
                .toList();
    }

    private static DrillRecord of(Fault fault, List<Round> rounds) {
        int there = count(rounds, round -> round.fault() == fault);
        int named = count(rounds, round -> round.named() == fault);
        int hits = count(rounds, round -> round.fault() == fault && round.isRight());
        return new DrillRecord(fault, hits, there, named - hits, rounds.size() - there);
    }

    private static int count(List<Round> rounds, Predicate<Round> which) {
        return (int) rounds.stream().filter(which).count();
    }

    /// d prime with the log-linear correction; missing while it was never there, or always.
    public Figure dPrime() {
        return there == 0
                ? Figure.missing("no round had it yet")
                : notThere == 0
                        ? Figure.missing("every round had it")
                        : Figure.of(Detection.dPrime(hits, there, falseAlarms, notThere));
    }

    /// The fault that is found worst, of those that were there and missed or were named falsely; empty
    /// while nothing was wrong.
    public static Optional<Fault> worthTraining(List<Round> rounds) {
        return of(rounds).stream()
                .filter(record -> record.hits < record.there || record.falseAlarms > 0)
                .filter(record -> record.dPrime().isKnown())
                .min(Comparator.comparingDouble(record -> record.dPrime().orNaN()))
                .map(DrillRecord::fault);
    }
}

package app.fluss.app.bench;

import app.fluss.core.path.Outcome.State;

/// The mark that stands for the state of a requirement: a shape, so that no colour is needed.
final class StateMark {
    private StateMark() {}

    static String of(State state) {
        return switch (state) {
            case MET -> "●";
            case NOT_MET -> "▲";
            case UNKNOWN -> "○";
        };
    }
}

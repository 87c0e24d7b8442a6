package app.fluss.app.shell;

import app.fluss.files.study.Run;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;

/// What is done with the runs that are chosen in the tree.
///
/// @param chosen gives them
/// @param actions does it
/// @param comparing holds runs against each other
/// @param tell says something to the user, in words
record ChosenRuns(
        Supplier<List<Run>> chosen, TreeActions actions, Consumer<List<Run>> comparing, Consumer<String> tell) {
    void compare() {
        List<Run> runs = chosen.get();
        if (TreeActions.canCompare(runs)) {
            comparing.accept(runs);
        } else {
            tell.accept(ShellText.CHOOSE_TWO_RUNS);
        }
    }

    void stateFacts() {
        List<Run> runs = chosen.get();
        if (runs.isEmpty()) {
            tell.accept(ShellText.CHOOSE_RUNS);
        } else if (runs.size() == 1) {
            actions.stateFacts();
        } else {
            actions.state(runs);
        }
    }

    /// The run that is looked at, where none is chosen.
    void remove() {
        List<Run> runs = chosen.get();
        if (runs.isEmpty()) {
            actions.remove();
        } else {
            actions.remove(runs);
        }
    }
}

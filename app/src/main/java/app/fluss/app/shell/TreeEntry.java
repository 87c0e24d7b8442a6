package app.fluss.app.shell;

import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;

/// One line of the tree.
sealed interface TreeEntry {
    /// A game.
    record OfGame(Game game) implements TreeEntry {
        @Override
        public String name() {
            return game.name();
        }

        @Override
        public String text() {
            return game.name();
        }
    }

    /// A scene with the number of its runs.
    record OfScene(Scene scene, int runs) implements TreeEntry {
        @Override
        public String name() {
            return scene.name();
        }

        @Override
        public String text() {
            return scene.name() + " · " + (runs == 1 ? ShellText.ONE_RUN : ShellText.RUNS_COUNT.formatted(runs));
        }
    }

    /// A run.
    record OfRun(Run run) implements TreeEntry {
        @Override
        public String name() {
            return run.name();
        }

        @Override
        public String text() {
            return run.path().name() + " · " + run.name();
        }
    }

    /// What it is called.
    String name();

    /// What stands in the tree.
    String text();
}

package app.fluss.cli;

import app.fluss.files.log.InputException;
import app.fluss.files.study.Game;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// Games of a study as a study of their own.
@Command(
        name = "hand-on",
        description = "Writes games of a study, with their runs and evidence, as a study of their own for another"
                + " analyst. What is planned and what could be undone stays behind.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example:", "  fluss hand-on bench.fluss --game Reedlight --to reedlight.fluss"})
final class HandOnGames implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private StudyArgument argument;

    @Option(
            names = "--game",
            paramLabel = "G",
            description = "A game that goes along; may be given several times (default: all).")
    private List<String> games = List.of();

    @Option(names = "--to", required = true, paramLabel = "FILE", description = "The study to write.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path to;

    @Override
    public Integer call() throws IOException, InputException, StudyException {
        try (Study study = argument.open(spec.commandLine().getErr())) {
            List<Game> all = study.games();
            for (String name : games) {
                if (all.stream().noneMatch(game -> game.name().equalsIgnoreCase(name))) {
                    throw new InputException(
                            argument.file(),
                            0,
                            0,
                            "there is no game '%s'".formatted(name),
                            "one of: "
                                    + String.join(
                                            ", ", all.stream().map(Game::name).toList()));
                }
            }
            List<Game> chosen = all.stream()
                    .filter(game -> games.isEmpty() || games.stream().anyMatch(game.name()::equalsIgnoreCase))
                    .toList();
            study.handOn(chosen, to);
            spec.commandLine()
                    .getOut()
                    .println("%d %s written to %s".formatted(chosen.size(), chosen.size() == 1 ? "game" : "games", to));
        } catch (IllegalArgumentException e) {
            throw new InputException(
                    argument.file(), 0, 0, String.valueOf(e.getMessage()), "games, and a file of another name");
        }
        spec.commandLine().getOut().flush();
        return 0;
    }
}

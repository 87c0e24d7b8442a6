package app.fluss.cli;

import app.fluss.files.log.InputException;
import app.fluss.files.report.Json;
import app.fluss.files.report.VerdictJson;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.verdict.GameVerdicts;
import java.io.IOException;
import java.io.PrintWriter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// What follows for the games of a study.
@Command(
        name = "decide",
        description = "Which path to use in each game of a study, by a school, and what would settle what is open.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "Exit 0 whatever the verdict. Examples:",
            "  fluss decide bench.fluss",
            "  fluss decide bench.fluss --game Reedlight --school response-first --json"
        })
final class Decide implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private StudyArgument argument;

    @Option(names = "--game", paramLabel = "G", description = "Only this game.")
    private @Nullable String game;

    @Option(
            names = "--school",
            paramLabel = "S",
            description = "response-first, smooth-first, rate-first, full-rate-only, steady-half-rate, hours-first,"
                    + " picture-first or one of the study's own (default: the one chosen for each game, else by"
                    + " its kind).")
    private @Nullable String school;

    @Option(names = "--json", description = "Print JSON.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException, StudyException {
        PrintWriter out = spec.commandLine().getOut();
        try (Study study = argument.open(spec.commandLine().getErr())) {
            List<GameVerdicts> verdicts =
                    GameVerdicts.of(study, Optional.ofNullable(game), Optional.ofNullable(school));
            out.print(json ? Json.text(VerdictJson.of(verdicts)) : VerdictText.of(verdicts));
        } catch (IllegalArgumentException e) {
            throw new InputException(
                    argument.file(), 0, 0, String.valueOf(e.getMessage()), "a game and a school that there are");
        }
        out.flush();
        return 0;
    }
}

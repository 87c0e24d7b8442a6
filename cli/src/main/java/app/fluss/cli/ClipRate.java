package app.fluss.cli;

import app.fluss.files.clip.Clip;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/// How many pictures a second a clip has: as the user says, else as the file states.
final class ClipRate {
    @Spec(Spec.Target.MIXEE)
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Option(
            names = "--fps",
            paramLabel = "FPS",
            description = "Pictures per second of the camera or recorder, if the clip says otherwise.")
    private double fps = Double.NaN;

    /// Pictures a second.
    ///
    /// @throws ParameterException if neither says so
    double of(Clip clip) {
        return known(Double.isNaN(fps) ? clip.fps() : fps);
    }

    /// Pictures a second as the user says.
    ///
    /// @throws ParameterException if the user does not
    double given() {
        return known(fps);
    }

    private double known(double rate) {
        if (!(rate > 0)) {
            throw new ParameterException(
                    spec.commandLine(), "The clip does not say how many pictures per second it has: give --fps.");
        }
        return rate;
    }
}

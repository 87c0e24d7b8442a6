package app.fluss.cli;

import app.fluss.core.measure.Figure;
import app.fluss.core.picture.PictureQuality;
import app.fluss.files.clip.StillComparison;
import app.fluss.files.clip.StillFile;
import app.fluss.files.log.InputException;
import app.fluss.files.report.Json;
import app.fluss.files.report.PictureJson;
import app.fluss.files.work.WholeFiles;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// How close one picture is to another: for upscalers and decoders.
@Command(
        name = "picture",
        description = "How close a PNG picture is to a reference of the same size: PSNR and SSIM of the brightness.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example: fluss picture native.png upscaled.png --map difference.png --json"})
final class Picture implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "REFERENCE", description = "What it should look like.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path reference;

    @Parameters(index = "1", paramLabel = "PICTURE", description = "What it looks like.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path picture;

    @Option(names = "--map", paramLabel = "PNG", description = "Write where they differ, brighter is more.")
    private @Nullable Path map;

    @Option(names = "--json", description = "Print JSON.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException {
        StillComparison compared = StillComparison.read(reference, picture);
        PictureQuality quality = compared.quality();
        if (map != null) {
            WholeFiles.file(map, to -> StillFile.write(compared.differenceMap(), compared.width(), to));
        }
        print(quality);
        return 0;
    }

    private void print(PictureQuality quality) {
        PrintWriter out = spec.commandLine().getOut();
        Figure psnr = Figure.ofFinite(quality.psnrDb(), "the pictures are equal");
        Figure ssim = Figure.ofFinite(quality.ssim(), "the pictures are smaller than the window of 11 px");
        if (json) {
            out.print(Json.text(PictureJson.of(quality)));
        } else {
            out.println("%s against %s".formatted(picture, reference));
            out.println(words("PSNR", psnr, "%8.2f dB"));
            out.println(words("SSIM", ssim, "%8.4f"));
        }
        out.flush();
    }

    private static String words(String name, Figure figure, String format) {
        return switch (figure) {
            case Figure.Known(double value) -> String.format(Locale.ROOT, "  %s " + format, name, value);
            case Figure.Missing(String reason) -> "  %s        – (%s)".formatted(name, reason);
        };
    }
}

package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/// The program as it is installed: with a Java of its own, where nothing else is to be found.
@EnabledOnOs(OS.LINUX)
class PackageIT {
    private static final Path CHECKOUT = Path.of("").toAbsolutePath().getParent();
    private static final long MOST_BYTES = 160_000_000;

    @TempDir
    private static Path folder;

    private static Path image;

    @BeforeAll
    static void make() throws Exception {
        Path to = folder.resolve("a place for it");
        ran(
                Map.of("FLUSS_BUILT", "yes"),
                false,
                CHECKOUT.resolve("fluss").toString(),
                "package",
                "--image-only",
                "--to",
                to.toString());
        try (Stream<Path> made = Files.list(to)) {
            image = made.findFirst().orElseThrow();
        }
    }

    /// What it printed; its end must be good.
    private static String ran(Map<String, String> environment, boolean bare, String... command) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(Files.createTempFile(folder, "said", ".txt").toFile());
        if (bare) {
            builder.environment().clear();
        }
        builder.environment().putAll(environment);
        int code = builder.start().waitFor();
        String said = Files.readString(
                Objects.requireNonNull(builder.redirectOutput().file()).toPath(), StandardCharsets.UTF_8);
        assertThat(code).as("%s: %s", List.of(command), said).isZero();
        return said;
    }

    private static String installed(String... arguments) throws Exception {
        String[] command = Stream.concat(Stream.of(image.resolve("bin/fluss").toString()), Stream.of(arguments))
                .toArray(String[]::new);
        String display = Objects.requireNonNullElse(System.getenv("DISPLAY"), "");
        return ran(Map.of("HOME", folder.toString(), "PATH", "", "JAVA_HOME", "", "DISPLAY", display), true, command);
    }

    @Test
    void commandsRunWithoutAnyOtherJava() throws Exception {
        Path log = folder.resolve("größe.csv");
        Files.writeString(
                log,
                "present_ms\n"
                        + IntStream.range(0, 1000)
                                .mapToObj(i -> Integer.toString(8 * i))
                                .collect(Collectors.joining("\n")));
        assertThat(installed("analyze", log.toString(), "--refresh", "144", "--sync", "vrr"))
                .contains("größe.csv: ")
                .containsPattern("presented rate +125\\.0 /s");
        Path clip = CHECKOUT.resolve("cli/src/test/resources/app/fluss/cli/clips/bar.webm");
        assertThat(installed("video", clip.toString())).containsPattern("delivered +30\\.00 /s");
    }

    @Test
    void theWindowOpens() throws Exception {
        Path picture = folder.resolve("window.png");
        installed("open", folder.resolve("new.fluss").toString(), "--picture", picture.toString());
        assertThat(ImageIO.read(picture.toFile()).getWidth()).isEqualTo(1280);
    }

    @Test
    void itIsSmallAndWholeForTheDesktop() throws Exception {
        AtomicLong bytes = new AtomicLong();
        Files.walkFileTree(image, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
                bytes.addAndGet(attributes.size());
                return FileVisitResult.CONTINUE;
            }
        });
        assertThat(bytes.get()).isLessThan(MOST_BYTES);
        Path share = image.resolve("share");
        assertThat(share.resolve("applications/fluss.desktop"))
                .content()
                .contains("Exec=fluss open %f", "MimeType=application/x-fluss-study;", "Icon=fluss\n");
        assertThat(share.resolve("mime/packages/fluss-study.xml")).content().contains("*.fluss");
        assertThat(share.resolve("icons/hicolor/scalable/apps/fluss.svg")).isNotEmptyFile();
        assertThat(share.resolve("bash-completion/completions/fluss")).content().contains("analyze");
    }

    /// The page of the manual names every command that help names.
    @Test
    void theManualNamesEveryCommand() throws Exception {
        String manual = manual().replace("\\-", "-");
        List<String> commands = installed("--help")
                .lines()
                .dropWhile(line -> !line.equals("Commands:"))
                .skip(1)
                .takeWhile(line -> !line.isBlank())
                .filter(line -> line.matches("  [a-z].*"))
                .map(line -> line.strip().split(" ", 2)[0])
                .toList();
        assertThat(commands).hasSizeGreaterThan(15);
        assertThat(commands).allSatisfy(command -> assertThat(manual).contains(".B " + command + "\n"));
    }

    private static String manual() throws IOException {
        try (GZIPInputStream page =
                new GZIPInputStream(Files.newInputStream(image.resolve("share/man/man1/fluss.1.gz")))) {
            return new String(page.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}

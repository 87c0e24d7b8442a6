package app.fluss.files.clip;

import java.io.BufferedInputStream;
import java.io.Closeable;
import java.io.DataInputStream;
import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A process of its own for native code that looks at what may be hostile: if it ends, the window lives on. It
/// is spoken to by its standard input and output. Must be closed.
public final class OwnProcess implements Closeable {
    /// A process that gives nothing for so long is ended.
    private static final long PATIENCE_S = 120;

    private static final ScheduledExecutorService WATCH = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("fluss-own-processes").factory());

    private final Process process;
    private final DataInputStream from;

    private OwnProcess(Process process) {
        this.process = process;
        from = new DataInputStream(new BufferedInputStream(process.getInputStream(), 1 << 16));
    }

    /// Starts a program on the class path, where libraries find their natives beside them.
    ///
    /// @param program its class, of this module
    /// @param libraries one class of each library that it needs
    public static OwnProcess start(String program, List<String> libraries, List<String> arguments) throws IOException {
        List<Path> parts = new ArrayList<>();
        parts.add(place(program));
        for (String library : libraries) {
            parts.addAll(withNatives(place(library)));
        }
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Xmx512m",
                "--enable-native-access=ALL-UNNAMED",
                "-cp",
                parts.stream().map(Path::toString).collect(Collectors.joining(File.pathSeparator)),
                program));
        command.addAll(arguments);
        return new OwnProcess(new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start());
    }

    /// Where a class comes from; it is not set going, for that would load natives into this process.
    private static Path place(String name) {
        try {
            Class<?> found = Class.forName(name, false, OwnProcess.class.getClassLoader());
            return Path.of(
                    found.getProtectionDomain().getCodeSource().getLocation().toURI());
        } catch (ReflectiveOperationException | java.net.URISyntaxException e) {
            throw new IllegalStateException("a part of the program is missing: " + name, e);
        }
    }

    private static List<Path> withNatives(Path library) throws IOException {
        String name = String.valueOf(library.getFileName());
        String stem = name.endsWith(".jar") ? name.substring(0, name.length() - ".jar".length()) : name;
        try (Stream<Path> beside = Files.list(library.resolveSibling("."))) {
            return beside.map(Path::normalize)
                    .filter(jar -> jar.equals(library)
                            || (jar.getFileName().toString().startsWith(stem + "-")
                                    && jar.getFileName().toString().endsWith(".jar")
                                    && !jar.getFileName().toString().endsWith("-sources.jar")))
                    .sorted()
                    .toList();
        }
    }

    /// What it writes.
    public DataInputStream from() {
        return from;
    }

    /// What it reads.
    public OutputStream to() {
        return process.getOutputStream();
    }

    /// Ends it unless this is cancelled in time.
    public ScheduledFuture<?> patience() {
        return WATCH.schedule(process::destroyForcibly, PATIENCE_S, TimeUnit.SECONDS);
    }

    @Override
    public void close() {
        process.destroyForcibly();
    }
}

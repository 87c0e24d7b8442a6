package app.fluss.files.clip;

import app.fluss.files.log.InputException;
import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A common video file, decoded picture after picture by a process of its own; going back begins anew.
final class VideoClip implements Clip {
    private static final Set<String> ENDINGS = Set.of(".mp4", ".mov", ".mkv", ".webm", ".avi", ".m4v");

    /// A decoder that gives nothing for so long is ended.
    private static final long PATIENCE_S = 120;

    private static final ScheduledExecutorService WATCH = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("fluss-decoders").factory());

    private final Path file;
    private final Process decoder;
    private final DataInputStream from;
    private final DataOutputStream to;
    private final int width;
    private final int height;
    private final double fps;
    private final double[] ms;
    private boolean closed;

    private VideoClip(Path file, Process decoder) throws IOException, InputException {
        this.file = file;
        this.decoder = decoder;
        from = new DataInputStream(new BufferedInputStream(decoder.getInputStream(), 1 << 16));
        to = new DataOutputStream(decoder.getOutputStream());
        ScheduledFuture<?> patience = patience();
        try {
            expectReady();
            width = from.readInt();
            height = from.readInt();
            fps = from.readDouble();
            int size = from.readInt();
            boolean sound = width > 0
                    && height > 0
                    && (long) width * height <= VideoDecoder.MOST_PX
                    && size > 0
                    && size <= VideoDecoder.MOST_PICTURES;
            if (!sound) {
                throw fault("an answer of the decoder that makes no sense", "another coding: convert it to Y4M");
            }
            ms = new double[size];
            for (int i = 0; i < size; i++) {
                ms[i] = from.readDouble();
            }
        } catch (IOException e) {
            throw ended(e);
        } finally {
            patience.cancel(false);
        }
    }

    static boolean isVideo(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return ENDINGS.stream().anyMatch(name::endsWith);
    }

    static VideoClip open(Path file) throws IOException, InputException {
        Process decoder = start(file);
        try {
            return new VideoClip(file, decoder);
        } catch (IOException | InputException | RuntimeException e) {
            decoder.destroyForcibly();
            throw e;
        }
    }

    /// Starts the decoder on the class path, where it finds its natives beside the library that they belong to.
    private static Process start(Path file) throws IOException {
        List<Path> parts = new ArrayList<>();
        parts.add(place("app.fluss.files.clip.VideoDecoder"));
        for (String library : List.of("org.bytedeco.ffmpeg.avutil.AVFrame", "org.bytedeco.javacpp.Loader")) {
            parts.addAll(withNatives(place(library)));
        }
        String path = parts.stream().map(Path::toString).collect(Collectors.joining(File.pathSeparator));
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:+UseSerialGC",
                        "-XX:TieredStopAtLevel=1",
                        "-Xmx512m",
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        path,
                        "app.fluss.files.clip.VideoDecoder",
                        file.toAbsolutePath().toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    /// Where a class comes from; it is not set going, for that would load natives into this process.
    private static Path place(String name) {
        try {
            Class<?> found = Class.forName(name, false, VideoClip.class.getClassLoader());
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

    private ScheduledFuture<?> patience() {
        return WATCH.schedule(decoder::destroyForcibly, PATIENCE_S, TimeUnit.SECONDS);
    }

    private void expectReady() throws IOException, InputException {
        int word = from.readInt();
        if (word == VideoDecoder.REFUSED) {
            throw fault(from.readUTF(), from.readUTF());
        }
        if (word != VideoDecoder.READY) {
            throw fault("an answer of the decoder that makes no sense", "another coding: convert it to Y4M");
        }
    }

    private InputException ended(IOException cause) {
        decoder.destroyForcibly();
        InputException fault = fault(
                "a video at which the decoder ended", "a file that is whole: copy it again, or convert it to Y4M");
        fault.addSuppressed(cause);
        return fault;
    }

    private InputException fault(String seen, String expected) {
        return new InputException(file, 0, 0, seen, expected);
    }

    @Override
    public int width() {
        return width;
    }

    @Override
    public int height() {
        return height;
    }

    @Override
    public double fps() {
        return fps;
    }

    @Override
    public int size() {
        return ms.length;
    }

    @Override
    public double ms(int picture) {
        return Double.isNaN(ms[picture]) ? Clip.super.ms(picture) : ms[picture] - ms[0];
    }

    @Override
    public void luma(int picture, byte[] into) throws IOException, InputException {
        if (closed) {
            throw new IllegalStateException("the clip is closed");
        }
        ScheduledFuture<?> patience = patience();
        try {
            to.writeInt(picture);
            to.flush();
            expectReady();
            from.readFully(into, 0, width * height);
        } catch (IOException e) {
            throw ended(e);
        } finally {
            patience.cancel(false);
        }
    }

    @Override
    public void close() {
        closed = true;
        decoder.destroyForcibly();
    }
}

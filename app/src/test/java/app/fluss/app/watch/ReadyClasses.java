package app.fluss.app.watch;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;

/// Loads and links the classes of the application and of its toolkit before a window is opened, as the start-up cache
/// has done in what is shipped: what a first look at a screen costs there is not the reading of its classes.
public final class ReadyClasses {
    private static final String SUFFIX = ".class";

    private static boolean done;

    private ReadyClasses() {}

    /// Loads them, once in a process.
    public static synchronized void load() {
        if (done) {
            return;
        }
        for (String entry : System.getProperty("java.class.path").split(File.pathSeparator)) {
            Path path = Path.of(entry);
            if (Files.isDirectory(path)) {
                loadAll(path);
            } else if (path.getFileName().toString().startsWith("javafx-")) {
                loadJar(path);
            }
        }
        done = true;
    }

    private static void loadJar(Path jar) {
        try (var files = FileSystems.newFileSystem(jar)) {
            loadAll(files.getPath("/"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void loadAll(Path root) {
        try (Stream<Path> files = Files.walk(root)) {
            files.map(file -> root.relativize(file).toString())
                    .filter(file -> file.endsWith(SUFFIX) && !file.endsWith("-info.class"))
                    .map(file -> file.substring(0, file.length() - SUFFIX.length())
                            .replace(root.getFileSystem().getSeparator().charAt(0), '.'))
                    .forEach(ReadyClasses::link);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void link(String name) {
        try {
            // Asking for the methods links a class, and does not run its initializer.
            Class.forName(name, false, ReadyClasses.class.getClassLoader()).getDeclaredMethods();
        } catch (ClassNotFoundException | LinkageError _) {
            // What belongs to another system cannot be linked, and is not used.
        }
    }
}

package app.fluss.app.capture;

import app.fluss.app.model.JobFailure;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.FrameTimes;
import app.fluss.core.measure.Rates;
import app.fluss.core.measure.Stutters;
import app.fluss.devices.folder.FolderWatch;
import app.fluss.devices.folder.Sighting;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogTail;
import app.fluss.files.log.MappingGuess;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.log.Sample;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.jspecify.annotations.Nullable;

/// Follows the log that grows in a folder, off the interface thread.
final class LiveLog implements AutoCloseable {
    private static final int EVERY_MS = 400;
    private static final double RECENT_MS = 10_000;

    private final FolderWatch watch;
    private final MappingMemory memory;
    private final Consumer<State> listener;
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("fluss-log").factory());
    private volatile AnalysisSettings settings = AnalysisSettings.NONE;
    private volatile @Nullable Path chosen;
    private @Nullable Path followed;
    private @Nullable LogTail tail;
    private State last = new State.Waiting("");

    /// What is known of the log.
    sealed interface State {
        /// There is none yet, or it cannot be read.
        ///
        /// @param words why; empty if it is simply waited for
        record Waiting(String words) implements State {}

        /// Several are written at once.
        record Several(List<Path> files) implements State {}

        /// It is being written.
        ///
        /// @param band its frame times
        /// @param recent rates of the last ten seconds
        /// @param words anything to tell of it
        record Growing(Path file, int images, BandLevels band, Stutters stutters, Rates recent, String words)
                implements State {}

        /// It has stopped growing and was read as a whole.
        ///
        /// @param elapsedMs time that it covers, ms
        record Settled(Path file, ImportedLog log, double elapsedMs) implements State {}
    }

    /// @param listener is told on the interface thread
    LiveLog(Path folder, MappingMemory memory, Consumer<State> listener) {
        this.watch = new FolderWatch(folder, System::nanoTime);
        this.memory = memory;
        this.listener = listener;
        var _ = worker.scheduleWithFixedDelay(this::look, 0, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    /// What the rates are worked out with.
    void use(AnalysisSettings now) {
        settings = now;
    }

    /// Says which of several logs counts.
    void choose(Path file) {
        chosen = file;
    }

    private void look() {
        State now;
        try {
            now = state(watch.look());
        } catch (InputException e) {
            now = new State.Waiting(String.valueOf(e.getMessage()));
        } catch (IOException e) {
            now = new State.Waiting(CaptureText.LOG_UNREADABLE.formatted(e.getMessage()));
        } catch (Throwable e) { // a task that throws is never run again
            now = new State.Waiting(
                    CaptureText.LOG_NOT_FOLLOWED.formatted(JobFailure.of(e).getMessage()));
        }
        if (!now.equals(last)) {
            last = now;
            State tell = now;
            Platform.runLater(() -> listener.accept(tell));
        }
    }

    private State state(Sighting sighting) throws IOException, InputException {
        return switch (sighting) {
            case Sighting.Gone(String why) -> new State.Waiting(why);
            case Sighting.Quiet() -> new State.Waiting("");
            case Sighting.Several(List<Path> files) -> {
                Path one = chosen;
                yield one != null && files.contains(one) ? follow(one) : new State.Several(files);
            }
            case Sighting.Growing(Path file) -> follow(file);
            case Sighting.Settled(Path file) -> settle(file);
        };
    }

    private LogTail tail(Path file) throws IOException, InputException {
        LogTail following = tail;
        if (following == null || !file.equals(followed)) {
            following = new LogTail(file, options(file));
            tail = following;
            followed = file;
        }
        return following;
    }

    private ImportOptions options(Path file) throws IOException {
        try {
            Sample sample = Sample.read(file);
            MappingGuess guess = MappingGuess.of(sample);
            return guess.certain()
                    ? ImportOptions.guess()
                    : memory.recall(sample.header())
                            .map(ImportOptions.guess()::with)
                            .orElseGet(ImportOptions::guess);
        } catch (InputException e) {
            // Too young to look like a log; the tail tells if it stays so.
            return ImportOptions.guess();
        }
    }

    private State follow(Path file) throws IOException, InputException {
        LogTail following = tail(file);
        LogTail.Change change = following.poll();
        if (change == LogTail.Change.NONE && last instanceof State.Growing) {
            return last;
        }
        Optional<ImportedLog> log = following.log();
        if (log.isEmpty() || log.get().log().size() == 0) {
            return new State.Waiting(CaptureText.LOG_EMPTY.formatted(file.getFileName()));
        }
        String words = change == LogTail.Change.STARTED_ANEW ? CaptureText.LOG_REPLACED : "";
        return growing(file, log.get(), words);
    }

    private State growing(Path file, ImportedLog imported, String words) {
        var log = imported.log();
        Analysis all = Analysis.of(log.all(), settings);
        double end = log.present().at(log.size() - 1);
        Analysis recent = Analysis.of(log.between(end - RECENT_MS, end + 1), settings);
        return new State.Growing(file, log.size(), BandLevels.of(all.times()), all.stutters(), recent.rates(), words);
    }

    private State settle(Path file) throws IOException, InputException {
        if (last instanceof State.Settled settled && settled.file.equals(file) && tail != null) {
            return last;
        }
        ImportedLog whole = tail(file).finish();
        return new State.Settled(file, whole, FrameTimes.of(whole.log().all()).elapsedMs());
    }

    @Override
    public void close() {
        worker.shutdownNow();
    }
}

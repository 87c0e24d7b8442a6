package app.fluss.app.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

class JobsTest {
    private final List<String> told = new CopyOnWriteArrayList<>();
    private Jobs jobs;

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @BeforeEach
    void make() {
        jobs = onFx(Jobs::new);
    }

    @AfterEach
    void close() {
        onFx(() -> {
            jobs.close();
            return true;
        });
    }

    private static <T> T onFx(Callable<T> work) {
        return WaitForAsyncUtils.waitForAsyncFx(5000, work);
    }

    private void start(String name, Jobs.Work<String> work) {
        onFx(() -> {
            jobs.start(name, work, told::add, e -> told.add("failed: " + e.getMessage()));
            return true;
        });
    }

    private void waitUntilIdle() throws Exception {
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> onFx(() -> !jobs.busyProperty().get()));
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void runOneAfterTheOtherOffTheInterfaceThread() throws Exception {
        start("a", _ -> Platform.isFxApplicationThread() ? "on the interface thread" : "a");
        start("b", _ -> "b");
        waitUntilIdle();
        assertThat(told).containsExactly("a", "b");
    }

    @Test
    void aFaultIsToldAndTheNextStillRuns() throws Exception {
        start("bad", _ -> {
            throw new IllegalStateException("no disk");
        });
        start("good", _ -> "good");
        waitUntilIdle();
        assertThat(told).containsExactly("failed: no disk", "good");
    }

    /// Stopping ends the job that runs, silently, and not the one that waits.
    @Test
    void stoppingOneDoesNotStopTheNext() throws Exception {
        CountDownLatch running = new CountDownLatch(1);
        start("long", progress -> {
            for (int i = 0; ; i++) {
                progress.check(Math.min(1, i / 1e6));
                running.countDown();
                Thread.sleep(1);
            }
        });
        start("next", progress -> {
            progress.check(0.5);
            return "next";
        });
        assertThat(running.await(5, TimeUnit.SECONDS)).isTrue();
        onFx(() -> {
            jobs.stop();
            return true;
        });
        waitUntilIdle();
        assertThat(told).containsExactly("next");
    }

    /// Whatever ends a job, it is told, the window is free, and the next job runs.
    @Test
    void anErrorEndsAJobAndNothingElse() throws Exception {
        start("huge", _ -> {
            throw new OutOfMemoryError("as if");
        });
        start("broken", _ -> {
            throw new StackOverflowError();
        });
        start("next", _ -> "next");
        waitUntilIdle();
        assertThat(told).hasSize(3).last().isEqualTo("next");
        assertThat(told.getFirst()).startsWith("failed: There was not enough memory");
        assertThat(told.get(1)).contains("An error in Fluss", "StackOverflowError");
    }
}

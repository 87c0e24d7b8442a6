package app.fluss.app.probing;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.stream.ProbeTrace;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

/// A probe beside the window: whatever ends it is told, on the interface thread.
class ProbeJobTest extends ApplicationTest {
    private final List<String> told = new CopyOnWriteArrayList<>();

    private final ProbeJob.Listener listener = new ProbeJob.Listener() {
        @Override
        public void code(String words) {
            tell(words);
        }

        @Override
        public void progress(double share) {}

        @Override
        public void seen(ProbeTrace trace) {
            tell("seen");
        }

        @Override
        public void ended(String words) {
            tell(words);
        }

        private void tell(String words) {
            told.add((Platform.isFxApplicationThread() ? "" : "on another thread: ") + words);
        }
    };

    @Override
    public void start(Stage stage) {}

    private void until(String words) throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> told.stream().anyMatch(one -> one.startsWith(words)));
    }

    @Test
    void aHostThatWaitsTellsItsCodeAndCanBeStopped() throws Exception {
        InetSocketAddress any = new InetSocketAddress(InetAddress.getLoopbackAddress(), 0);
        ProbeJob job = ProbeJob.host(any, listener);
        until("Code ");
        job.close();
        until("Stopped.");
        assertThat(told).hasSize(2);
    }

    @Test
    void anAddressThatCannotBeHadIsToldAndNothingHangs() throws Exception {
        // 192.0.2.1 is for documentation only (RFC 5737): no machine here has it.
        try (ProbeJob _ = ProbeJob.host(new InetSocketAddress("192.0.2.1", 0), listener)) {
            WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> !told.isEmpty());
        }
        assertThat(told)
                .singleElement()
                .satisfies(words -> assertThat(words)
                        .isNotBlank()
                        .doesNotStartWith("on another thread")
                        .doesNotStartWith("Code"));
    }
}

package app.fluss.core.stream.blame;

import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import java.util.Optional;

/// Which image of the host each image of the client shows.
public final class Alignment {
    /// Rows by which two ways of lining up differ where images are late.
    private static final int NEAR_ROWS = 2;

    /// Confidence of an offset from which it is believed rather than numbers.
    private static final double REFUTES = 0.5;

    private final int[] hostOf;
    private final boolean byNumber;
    private final double confidence;
    private final boolean[] came;

    /// @param hostOf index in the host's log by index in the client's; -1 where there is none. Is taken over
    Alignment(int[] hostOf, boolean byNumber, double confidence) {
        this.hostOf = hostOf;
        this.byNumber = byNumber;
        this.confidence = confidence;
        this.came = new boolean[Arrays.stream(hostOf).max().orElse(-1) + 1];
        for (int host : hostOf) {
            if (host >= 0) {
                came[host] = true;
            }
        }
    }

    /// Lines two logs of one stream up: by frame number where both have one, else by the best offset of their
    /// clocks. What is called a frame number may count the rows of each log by itself; where the hitches of both
    /// say clearly that other images belong together, the offset holds.
    public static Alignment of(FrameLog host, FrameLog client) {
        Optional<Alignment> numbers = ByFrameNumber.align(host, client);
        Alignment offset = ByBestOffset.align(host, client);
        return numbers.filter(aligned -> !offset.refutes(aligned)).orElse(offset);
    }

    private boolean refutes(Alignment numbers) {
        int both = 0;
        int apart = 0;
        for (int i = 0; i < hostOf.length; i++) {
            if (hostOf[i] >= 0 && numbers.hostOf[i] >= 0) {
                both++;
                apart += Math.abs(hostOf[i] - numbers.hostOf[i]) > NEAR_ROWS ? 1 : 0;
            }
        }
        return confidence >= REFUTES && apart > both / 2;
    }

    /// Index in the host's log of what an image of the client shows; -1 if it has none.
    public int hostOf(int clientImage) {
        return hostOf[clientImage];
    }

    /// Whether an image of the host came: whether any of the client shows it.
    public boolean came(int hostImage) {
        return hostImage < came.length && came[hostImage];
    }

    /// Whether frame numbers were used.
    public boolean byNumber() {
        return byNumber;
    }

    /// What speaks for the offset, 0 to 1: the share of the host's long gaps that meet one of the client, beyond
    /// what the next best offset makes of them; 1 for frame numbers. Where the host has no long gap nothing
    /// speaks for one offset more than for the next.
    public double confidence() {
        return confidence;
    }
}

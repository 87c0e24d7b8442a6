package app.fluss.core.stream.blame;

import app.fluss.core.frame.FrameLog;
import java.util.Arrays;

/// Which image of the host each image of the client shows.
public final class Alignment {
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

    /// Lines two logs of one stream up: by frame number where both have one, else by the best offset of their clocks.
    public static Alignment of(FrameLog host, FrameLog client) {
        return ByFrameNumber.align(host, client).orElseGet(() -> ByBestOffset.align(host, client));
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

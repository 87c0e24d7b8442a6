package app.fluss.core.stream.blame;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;

/// Host and client on one clock, the client's, so that both can be drawn as lanes with a link for each image. What the
/// clocks differ by no log tells: the host's lane is moved so that the quickest images take no time, and what is longer
/// shows as a slant.
public final class TwoLanes {
    private static final double QUICK = 0.02;
    private static final double USUAL = 0.9;
    private static final double LATE = 1.5;

    private final FrameLog host;
    private final Values shown;
    private final Alignment alignment;
    private final double offsetMs;
    private final double lateFromMs;

    private TwoLanes(FrameLog host, Values shown, Alignment alignment, double offsetMs, double lateFromMs) {
        this.host = host;
        this.shown = shown;
        this.alignment = alignment;
        this.offsetMs = offsetMs;
        this.lateFromMs = lateFromMs;
    }

    /// From two logs that were lined up.
    public static TwoLanes of(FrameLog host, FrameLog client, Alignment alignment) {
        Values shown = client.channel(Channel.DISPLAYED).orElseGet(client::present);
        double[] differences = new double[client.size()];
        int n = 0;
        for (int i = 0; i < client.size(); i++) {
            if (alignment.hostOf(i) >= 0 && !Double.isNaN(shown.at(i))) {
                differences[n++] = shown.at(i) - host.present().at(alignment.hostOf(i));
            }
        }
        if (n == 0) {
            return new TwoLanes(host, shown, alignment, 0, Double.POSITIVE_INFINITY);
        }
        Ordered ordered = Ordered.of(Arrays.copyOf(differences, n));
        double offset = ordered.quantile(QUICK);
        return new TwoLanes(host, shown, alignment, offset, LATE * (ordered.quantile(USUAL) - offset));
    }

    /// Images of the host.
    public int hostImages() {
        return host.size();
    }

    /// Images of the client.
    public int clientImages() {
        return shown.size();
    }

    /// When the host handed an image on, ms on the client's clock.
    public double hostMs(int image) {
        return host.present().at(image) + offsetMs;
    }

    /// When the client showed an image, ms; NaN if it never did.
    public double clientMs(int image) {
        return shown.at(image);
    }

    /// Whether an image came far later than most: one and a half times as late as nine of ten.
    public boolean isLate(int clientImage) {
        int of = alignment.hostOf(clientImage);
        return of >= 0 && shown.at(clientImage) - hostMs(of) > lateFromMs;
    }

    /// The host's image that an image of the client shows; -1 if there is none.
    public int hostOf(int clientImage) {
        return alignment.hostOf(clientImage);
    }

    /// Whether an image of the host came.
    public boolean came(int hostImage) {
        return alignment.came(hostImage);
    }

    /// The first image of the host at or after a time, by the client's clock.
    public int firstHostAt(double ms) {
        int low = 0;
        int high = host.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (hostMs(middle) < ms) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}

package app.fluss.core.stream.blame;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import java.util.Arrays;
import java.util.Optional;

/// Lines two logs up by their frame numbers, which rise on both sides. Several images of the host may show one frame,
/// where it makes images between frames; then kinds and the order decide.
final class ByFrameNumber {
    private ByFrameNumber() {}

    /// The alignment.
    ///
    /// @return empty if a log has no numbers, or no number is in both
    static Optional<Alignment> align(FrameLog host, FrameLog client) {
        Optional<Values> hosts = host.channel(Channel.FRAME);
        Optional<Values> clients = client.channel(Channel.FRAME);
        if (hosts.isEmpty() || clients.isEmpty()) {
            return Optional.empty();
        }
        int[] hostOf = new int[client.size()];
        Arrays.fill(hostOf, -1);
        boolean any = false;
        int next = 0;
        for (int i = 0; i < hostOf.length; i++) {
            double number = clients.get().at(i);
            int at = first(hosts.get(), number, next);
            while (at < host.size() && hosts.get().at(at) == number && !isMeant(host, at, client.kind(i))) {
                at++;
            }
            if (at < host.size() && hosts.get().at(at) == number) {
                hostOf[i] = at;
                next = at + 1;
                any = true;
            }
        }
        return any ? Optional.of(new Alignment(hostOf, true, 1)) : Optional.empty();
    }

    /// The first row from one on whose number is this or higher.
    private static int first(Values numbers, double number, int from) {
        int low = from;
        int high = numbers.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (numbers.at(middle) < number) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static boolean isMeant(FrameLog host, int image, FrameKind kind) {
        boolean sent = host.channel(Channel.ENCODED)
                .map(encoded -> !Double.isNaN(encoded.at(image)))
                .orElse(true);
        return sent && (host.kind(image) == kind || host.kind(image) == FrameKind.UNKNOWN || kind == FrameKind.UNKNOWN);
    }
}

package app.fluss.core.overlay;

import java.util.HashMap;
import java.util.Map;

/// What a glyph was called, and how often.
final class Votes {
    private final Map<Character, Integer> counts = new HashMap<>();
    private int all;

    void add(char name, int weight) {
        counts.merge(name, weight, Integer::sum);
        all += weight;
    }

    int all() {
        return all;
    }

    /// Share of the votes for one of these.
    double share(String names) {
        int sum = 0;
        for (int i = 0; i < names.length(); i++) {
            sum += counts.getOrDefault(names.charAt(i), 0);
        }
        return all == 0 ? 0 : (double) sum / all;
    }

    /// The name with most votes; 0 if there is none.
    char best() {
        char best = 0;
        int most = 0;
        for (Map.Entry<Character, Integer> one : counts.entrySet()) {
            if (one.getValue() > most || (one.getValue() == most && one.getKey() < best)) {
                most = one.getValue();
                best = one.getKey();
            }
        }
        return best;
    }
}

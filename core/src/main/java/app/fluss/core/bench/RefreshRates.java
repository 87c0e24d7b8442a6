package app.fluss.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Refresh rates as they are typed for a display or a headset, such as `72, 90, 120`.
public final class RefreshRates {
    private static final Pattern RATE = Pattern.compile("\\d{2,4}(?:\\.\\d+)?");
    private static final int MOST = 12;

    private RefreshRates() {}

    /// The rates of a list and the one that is set, each once, Hz.
    ///
    /// @param list the key of the list
    /// @param set the key of the rate that is set
    public static List<Double> of(Setup setup, FactKey list, FactKey set) {
        List<Double> rates = new ArrayList<>();
        Matcher found = RATE.matcher(setup.value(list).orElse(""));
        while (found.find() && rates.size() < MOST) {
            add(rates, Double.parseDouble(found.group()), set);
        }
        add(rates, setup.number(set), set);
        return rates;
    }

    private static void add(List<Double> rates, double hz, FactKey set) {
        if (set.problem(Double.toString(hz)).isEmpty() && !rates.contains(hz)) {
            rates.add(hz);
        }
    }
}

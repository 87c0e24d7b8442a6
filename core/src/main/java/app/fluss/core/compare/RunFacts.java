package app.fluss.core.compare;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.bench.TypedScale;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Section;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What is recorded of a run besides its figures, by which two runs may differ although nobody wanted them to.
///
/// @param path its stages, in words
/// @param setup what it was measured on
/// @param analysis its figures
/// @param simulated whether it comes from a simulation
/// @param latencyBy what its latency was measured with and to which threshold, in words; empty if it was not
/// @param sections its marked stretches
public record RunFacts(
        String path,
        Setup setup,
        Analysis analysis,
        boolean simulated,
        Optional<String> latencyBy,
        List<Section> sections) {
    /// The name under which the path of a run stands.
    public static final String PATH = "path";

    /// The name under which it stands how latency was measured.
    static final String LATENCY_BY = "latency by";

    /// What the first seconds of a run are for its temperature, ms. Our own convention.
    private static final double AT_THE_START_MS = 5000;

    private static final Pattern SIZE = Pattern.compile("(\\d{3,5})\\s*[x×]\\s*(\\d{3,5})");
    private static final Pattern PERCENT = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*%");

    /// Keeps a copy.
    public RunFacts {
        sections = List.copyOf(sections);
    }

    /// Facts by name: those recorded of the setup, the items that took part, and what follows of the evidence.
    SortedMap<String, String> named() {
        TreeMap<String, String> named = new TreeMap<>(setup.named());
        Map<BenchPart, String> items = new EnumMap<>(BenchPart.class);
        items.putAll(setup.items());
        items.forEach((part, name) -> named.put(part.title(), name));
        named.put(PATH, path);
        named.put("evidence", simulated ? "simulated" : "measured");
        latencyBy.ifPresent(by -> named.put(LATENCY_BY, by));
        return named;
    }

    /// How long it was, s; NaN without a log.
    double seconds() {
        return analysis.slice().size() == 0 ? Double.NaN : analysis.durationSeconds();
    }

    /// Temperature of the card at its start, °C; NaN if it was not logged.
    double startTemperature() {
        FrameSlice slice = analysis.slice();
        Optional<Values> logged = slice.log().channel(Channel.GPU_TEMPERATURE);
        if (logged.isEmpty() || slice.size() == 0) {
            return Double.NaN;
        }
        Values present = slice.log().present();
        double until = present.at(slice.from()) + AT_THE_START_MS;
        double sum = 0;
        int n = 0;
        for (int i = slice.from(); i < slice.to() && present.at(i) < until; i++) {
            double temperature = logged.get().at(i);
            if (!Double.isNaN(temperature)) {
                sum += temperature;
                n++;
            }
        }
        return sum / n;
    }

    /// Share of its marked time that is of a weight, 0 to 1; NaN if nothing is marked.
    double share(Section.Weight weight) {
        double all = 0;
        double of = 0;
        for (Section section : sections) {
            double length = section.toMs() - section.fromMs();
            all += length;
            of += section.weight() == weight ? length : 0;
        }
        return of / all;
    }

    /// Pixels that the game draws, before anything is scaled up; NaN where that cannot be told.
    double renderedPixels() {
        Matcher size = SIZE.matcher(setup.value(FactKey.RESOLUTION).orElse(""));
        if (!size.find()) {
            return Double.NaN;
        }
        double pixels = FactKey.number(size.group(1)) * FactKey.number(size.group(2));
        double scale = setup.value(FactKey.RENDER_SCALE).map(TypedScale::of).orElse(1.0);
        return setup.value(FactKey.UPSCALER)
                .map(upscaler -> pixels * scale * scale * upscaled(upscaler))
                .orElse(pixels * scale * scale);
    }

    /// Share of the pixels that an upscaler starts from; NaN if it does not say.
    private static double upscaled(String upscaler) {
        if (upscaler.toLowerCase(Locale.ROOT).matches("off|none|no|-")) {
            return 1;
        }
        Matcher percent = PERCENT.matcher(upscaler);
        if (!percent.find()) {
            return Double.NaN;
        }
        double axis = TypedScale.of(percent.group());
        return axis * axis;
    }
}

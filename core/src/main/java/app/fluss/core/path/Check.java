package app.fluss.core.path;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.display.Chroma;
import app.fluss.core.display.DisplayLink;
import app.fluss.core.gpu.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Requirements that are worked out from several facts.
public enum Check {
    /// The display's cable carries the mode that is set.
    CABLE_CARRIES_MODE {
        @Override
        public Outcome judge(Setup setup) {
            List<FactKey> missing =
                    setup.missing(FactKey.WIDTH_PX, FactKey.HEIGHT_PX, FactKey.OUTPUT_HZ, FactKey.BITS, FactKey.CABLE);
            if (!missing.isEmpty()) {
                return unstated(missing);
            }
            DisplayLink link = DisplayLink.labelled(setup.value(FactKey.CABLE).orElseThrow())
                    .orElseThrow();
            int width = (int) setup.number(FactKey.WIDTH_PX);
            int height = (int) setup.number(FactKey.HEIGHT_PX);
            double hz = setup.number(FactKey.OUTPUT_HZ);
            int bits = (int) setup.number(FactKey.BITS);
            Chroma chroma = chroma(setup);
            String mode = String.format(
                    Locale.ROOT,
                    "%d × %d at %.0f Hz, %d bits, %s over %s (%.1f Gbit/s)",
                    width,
                    height,
                    hz,
                    bits,
                    words(setup, chroma),
                    link.label(),
                    link.payloadGigabits());
            return switch (link.fit(width, height, hz, bits, chroma)) {
                case FITS -> Outcome.met(mode + " fits uncompressed");
                case ACTIVE_ONLY ->
                    Outcome.unknown(mode + ": the pixels fit, the blanking does not; some devices shorten it");
                case TOO_MUCH ->
                    Outcome.notMet(mode + " does not fit uncompressed; whether both ends compress is not judged");
            };
        }
    },
    /// The second card's slot carries the copied images.
    SLOT_CARRIES_COPY {
        @Override
        public Outcome judge(Setup setup) {
            List<FactKey> missing = new ArrayList<>(StatedCopy.missing(setup));
            missing.addAll(setup.missing(FactKey.COPY_FPS));
            if (!missing.isEmpty()) {
                return unstated(missing);
            }
            double copyMs = StatedCopy.ms(setup);
            double highest = 1000 / copyMs;
            String seen = String.format(
                    Locale.ROOT,
                    "a copy takes %.2f ms, so the slot carries at most %.0f images/s; %.0f are to be copied",
                    copyMs,
                    highest,
                    setup.number(FactKey.COPY_FPS));
            return highest >= setup.number(FactKey.COPY_FPS) ? Outcome.met(seen) : Outcome.notMet(seen);
        }
    },
    /// The supply carries both cards and the rest, with what they take for moments.
    SUPPLY_CARRIES_CARDS {
        @Override
        public Outcome judge(Setup setup) {
            List<FactKey> missing =
                    setup.missing(FactKey.FIRST_BOARD_W, FactKey.SECOND_BOARD_W, FactKey.REST_W, FactKey.SUPPLY_W);
            if (!missing.isEmpty()) {
                return unstated(missing);
            }
            Supply supply = new Supply(
                    setup.number(FactKey.SUPPLY_W),
                    setup.number(FactKey.FIRST_BOARD_W),
                    setup.number(FactKey.SECOND_BOARD_W),
                    setup.number(FactKey.REST_W));
            String seen = String.format(
                    Locale.ROOT,
                    "%.0f W, with %.0f W for moments, of %.0f W",
                    supply.steadyW(),
                    supply.transientW(),
                    supply.ratingW());
            return supply.isEnough() ? Outcome.met(seen) : Outcome.notMet(seen);
        }
    },
    /// The client's display shows the rate of the stream.
    CLIENT_SHOWS_RATE {
        @Override
        public Outcome judge(Setup setup) {
            List<FactKey> missing = setup.missing(FactKey.CLIENT_HZ, FactKey.STREAM_FPS);
            if (!missing.isEmpty()) {
                return unstated(missing);
            }
            double hz = setup.number(FactKey.CLIENT_HZ);
            double fps = setup.number(FactKey.STREAM_FPS);
            String seen = String.format(Locale.ROOT, "%.0f images/s on a display of %.0f Hz", fps, hz);
            return fps <= hz ? Outcome.met(seen) : Outcome.notMet(seen);
        }
    };

    /// Whether it comes out right; unknown where a fact is missing.
    public abstract Outcome judge(Setup setup);

    /// The name in files.
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static Outcome unstated(List<FactKey> keys) {
        return Outcome.unknown("not stated: "
                + String.join(
                        ", ",
                        keys.stream()
                                .map(key -> key.group().toLowerCase(Locale.ROOT) + " " + key.title())
                                .toList()));
    }

    /// The colour samples that are stated; all of them where nothing is.
    static Chroma chroma(Setup setup) {
        return setup.value(FactKey.CHROMA).flatMap(Chroma::labelled).orElse(Chroma.FULL);
    }

    /// The colour samples in words, with whether they are stated.
    static String words(Setup setup, Chroma chroma) {
        return chroma.label() + (setup.value(FactKey.CHROMA).isPresent() ? "" : " assumed");
    }
}

package app.fluss.core.path;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.RefreshRates;
import app.fluss.core.bench.Setup;
import app.fluss.core.display.Chroma;
import app.fluss.core.display.DisplayLink;
import app.fluss.core.gpu.Slot;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// What follows from the facts of one part of the bench, before any path is chosen.
public final class WorkedOut {
    private WorkedOut() {}

    /// What can be said of a part.
    ///
    /// @param setup the facts of the part
    public static List<Outcome> of(BenchPart part, Setup setup) {
        return switch (part) {
            case RIG -> rig(setup);
            case DISPLAY -> display(setup);
            case PICTURE_MODE, LINK, CLIENT, HEADSET, GAME, SCENE, STAGE -> List.of();
        };
    }

    private static List<Outcome> rig(Setup setup) {
        List<Outcome> all = new ArrayList<>();
        slot("first", setup.number(FactKey.FIRST_SLOT_GENERATION), setup.number(FactKey.FIRST_SLOT_LANES))
                .ifPresent(all::add);
        slot("second", setup.number(FactKey.SECOND_SLOT_GENERATION), setup.number(FactKey.SECOND_SLOT_LANES))
                .ifPresent(all::add);
        if (setup.value(FactKey.SECOND_CARD).isPresent()) {
            all.add(Check.SUPPLY_CARRIES_CARDS.judge(setup));
        }
        return all;
    }

    private static Optional<Outcome> slot(String card, double generation, double lanes) {
        if (Double.isNaN(generation) || Double.isNaN(lanes)) {
            return Optional.empty();
        }
        Slot slot = new Slot((int) generation, (int) lanes);
        return Optional.of(Outcome.met(String.format(
                Locale.ROOT,
                "the %s card's slot carries %.2f GB/s; the copy of a 3840 × 2160 image of 4 bytes a pixel takes %.2f ms",
                card,
                slot.payloadGigabytes(),
                slot.copyMs(3840, 2160, 4))));
    }

    /// Which of the rates that the display offers its cable carries, at 8 and at 10 bits.
    private static List<Outcome> display(Setup setup) {
        List<Outcome> all = new ArrayList<>();
        Optional<DisplayLink> link = setup.value(FactKey.CABLE).flatMap(DisplayLink::labelled);
        double width = setup.number(FactKey.WIDTH_PX);
        double height = setup.number(FactKey.HEIGHT_PX);
        if (link.isEmpty() || Double.isNaN(width) || Double.isNaN(height)) {
            return List.of(Check.CABLE_CARRIES_MODE.judge(setup));
        }
        for (double hz : RefreshRates.of(setup, FactKey.REFRESH_LIST, FactKey.OUTPUT_HZ)) {
            Chroma chroma = Check.chroma(setup);
            DisplayLink.Fit eight = link.get().fit((int) width, (int) height, hz, 8, chroma);
            DisplayLink.Fit ten = link.get().fit((int) width, (int) height, hz, 10, chroma);
            String seen = String.format(
                    Locale.ROOT,
                    "%.0f Hz, %s: at 8 bits %s, at 10 bits %s",
                    hz,
                    Check.words(setup, chroma),
                    words(eight),
                    words(ten));
            all.add(new Outcome(eight == DisplayLink.Fit.TOO_MUCH ? Outcome.State.NOT_MET : Outcome.State.MET, seen));
        }
        return all;
    }

    private static String words(DisplayLink.Fit fit) {
        return switch (fit) {
            case FITS -> "it fits";
            case ACTIVE_ONLY -> "only its pixels fit";
            case TOO_MUCH -> "it does not fit uncompressed";
        };
    }
}

package app.fluss.devices.machine;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.display.Edid;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import oshi.SystemInfo;
import oshi.hardware.Display;
import oshi.hardware.GraphicsCard;
import oshi.hardware.HardwareAbstractionLayer;
import oshi.hardware.PowerSource;

/// Reads what the system tells of processor, memory, cards, displays and power. What it does not tell is left out,
/// never guessed. Takes up to a few seconds.
public final class ThisComputer {
    private static final double BYTES_A_GB = 1L << 30;
    private static final long BYTES_A_MB = 1L << 20;

    private ThisComputer() {}

    /// The rig, then its displays.
    public static List<Found> read() {
        SystemInfo system = new SystemInfo();
        HardwareAbstractionLayer hardware = system.getHardware();
        List<Found> found = new ArrayList<>();
        found.add(new Found(BenchPart.RIG, "this computer", rig(system, hardware)));
        int number = 1;
        for (Display display : hardware.getDisplays()) {
            int at = number++;
            Edid.of(display.getEdid()).ifPresent(edid -> found.add(display(edid, at)));
        }
        return List.copyOf(found);
    }

    private static Map<FactKey, String> rig(SystemInfo system, HardwareAbstractionLayer hardware) {
        Map<FactKey, String> facts = new EnumMap<>(FactKey.class);
        put(facts, FactKey.CPU, hardware.getProcessor().getProcessorIdentifier().getName());
        put(
                facts,
                FactKey.MEMORY_GB,
                String.format(Locale.ROOT, "%.1f", hardware.getMemory().getTotal() / BYTES_A_GB));
        put(facts, FactKey.SYSTEM, system.getOperatingSystem().toString());
        List<GraphicsCard> cards = hardware.getGraphicsCards();
        if (!cards.isEmpty()) {
            card(facts, cards.get(0), FactKey.FIRST_CARD, FactKey.FIRST_VRAM_MB);
            driver(cards.get(0)).ifPresent(version -> put(facts, FactKey.DRIVER, version));
        }
        if (cards.size() > 1) {
            card(facts, cards.get(1), FactKey.SECOND_CARD, FactKey.SECOND_VRAM_MB);
        }
        powerSource(hardware.getPowerSources()).ifPresent(source -> put(facts, FactKey.POWER_SOURCE, source));
        return facts;
    }

    private static void card(Map<FactKey, String> facts, GraphicsCard card, FactKey name, FactKey memory) {
        put(facts, name, card.getName());
        put(facts, memory, Long.toString(card.getVRam() / BYTES_A_MB));
    }

    private static Optional<String> driver(GraphicsCard card) {
        String version = card.getVersionInfo();
        return version.isBlank() ? Optional.empty() : Optional.of(version);
    }

    /// A machine without a battery says nothing here, so nothing is claimed of it.
    private static Optional<String> powerSource(List<PowerSource> sources) {
        return sources.stream()
                .filter(source -> source.getMaxCapacity() > 0)
                .findFirst()
                .map(battery -> battery.isPowerOnLine() ? "mains" : "battery");
    }

    private static Found display(Edid edid, int number) {
        Map<FactKey, String> facts = new EnumMap<>(FactKey.class);
        edid.preferred().ifPresent(timing -> {
            put(facts, FactKey.WIDTH_PX, Integer.toString(timing.widthPx()));
            put(facts, FactKey.HEIGHT_PX, Integer.toString(timing.heightPx()));
            put(facts, FactKey.REFRESH_LIST, String.format(Locale.ROOT, "%.2f (preferred)", timing.refreshHz()));
        });
        return new Found(BenchPart.DISPLAY, edid.name().orElse("display " + number), facts);
    }

    private static void put(Map<FactKey, String> facts, FactKey key, String value) {
        String text = value.strip();
        if (key.problem(text).isEmpty() && !text.equalsIgnoreCase("unknown")) {
            facts.put(key, text);
        }
    }
}

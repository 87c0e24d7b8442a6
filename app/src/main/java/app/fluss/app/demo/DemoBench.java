package app.fluss.app.demo;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.measure.Section;
import app.fluss.core.path.Chain;
import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.Planner;
import app.fluss.core.plan.Wish;
import app.fluss.core.verdict.School;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Item;
import app.fluss.files.study.Planned;
import app.fluss.files.study.Scene;
import app.fluss.files.study.SheetRow;
import app.fluss.files.study.StoredSchools.Chosen;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/// The bench of the demo, with a session that is half done. Every name is invented.
final class DemoBench {
    private static final LocalDate DATE = LocalDate.of(2026, 11, 20);
    private static final String GAME = "Tidewarden";

    private static final Map<String, String> KINDS = Map.ofEntries(
            Map.entry("Gullwing Deep", "VR"),
            Map.entry("Orrery Hall", "VR"),
            Map.entry("Bolt Regatta", "aiming"),
            Map.entry("Heron Post", "aiming"),
            Map.entry("Weir House", "aiming"),
            Map.entry("Chime Lattice", "rhythm"),
            Map.entry("Kelp Circuit", "racing"),
            Map.entry("Lantern Row", "story"),
            Map.entry("Sill Harbour", "exploring"));

    private static final Set<String> PLANNED =
            Set.of("native", "engine generation 2×", "driver generation 2×", "capture generation 2×", "second GPU 3×");

    private final Study study;

    DemoBench(Study study) {
        this.study = study;
    }

    void describe() throws StudyException {
        rig();
        displays();
        others();
        games();
        schools();
        plan();
    }

    /// A game on battery is judged by its hours; two schools stand side by side where they differ.
    private void schools() throws StudyException {
        for (Game game : study.games()) {
            switch (game.name()) {
                case "Ember Quarry" ->
                    study.schools().choose(game, new Chosen(Optional.of(School.HOURS_FIRST.id()), Optional.empty()));
                case GAME ->
                    study.schools().choose(game, new Chosen(Optional.empty(), Optional.of(School.RESPONSE_FIRST.id())));
                default -> {}
            }
        }
    }

    private Item add(BenchPart part, String name) throws StudyException {
        study.bench().add(part, OptionalLong.empty(), name);
        return study.bench().read().items(part).getLast();
    }

    private static Fact fact(FactKey key, String value, FactSource source) {
        return new Fact(key, value, source, DATE);
    }

    private static Fact typed(FactKey key, String value) {
        return fact(key, value, FactSource.TYPED);
    }

    private void rig() throws StudyException {
        Item rig = add(BenchPart.RIG, "Reedbox");
        study.bench()
                .state(
                        rig,
                        List.of(
                                fact(FactKey.CPU, "Heron 8, 8 cores", FactSource.READ),
                                fact(FactKey.MEMORY_GB, "32", FactSource.READ),
                                fact(FactKey.SYSTEM, "Meadow OS 11", FactSource.READ),
                                fact(FactKey.DRIVER, "5.12", FactSource.READ),
                                typed(FactKey.RECORDER, "off"),
                                fact(FactKey.FIRST_CARD, "Cascade 70", FactSource.READ),
                                fact(FactKey.FIRST_VRAM_MB, "12288", FactSource.READ),
                                typed(FactKey.FIRST_SLOT_GENERATION, "4"),
                                typed(FactKey.FIRST_SLOT_LANES, "8"),
                                typed(FactKey.FIRST_BOARD_W, "285"),
                                fact(FactKey.SECOND_CARD, "Rill 40", FactSource.READ),
                                fact(FactKey.SECOND_VRAM_MB, "8192", FactSource.READ),
                                typed(FactKey.SECOND_SLOT_GENERATION, "4"),
                                typed(FactKey.SECOND_SLOT_LANES, "4"),
                                typed(FactKey.SECOND_BOARD_W, "115"),
                                typed(FactKey.CARDS_IN, "both"),
                                typed(FactKey.SECOND_CARD_PRICE, "190"),
                                typed(FactKey.FASTER_CARD_PRICE, "640"),
                                typed(FactKey.FASTER_CARD_SPEED, "1.45"),
                                typed(FactKey.HIGH_PERFORMANCE_CARD, "first"),
                                typed(FactKey.POWER_SOURCE, "mains"),
                                typed(FactKey.POWER_LIMIT_W, "285"),
                                typed(FactKey.SUPPLY_W, "750"),
                                typed(FactKey.REST_W, "160"),
                                typed(FactKey.BATTERY_WH, "80"),
                                typed(FactKey.BATTERY_USABLE_PCT, "90"),
                                typed(FactKey.OWN_CABLES, "yes")));
    }

    private void displays() throws StudyException {
        Item desk = add(BenchPart.DISPLAY, "Tideglass 27");
        study.bench()
                .state(
                        desk,
                        List.of(
                                fact(FactKey.WIDTH_PX, "2560", FactSource.READ),
                                fact(FactKey.HEIGHT_PX, "1440", FactSource.READ),
                                fact(FactKey.REFRESH_LIST, "60, 120, 144", FactSource.READ),
                                typed(FactKey.OUTPUT_HZ, "144"),
                                typed(FactKey.SYNC, "vrr"),
                                typed(FactKey.VRR_FLOOR_HZ, "48"),
                                typed(FactKey.BITS, "10"),
                                typed(FactKey.CHROMA, "4:4:4 or RGB"),
                                typed(FactKey.CABLE, "DisplayPort HBR3")));
        Item sofa = add(BenchPart.DISPLAY, "Estuary 55");
        study.bench()
                .state(
                        sofa,
                        List.of(
                                fact(FactKey.WIDTH_PX, "3840", FactSource.READ),
                                fact(FactKey.HEIGHT_PX, "2160", FactSource.READ),
                                typed(FactKey.OUTPUT_HZ, "60"),
                                typed(FactKey.SYNC, "fifo"),
                                typed(FactKey.BITS, "8"),
                                typed(FactKey.CHROMA, "4:4:4 or RGB"),
                                typed(FactKey.CABLE, "HDMI TMDS 600 MHz"),
                                typed(FactKey.MODE_IN_USE, "game")));
        mode(sofa, "game", "13.4", "yes");
        mode(sofa, "film", "138", "yes");
    }

    private void mode(Item display, String name, String lagMs, String smoothing) throws StudyException {
        study.bench().add(BenchPart.PICTURE_MODE, OptionalLong.of(display.id()), name);
        Item mode = study.bench().read().items(BenchPart.PICTURE_MODE).getLast();
        study.bench()
                .state(
                        mode,
                        List.of(
                                fact(FactKey.LAG_MS, lagMs, FactSource.MEASURED),
                                typed(FactKey.OFFERS_SMOOTHING, smoothing)));
    }

    private void others() throws StudyException {
        study.bench()
                .state(
                        add(BenchPart.LINK, "house cable"),
                        List.of(typed(FactKey.LINK_KIND, "cable"), typed(FactKey.LINK_MBPS, "1000")));
        study.bench()
                .state(
                        add(BenchPart.CLIENT, "sofa client"),
                        List.of(
                                typed(FactKey.CLIENT_DECODES, "yes"),
                                fact(FactKey.DECODE_MS, "4.1", FactSource.MEASURED),
                                typed(FactKey.CLIENT_HZ, "60"),
                                typed(FactKey.STREAM_STATISTICS, "on")));
        headset("Lantern V", "1600", "1750", "50", "72, 90, 120", "90");
        headset("Beacon Wide", "2160", "2160", "40", "60, 72, 90", "72");
    }

    private void headset(String name, String width, String height, String marginPct, String rates, String hz)
            throws StudyException {
        study.bench()
                .state(
                        add(BenchPart.HEADSET, name),
                        List.of(
                                typed(FactKey.EYE_WIDTH_PX, width),
                                typed(FactKey.EYE_HEIGHT_PX, height),
                                typed(FactKey.TARGET_MARGIN_PCT, marginPct),
                                typed(FactKey.MARGIN_BASIS, "the area"),
                                typed(FactKey.HEADSET_REFRESH_LIST, rates),
                                typed(FactKey.HEADSET_HZ, hz),
                                typed(FactKey.RUNTIME, "own"),
                                typed(FactKey.MIRROR_WINDOW, "off")));
    }

    private void games() throws StudyException {
        for (Game game : study.games()) {
            if (game.name().equals(GAME)) {
                study.bench()
                        .state(
                                game,
                                List.of(
                                        typed(FactKey.GAME_KIND, "exploring"),
                                        typed(FactKey.ONLINE_GUARD, "no"),
                                        typed(FactKey.WINDOW_MODE, "borderless"),
                                        typed(FactKey.QUALITY, "high"),
                                        typed(FactKey.RESOLUTION, "2560 × 1440"),
                                        typed(FactKey.UPSCALER, "own"),
                                        typed(FactKey.RENDER_SCALE, "100 %"),
                                        typed(FactKey.DYNAMIC_RESOLUTION, "off"),
                                        typed(FactKey.CAP_FPS, "0"),
                                        typed(FactKey.IN_GAME_GENERATOR, "off")));
            }
        }
        for (Game game : study.games()) {
            String kind = KINDS.get(game.name());
            if (kind != null) {
                study.bench().state(game, List.of(typed(FactKey.GAME_KIND, kind), typed(FactKey.ONLINE_GUARD, "no")));
            }
        }
        for (Scene scene : study.scenes()) {
            if (scene.name().equals("reed marsh loop")) {
                study.bench()
                        .describe(scene.described(
                                40,
                                "at the landing stage, facing the mill",
                                "walk the boards once round, no sprint",
                                Section.Weight.TYPICAL));
            }
        }
    }

    /// Three runs of the paths that matter are wanted; what is missing of them is on the sheet.
    private void plan() throws StudyException {
        Scene scene = study.scenes().stream()
                .filter(one -> one.name().equals("reed marsh loop"))
                .findFirst()
                .orElseThrow();
        List<DeliveryPath> paths = study.bench().read().paths();
        Map<Planned.Cell, Integer> wanted = new HashMap<>();
        List<Wish> wishes = new ArrayList<>();
        for (DeliveryPath path : paths) {
            int kept = (int) study.runs().stream()
                    .filter(run -> run.sceneId() == scene.id() && run.path().id() == path.id())
                    .count();
            if (kept > 0 && PLANNED.contains(path.name())) {
                wanted.put(new Planned.Cell(scene.id(), path.id()), 3);
                if (kept < 3 || path.isNative()) {
                    wishes.add(new Wish(
                            scene.gameId(),
                            scene.id(),
                            scene.seconds(),
                            path.id(),
                            path.chain(),
                            Math.max(0, 3 - kept)));
                }
            }
        }
        study.plan().want(wanted);
        study.plan().replaceOpen(Planner.plan(wishes, PlanSettings.DEFAULT, Chain.NATIVE));
        study.plan().set(study.plan().read().open().getFirst(), SheetRow.State.DONE);
    }
}

package app.fluss.app.demo;

import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Power;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Work;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/// Runs of one path in one scene of the demo study.
///
/// @param game an invented game
/// @param scene a route in it
/// @param path what happens to its images
/// @param isNative whether that is nothing
/// @param scenario what is simulated
/// @param repeats how often
/// @param rests grade of the evidence that is kept: A for the log, readings and measured latency, C for a
///     summary, D for readings
/// @param changed facts that differ from the other paths, by mistake
record DemoRuns(
        String game,
        String scene,
        String path,
        boolean isNative,
        Scenario scenario,
        int repeats,
        Grade rests,
        Map<String, String> changed) {
    private static final String NATIVE = "native";
    private static final String SCALE = "render_scale";
    private static final String UPSCALER = "upscaler";

    /// The work of the native scenario on a slot with all its lanes: one card alone is a little quicker.
    private static final Work ONE_CARD_CPU = new Work(4.2, 0.08, 0.9, 0.4, 18);
    private static final Work ONE_CARD_GPU = new Work(12.68, 0.09, 0.95, 0.3, 12);

    /// The whole demo: every ready scenario is in it.
    static List<DemoRuns> all() {
        List<DemoRuns> all = new ArrayList<>();
        Place marsh = new Place("Tidewarden", "reed marsh loop", all);
        marsh.base("native", 3);
        marsh.path("engine generation 2×", "engine-generation", 3);
        marsh.path("driver generation 2×", "driver-generation", 1);
        marsh.path("capture generation 2×", "capture-generation", 1);
        marsh.path("second GPU 3×", "second-gpu", 3);
        marsh.path("engine generation 2×, other overlay", "counter-blind", 1);
        Place night = new Place("Tidewarden", "reed marsh at night", all);
        night.base("native", 3);
        night.path("second GPU 3×", "second-gpu", 3);
        night.ladder();
        Place pond = new Place("Tidewarden", "mill pond", all);
        pond.add(NATIVE, true, named("second-gpu-full").asNative(), 1, Grade.A, Map.of());
        pond.path("second GPU 4×, rough card", "second-gpu-full", 1);
        Place jetty = new Place("Tidewarden", "jetty at night", all);
        jetty.add(NATIVE, true, named("base-creep").asNative(), 1, Grade.B, Map.of());
        jetty.path("second GPU 3×, small card", "base-creep", 1);
        for (int cap : new int[] {60, 70, 80}) {
            jetty.add("second GPU 3×, small card, cap " + cap, false, capped("base-creep", cap), 1, Grade.B, Map.of());
        }
        Place arena = new Place("Saltglass", "arena, two rounds", all);
        arena.add(NATIVE, true, named("base-collapse").asNative(), 1, Grade.A, Map.of());
        arena.add("capture generation 2×", false, named("base-collapse"), 1, Grade.A, Map.of("render_scale", "120 %"));
        arena.path("capture generation 2×, desktop", "capture-locked-60", 1);
        arena.path("second GPU 2×, old slot", "slot-narrow", 1);
        Place lap = new Place("Kelp Circuit", "harbour lap", all);
        lap.add(NATIVE, true, named("phantom-images").asNative(), 3, Grade.A, Map.of());
        lap.path("driver generation 2×", "phantom-images", 3);
        lap.path("driver generation 3×", "above-refresh", 1);
        Place song = new Place("Chime Lattice", "third song", all);
        song.add(NATIVE, true, named("display-smoothing-game").asNative(), 1, Grade.A, Map.of());
        song.path("television, game mode", "display-smoothing-game", 1);
        song.path("television, film mode", "display-smoothing-full", 1);
        song.path("television, variable refresh", "vrr-left-on", 1);
        Place market = new Place("Lantern Row", "market at dusk", all);
        market.base("locked-30", 1);
        market.path("engine generation 2×", "base-low", 1);
        market.path("cap 45", "uneven-cadence", 1);
        Place roofs = new Place("Lantern Row", "rooftops", all);
        roofs.add(NATIVE, true, named("not-engaged").asNative(), 1, Grade.A, Map.of());
        roofs.add("engine generation 2×", false, named("not-engaged"), 1, Grade.A, Map.of("upscaler", "other"));
        Place quay = new Place("Sill Harbour", "quay walk", all);
        quay.add(NATIVE, true, named("home-stream").asNative(), 1, Grade.A, Map.of());
        quay.path("home stream, cable", "home-stream", 1);
        quay.path("home stream into a television", "stream-into-smoothing", 1);
        quay.path("home stream, busy game", "stream-host-hitch", 1);
        quay.path("home stream, radio", "stream-network-hitch", 1);
        quay.path("home stream, old client", "stream-decoder-hitch", 1);
        new Place("Ember Quarry", "crowd square", all).base("cpu-crowd", 1);
        new Place("Ember Quarry", "texture hall", all).base("memory-full", 1);
        Place ridge = new Place("Ember Quarry", "ridge", all);
        ridge.add(NATIVE, true, named("battery-limit"), 3, Grade.B, power("battery"));
        ridge.add("native, on mains", true, onMains(), 3, Grade.B, power("mains"));
        Place planets = new Place("Orrery Hall", "planet room", all);
        planets.base("vr-full-rate", 1);
        planets.path("VR reprojection, high settings", "vr-half-rate", 1);
        Place reef = new Place("Gullwing Deep", "reef dive", all);
        reef.add(NATIVE, true, named("vr-full-rate").lasting(30), 1, Grade.A, Map.of());
        reef.add("VR, render scale 122 %", false, named("vr-uneven-scale"), 1, Grade.A, Map.of(SCALE, "122 %"));
        reef.path("VR reprojection, very high", "vr-below-half-rate", 1);
        Place wreck = new Place("Gullwing Deep", "wreck, three scales", all);
        wreck.add(NATIVE, true, scaled(1), 1, Grade.A, Map.of(SCALE, "100 %"));
        wreck.add("VR, render scale 122 %", false, scaled(1.22), 1, Grade.A, Map.of(SCALE, "122 %"));
        wreck.add("VR, render scale 142 %", false, scaled(1.42), 1, Grade.A, Map.of(SCALE, "142 %"));
        Place deck = new Place("Bolt Regatta", "firing deck", all);
        deck.base("flash-answer", 1);
        deck.path("driver generation 2×", "sound-coupled", 1);
        deck.path("engine generation 2×", "press-held", 1);
        Place terrace = new Place("Mossfall Terrace", "fountain steps", all);
        terrace.add(NATIVE, true, named("native"), 3, Grade.D, Map.of());
        terrace.add("engine generation 2×", false, named("engine-generation"), 3, Grade.D, Map.of());
        // One more image between two costs the base what response first asks for; the ladder holds a point that does
        // not.
        Place post = new Place("Heron Post", "watchtower run", all);
        post.add(NATIVE, true, at(13.2, "native"), 3, Grade.A, Map.of());
        post.add("engine generation 2×", false, at(13.2, "engine-generation"), 3, Grade.A, Map.of());
        post.add("engine generation 3×", false, times(3, at(13.2, "engine-generation")), 3, Grade.A, Map.of());
        // A base so near its bound that three runs leave it open.
        Place weir = new Place("Weir House", "stairwell", all);
        weir.add(NATIVE, true, at(15.1, "native"), 3, Grade.A, Map.of());
        weir.add("engine generation 2×", false, at(15.1, "engine-generation"), 3, Grade.A, Map.of());
        // A package that was switched on in one go, and the run between that takes it apart.
        Place canal = new Place("Saltglass", "canal, package", all);
        canal.add(NATIVE, true, at(17.6, "native"), 3, Grade.A, Map.of(UPSCALER, "none"));
        canal.add("native, upscaler", true, at(12.4, "native"), 3, Grade.A, Map.of());
        canal.add("engine generation 2×", false, at(12.4, "engine-generation"), 3, Grade.A, Map.of());
        Place meadow = new Place("Brass Meadow", "windmill track", all);
        meadow.add(NATIVE, true, named("native"), 1, Grade.C, Map.of());
        meadow.add("driver generation 2×", false, named("driver-generation"), 1, Grade.C, Map.of());
        return List.copyOf(all);
    }

    /// The path as its name says it: which kind of generator it is cannot be told from what is simulated.
    Chain chain() {
        return Arrays.stream(StageKind.values())
                .filter(kind -> !isNative && path.startsWith(kind.title()))
                .findFirst()
                .map(Chain::of)
                .orElse(isNative ? Chain.NATIVE : Chain.of(StageKind.OTHER_GENERATION));
    }

    private static Map<String, String> power(String source) {
        return Map.of("power_source", source, "power_limit_w", "120");
    }

    /// At the same limit, with nothing that takes the clock down.
    private static Scenario onMains() {
        Game game = named("battery-limit").game();
        Power power = game.power().orElseThrow();
        return named("battery-limit")
                .with(game.withPower(new Power(0.93, 30, power.fullW(), power.fullMhz(), power.coolC(), power.hotC())));
    }

    /// Steady work that takes a little less than a refresh of 90 Hz at a scale of 1.
    private static Scenario scaled(double scale) {
        Scenario scenario = named("vr-uneven-scale");
        return scenario.with(scenario.game()
                .withWork(new Work(3, 0.05, 0.5, 0, 0), new Work(10.9, 0.006, 0.5, 0, 0))
                .withRenderScale(scale));
    }

    /// A scenario with other GPU work, ms.
    private static Scenario at(double gpuMs, String scenario) {
        Scenario one = named(scenario);
        return one.with(one.game().withWork(one.game().cpu(), one.game().gpu().withMedianMs(gpuMs)));
    }

    private static Scenario times(int multiplier, Scenario scenario) {
        return scenario.with(scenario.generator().orElseThrow().withMultiplier(multiplier));
    }

    private static Scenario capped(String scenario, double capFps) {
        return named(scenario).with(named(scenario).game().withCap(capFps));
    }

    private static Scenario named(String scenario) {
        return ReadyScenario.named(scenario);
    }

    /// A scene of a game, to which paths are added.
    private record Place(String game, String scene, List<DemoRuns> runs) {
        void base(String scenario, int repeats) {
            add(NATIVE, true, named(scenario), repeats, Grade.A, Map.of());
        }

        void path(String path, String scenario, int repeats) {
            add(path, false, named(scenario), repeats, Grade.A, Map.of());
        }

        /// Runs of the second card that differ in one setting, and the native path without it.
        void ladder() {
            Scenario three = named("second-gpu");
            Generator generator = three.generator().orElseThrow();
            for (int multiplier : new int[] {2, 4, 5}) {
                add(
                        "second GPU %d×".formatted(multiplier),
                        false,
                        three.with(generator.withMultiplier(multiplier)),
                        1,
                        Grade.B,
                        Map.of());
            }
            for (int size : new int[] {50, 100}) {
                add(
                        "second GPU 3×, size %d %%".formatted(size),
                        false,
                        three.with(generator.withMotionSize(size / 100.0)),
                        1,
                        Grade.B,
                        Map.of());
            }
            add(
                    "native, second card out",
                    true,
                    named("native").with(named("native").game().withWork(ONE_CARD_CPU, ONE_CARD_GPU)),
                    3,
                    Grade.B,
                    Map.of("cards_in", "first only", "first_slot_lanes", "16"));
        }

        void add(
                String path,
                boolean isNative,
                Scenario scenario,
                int repeats,
                Grade rests,
                Map<String, String> changed) {
            runs.add(new DemoRuns(game, scene, path, isNative, scenario, repeats, rests, changed));
        }
    }
}

package app.fluss.files.simulated;

import app.fluss.core.gpu.Slot;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Section;
import app.fluss.core.measure.SyncMode;
import app.fluss.files.json.Fields;
import app.fluss.files.log.InputException;
import app.fluss.files.log.SmallText;
import app.fluss.sim.scenario.Answer;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Counter;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Headset;
import app.fluss.sim.scenario.Link;
import app.fluss.sim.scenario.Memory;
import app.fluss.sim.scenario.Pickup;
import app.fluss.sim.scenario.Power;
import app.fluss.sim.scenario.Press;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.SceneSection;
import app.fluss.sim.scenario.SecondGpu;
import app.fluss.sim.scenario.Smoothing;
import app.fluss.sim.scenario.Stream;
import app.fluss.sim.scenario.Work;
import java.io.IOException;
import java.nio.file.Path;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Scenarios as JSON files; `docs/scenario.schema.json` describes them. What is left out takes the default that
/// stands there.
public final class ScenarioFile {
    private static final int MOST_SECTIONS = 100;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private ScenarioFile() {}

    /// Reads a scenario.
    ///
    /// @throws InputException if the file is none: it names the JSON path, what stands there and what should
    public static Scenario read(Path file) throws IOException, InputException {
        return parse(file, SmallText.read(file, "a scenario"));
    }

    static Scenario parse(Path file, String text) throws InputException {
        JsonNode tree;
        try {
            tree = JSON.readTree(text);
        } catch (JacksonException e) {
            var location = e.getLocation();
            throw new InputException(
                    file,
                    location == null ? 0 : location.getLineNr(),
                    location == null ? 0 : location.getColumnNr(),
                    "text that is no JSON",
                    "a scenario: " + e.getOriginalMessage());
        }
        return Fields.read(file, tree, ScenarioFile::scenario);
    }

    private static Scenario scenario(Fields fields) throws InputException {
        fields.text("$schema", "");
        return new Scenario(
                fields.text("name", ""),
                fields.text("about", ""),
                fields.whole("seed", 1),
                fields.number("duration_s", 60),
                fields.part("game", ScenarioFile::game),
                fields.optional("generator", ScenarioFile::generator),
                fields.optional("stream", ScenarioFile::stream),
                fields.optional("headset", ScenarioFile::headset),
                fields.part("display", ScenarioFile::display),
                fields.optional("clicks", ScenarioFile::clicks),
                fields.word("counter", Counter.class, Counter.HONEST));
    }

    private static Game game(Fields fields) throws InputException {
        return new Game(
                fields.part("cpu", ScenarioFile::work),
                fields.part("gpu", ScenarioFile::work),
                fields.number("cap_fps", Double.NaN),
                fields.whole("queue", 2),
                fields.whole("width_px", 2560),
                fields.whole("height_px", 1440),
                fields.number("render_scale", 1),
                fields.number("settings", 1),
                fields.list("sections", MOST_SECTIONS, ScenarioFile::section),
                fields.optional("power", ScenarioFile::power),
                fields.optional("memory", ScenarioFile::memory));
    }

    private static Work work(Fields fields) throws InputException {
        return new Work(
                fields.number("median_ms"),
                fields.number("sigma", 0.1),
                fields.number("likeness", 0.9),
                fields.number("hitches_per_thousand", 0),
                fields.number("hitch_ms", 0));
    }

    private static SceneSection section(Fields fields) throws InputException {
        return new SceneSection(
                fields.text("name", "section"),
                fields.word("weight", Section.Weight.class, Section.Weight.TYPICAL),
                fields.number("share"),
                fields.number("cpu_factor", 1),
                fields.number("gpu_factor", 1));
    }

    private static Power power(Fields fields) throws InputException {
        return new Power(
                fields.number("settled_share"),
                fields.number("settling_s", 30),
                fields.number("full_w", 200),
                fields.number("full_mhz", 2400),
                fields.number("cool_c", 45),
                fields.number("hot_c", 82));
    }

    private static Memory memory(Fields fields) throws InputException {
        return new Memory(
                fields.number("capacity_mb"),
                fields.number("start_mb"),
                fields.number("end_mb"),
                fields.number("hitches_per_thousand", 20),
                fields.number("hitch_ms", 35));
    }

    private static Generator generator(Fields fields) throws InputException {
        return new Generator(
                fields.word("mode", Generator.Mode.class, Generator.Mode.INTERPOLATE),
                fields.whole("multiplier", 2),
                fields.number("fixed_ms", 0.4),
                fields.number("ms_per_megapixel", 0.3),
                fields.number("motion_size", 1),
                fields.word("behaviour", Generator.Behaviour.class, Generator.Behaviour.HONEST),
                fields.number("capture_fps", Double.NaN),
                fields.optional("second_gpu", ScenarioFile::secondGpu));
    }

    private static SecondGpu secondGpu(Fields fields) throws InputException {
        return new SecondGpu(
                new Slot(fields.whole("slot_generation", 4), fields.whole("slot_lanes", 4)),
                fields.whole("bytes_per_pixel", 4),
                fields.number("composition_wait_ms", 0),
                fields.number("idle_load_pct", 0),
                fields.number("idle_spread_pct", 0));
    }

    private static Display display(Fields fields) throws InputException {
        DisplayMode mode = new DisplayMode(
                fields.number("refresh_hz"),
                fields.word("sync", SyncMode.class, SyncMode.FIFO),
                fields.number("vrr_floor_hz", Double.NaN));
        return new Display(
                mode,
                fields.whole("queued_images", 2),
                fields.number("active_share", 0.96),
                fields.number("lag_ms", 0),
                fields.number("response_ms", 2),
                fields.number("ripple_share", 0),
                fields.number("ripple_hz", 240),
                fields.number("lit_share", 1),
                fields.optional("smoothing", ScenarioFile::smoothing));
    }

    private static Smoothing smoothing(Fields fields) throws InputException {
        return new Smoothing(fields.number("panel_hz", 120), fields.number("lag_ms"));
    }

    private static Stream stream(Fields fields) throws InputException {
        return new Stream(
                fields.number("fps", 60),
                fields.number("bit_rate_mbps", 40),
                fields.number("key_every_s", 2),
                fields.number("key_factor", 4),
                fields.part("encode", ScenarioFile::work, new Work(4, 0.1, 0.5, 0, 0)),
                fields.part("link", ScenarioFile::link),
                fields.part("decode", ScenarioFile::work, new Work(3, 0.1, 0.5, 0, 0)),
                fields.number("buffer_ms", 5),
                fields.number("client_clock_offset_ms", 0));
    }

    private static Link link(Fields fields) throws InputException {
        return new Link(
                fields.number("rate_mbps"),
                fields.number("delay_ms", 1),
                fields.number("jitter_ms", 0.3),
                fields.number("jitter_shape", 1.5),
                fields.number("loss_share", 0),
                fields.number("reorder_share", 0),
                fields.number("spikes_per_minute", 0),
                fields.number("spike_ms", 0));
    }

    private static Headset headset(Fields fields) throws InputException {
        return new Headset(
                fields.number("refresh_hz"), fields.number("compositor_ms", 2), fields.flag("half_rate_lock", false));
    }

    private static Clicks clicks(Fields fields) throws InputException {
        return new Clicks(
                fields.number("every_ms", 600),
                fields.number("polling_ms", 1),
                fields.number("device_ms", 1),
                fields.number("missed_share", 0),
                fields.number("sensor_hz", 4000),
                fields.number("noise", 0.01),
                fields.number("height", 0.5),
                fields.part("press", ScenarioFile::press, Press.SHORT),
                fields.part("answer", ScenarioFile::answer, Answer.STEPS),
                fields.part("pickup", ScenarioFile::pickup, Pickup.EXACT));
    }

    private static Press press(Fields fields) throws InputException {
        return new Press(
                fields.word("form", Press.Form.class, Press.Form.HIGH),
                fields.number("held_ms", 12),
                fields.number("bounce_ms", 0),
                fields.number("release_knock", 0),
                fields.number("double_share", 0),
                fields.flag("at_edges", false));
    }

    private static Answer answer(Fields fields) throws InputException {
        return new Answer(
                fields.word("form", Answer.Form.class, Answer.Form.STEP),
                fields.number("lasts_ms", 80),
                fields.number("flares_per_minute", 0));
    }

    private static Pickup pickup(Fields fields) throws InputException {
        return new Pickup(
                fields.number("coupling_ms", 0),
                fields.number("drift_share", 0),
                fields.number("hum_share", 0),
                fields.whole("bits", 0),
                fields.number("clips_at", 2),
                fields.number("jitter_share", 0),
                fields.number("gaps_per_minute", 0),
                fields.number("gap_ms", 20));
    }
}

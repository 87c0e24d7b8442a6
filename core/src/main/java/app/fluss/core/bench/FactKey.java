package app.fluss.core.bench;

import static app.fluss.core.bench.BenchPart.CLIENT;
import static app.fluss.core.bench.BenchPart.DISPLAY;
import static app.fluss.core.bench.BenchPart.GAME;
import static app.fluss.core.bench.BenchPart.HEADSET;
import static app.fluss.core.bench.BenchPart.LINK;
import static app.fluss.core.bench.BenchPart.PICTURE_MODE;
import static app.fluss.core.bench.BenchPart.RIG;
import static app.fluss.core.bench.BenchPart.SCENE;
import static app.fluss.core.bench.BenchPart.STAGE;

import app.fluss.core.display.Chroma;
import app.fluss.core.display.DisplayLink;
import app.fluss.core.measure.SyncMode;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// The facts that a run needs recorded. Their names in lower case are the names in files and in the facts of
/// a run, so none may be changed once it was released.
@SuppressWarnings("ImmutableEnumChecker") // types are records of unmodifiable parts, which the checker cannot see
public enum FactKey {
    /// Processor.
    CPU(RIG, "Machine", "processor", text()),
    /// Memory, GB.
    MEMORY_GB(RIG, "Machine", "memory", number("GB", 0.5, 8192)),
    /// Operating system.
    SYSTEM(RIG, "Machine", "operating system", text()),
    /// Graphics driver with its version.
    DRIVER(RIG, "Machine", "graphics driver", text()),
    /// A recorder that runs in the background.
    RECORDER(RIG, "Machine", "background recording", choice(Switched.values())),
    /// Interval at which the input device is asked, ms.
    POLLING_MS(RIG, "Input", "polling interval", number("ms", 0, 100)),
    /// The input device's own delay, ms.
    DEVICE_MS(RIG, "Input", "device's own delay", number("ms", 0, 100)),
    /// The card that draws the game.
    FIRST_CARD(RIG, "First card", "name", text()),
    /// Memory of the first card, MB.
    FIRST_VRAM_MB(RIG, "First card", "memory", number("MB", 64, 1_048_576)),
    /// Generation of its slot.
    FIRST_SLOT_GENERATION(RIG, "First card", "slot generation", number("", 1, 5)),
    /// Lanes of its slot with everything plugged in.
    FIRST_SLOT_LANES(RIG, "First card", "slot lanes", choice("1", "2", "4", "8", "16")),
    /// Board power, W.
    FIRST_BOARD_W(RIG, "First card", "board power", number("W", 1, 2000)),
    /// The card that makes images.
    SECOND_CARD(RIG, "Second card", "name", text()),
    /// Memory of the second card, MB.
    SECOND_VRAM_MB(RIG, "Second card", "memory", number("MB", 64, 1_048_576)),
    /// Generation of its slot.
    SECOND_SLOT_GENERATION(RIG, "Second card", "slot generation", number("", 1, 5)),
    /// Lanes of its slot with everything plugged in.
    SECOND_SLOT_LANES(RIG, "Second card", "slot lanes", choice("1", "2", "4", "8", "16")),
    /// Board power, W.
    SECOND_BOARD_W(RIG, "Second card", "board power", number("W", 1, 2000)),
    /// Whether the second card was plugged in.
    CARDS_IN(RIG, "Second card", "cards in the slots", choice(CardsIn.values())),
    /// Which card the system takes for its high-performance choice.
    HIGH_PERFORMANCE_CARD(RIG, "Second card", "system's high-performance choice", choice("first", "second")),
    /// Mains or battery.
    POWER_SOURCE(RIG, "Power", "power source", choice("mains", "battery")),
    /// The limit that was set, W.
    POWER_LIMIT_W(RIG, "Power", "power limit", number("W", 1, 3000)),
    /// Rating of the supply, W.
    SUPPLY_W(RIG, "Power", "supply rating", number("W", 30, 5000)),
    /// Everything but the cards, W.
    REST_W(RIG, "Power", "everything but the cards", number("W", 1, 2000)),
    /// Whether every power connector of the cards has a cable of its own.
    OWN_CABLES(RIG, "Power", "every connector on its own cable", choice(Answer.values())),
    /// What the second card costs, in whatever money the study counts in.
    SECOND_CARD_PRICE(RIG, "Cost", "price of the second card", number("", 0, 1_000_000)),
    /// What a faster first card would cost.
    FASTER_CARD_PRICE(RIG, "Cost", "price of a faster first card", number("", 0, 1_000_000)),
    /// How much faster that is.
    FASTER_CARD_SPEED(RIG, "Cost", "its speed, of the first card's", number("×", 0.1, 20)),
    /// What the battery holds, Wh.
    BATTERY_WH(RIG, "Power", "battery holds", number("Wh", 1, 10_000)),
    /// What of it can be used, percent.
    BATTERY_USABLE_PCT(RIG, "Power", "of that can be used", number("%", 1, 100)),
    /// What fans and clocks are set to.
    CLOCK_POLICY(RIG, "Power", "fan and clock policy", text()),
    /// Width, px.
    WIDTH_PX(DISPLAY, "Picture", "width", number("px", 320, 16_384)),
    /// Height, px.
    HEIGHT_PX(DISPLAY, "Picture", "height", number("px", 200, 16_384)),
    /// What it offers.
    REFRESH_LIST(DISPLAY, "Picture", "refresh rates it offers", text()),
    /// As set now, Hz.
    OUTPUT_HZ(DISPLAY, "Picture", "refresh rate as set", number("Hz", 10, 2000)),
    /// How images are taken.
    SYNC(
            DISPLAY,
            "Picture",
            "sync",
            choice(Arrays.stream(SyncMode.values()).map(SyncMode::label).toList())),
    /// Lowest rate of the variable window, Hz.
    VRR_FLOOR_HZ(DISPLAY, "Picture", "variable refresh from", number("Hz", 1, 2000)),
    /// With fifo, images that wait for the display when the game is faster.
    WAITING_IMAGES(DISPLAY, "Picture", "images that wait (fifo)", number("", 1, 8)),
    /// Time constant of the panel, ms.
    RESPONSE_MS(DISPLAY, "Light", "panel response, time constant", number("ms", 0, 100)),
    /// Place of the sensor from the top, percent of the height.
    SENSOR_HEIGHT_PCT(DISPLAY, "Light", "sensor's place from the top", number("%", 0, 100)),
    /// Bits a channel.
    BITS(DISPLAY, "Connection", "bits per channel", choice("8", "10")),
    /// Samples of colour.
    CHROMA(DISPLAY, "Connection", "colour samples", choice(Chroma.labels())),
    /// The cable's signal.
    CABLE(DISPLAY, "Connection", "signal on the cable", choice(DisplayLink.labels())),
    /// Which of its inputs.
    INPUT(DISPLAY, "Connection", "input", text()),
    /// The picture mode in use.
    MODE_IN_USE(DISPLAY, "Connection", "picture mode in use", text()),
    /// Lag of a picture mode, ms.
    LAG_MS(PICTURE_MODE, "Picture mode", "lag", number("ms", 0, 1000)),
    /// Whether the panel's own smoothing can act in it.
    OFFERS_SMOOTHING(PICTURE_MODE, "Picture mode", "offers smoothing", choice(Answer.values())),
    /// Cable at both ends, or radio.
    LINK_KIND(LINK, "Link", "kind", choice("cable", "radio")),
    /// Radio band, GHz.
    LINK_BAND(LINK, "Link", "radio band", choice("2.4 GHz", "5 GHz", "6 GHz")),
    /// Whether nobody else uses the channel.
    CHANNEL_CLEAR(LINK, "Link", "channel is clear", choice(Answer.values())),
    /// Rate, Mbit/s.
    LINK_MBPS(LINK, "Link", "rate", number("Mbit/s", 1, 400_000)),
    /// One way without load, ms.
    LINK_DELAY_MS(LINK, "Link", "one-way delay", number("ms", 0, 1000)),
    /// Mean extra delay, ms.
    LINK_JITTER_MS(LINK, "Link", "mean jitter", number("ms", 0, 1000)),
    /// What it decodes in hardware.
    CLIENT_DECODES(CLIENT, "Client", "decodes the mode in hardware", choice(Answer.values())),
    /// Decode time, ms.
    DECODE_MS(CLIENT, "Client", "decode time", number("ms", 0, 1000)),
    /// What the client holds back against jitter, ms.
    BUFFER_MS(CLIENT, "Client", "held back against jitter", number("ms", 0, 1000)),
    /// Rate of its display, Hz.
    CLIENT_HZ(CLIENT, "Client", "refresh rate of its display", number("Hz", 10, 2000)),
    /// Whether host and client count.
    STREAM_STATISTICS(CLIENT, "Client", "host and client statistics", choice(Switched.ON, Switched.OFF)),
    /// Panel width for an eye, px.
    EYE_WIDTH_PX(HEADSET, "Headset", "panel width for an eye", number("px", 320, 16_384)),
    /// Panel height for an eye, px.
    EYE_HEIGHT_PX(HEADSET, "Headset", "panel height for an eye", number("px", 320, 16_384)),
    /// What is drawn beyond the panel at a render scale of 1, percent.
    TARGET_MARGIN_PCT(HEADSET, "Headset", "drawn beyond the panel, for the lenses", number("%", 0, 200)),
    /// What the margin is a share of.
    MARGIN_BASIS(HEADSET, "Headset", "margin is meant for", choice(ScaleBasis.THE_AREA, ScaleBasis.EACH_AXIS)),
    /// As set, Hz.
    HEADSET_HZ(HEADSET, "Headset", "refresh rate as set", number("Hz", 10, 500)),
    /// What it offers.
    HEADSET_REFRESH_LIST(HEADSET, "Headset", "refresh rates it offers", text()),
    /// Before a refresh at which an image must be ready, ms.
    COMPOSITOR_MS(HEADSET, "Headset", "compositor's lead", number("ms", 0, 20)),
    /// Its own runtime, or a translated one.
    RUNTIME(HEADSET, "Headset", "runtime", choice("own", "translated")),
    /// A window that mirrors the headset.
    MIRROR_WINDOW(HEADSET, "Headset", "mirror window", choice(Switched.values())),
    /// What it is like to play.
    GAME_KIND(GAME, "Game", "kind", choice(GameKind.values())),
    /// Whether something guards its files when online.
    ONLINE_GUARD(GAME, "Game", "online guard", choice(Answer.values())),
    /// Graphics interface.
    GRAPHICS_INTERFACE(GAME, "Game", "graphics interface", text()),
    /// How it has the screen.
    WINDOW_MODE(GAME, "Game", "window mode", choice("borderless", "window", "exclusive")),
    /// Preset.
    QUALITY(GAME, "Settings", "quality", text()),
    /// Resolution as set in the game.
    RESOLUTION(GAME, "Settings", "resolution", text()),
    /// Upscaler with its mode.
    UPSCALER(GAME, "Settings", "upscaler", text()),
    /// Render scale.
    RENDER_SCALE(GAME, "Settings", "render scale", text()),
    /// What the render scale is a share of.
    RENDER_SCALE_BASIS(GAME, "Settings", "render scale is meant for", choice(ScaleBasis.values())),
    /// Whether the resolution follows the load.
    DYNAMIC_RESOLUTION(GAME, "Settings", "dynamic resolution", choice(Switched.values())),
    /// Frame cap, images/s; 0 for none.
    CAP_FPS(GAME, "Settings", "frame cap (0: none)", number("/s", 0, 5000)),
    /// Frames between their start and their end at most.
    FRAMES_IN_FLIGHT(GAME, "Settings", "frames in flight at most", number("", 1, 16)),
    /// The game's sync.
    GAME_SYNC(GAME, "Settings", "sync in the game", choice(Switched.values())),
    /// The game's own generator.
    IN_GAME_GENERATOR(GAME, "Settings", "generator in the game", choice(Switched.values())),
    /// How long the scene was measured, s.
    SCENE_S(SCENE, "Scene", "length", number("s", 1, 86_400)),
    /// Images presented per rendered image.
    MULTIPLIER(STAGE, "Generation", "multiplier", number("×", 1, 20)),
    /// How images come about.
    GENERATION_WAY(STAGE, "Generation", "makes images", choice(GenerationWay.values())),
    /// Time to make one image, ms.
    MADE_MS(STAGE, "Generation", "time to make one image", number("ms", 0, 100)),
    /// How often it looks at what the game shows; unset if it gets every image.
    LOOKS_FPS(STAGE, "Generation", "looks at the game", number("/s", 1, 1000)),
    /// Motion-estimation size, percent of the output.
    MOTION_ESTIMATION_PCT(STAGE, "Generation", "motion-estimation size", number("%", 5, 100)),
    /// Images that wait for the generator.
    QUEUED_IMAGES(STAGE, "Generation", "queued images", number("", 0, 10)),
    /// A faster, rougher way.
    PERFORMANCE_MODE(STAGE, "Generation", "performance mode", choice(Switched.values())),
    /// Whether the generator's own list has the window mode and the interface.
    ON_SUPPORTED_LIST(STAGE, "Generation", "window mode and interface on its list", choice(Answer.values())),
    /// Where the cable sits.
    CABLE_IN(STAGE, "Cards", "display's cable in", choice(CardPlace.values())),
    /// What card the generator uses.
    GENERATOR_CARD(STAGE, "Cards", "generator set to", choice(CardPlace.values())),
    /// Bits per pixel of the copy, bytes.
    COPY_BYTES(STAGE, "Cards", "bytes per pixel in the copy", choice("4", "8")),
    /// Images copied a second at most.
    COPY_FPS(STAGE, "Cards", "images to copy", number("/s", 1, 2000)),
    /// What the copy waits for the system's composition, ms.
    COMPOSITION_WAIT_MS(STAGE, "Cards", "wait for composition", number("ms", 0, 100)),
    /// Picture mode with the panel's smoothing.
    SMOOTHING_IN(STAGE, "Smoothing", "smoothing acts in", choice("game mode", "film mode")),
    /// Refreshes of the panel while it smooths, Hz.
    PANEL_HZ(STAGE, "Smoothing", "panel's refresh rate", number("Hz", 60, 1000)),
    /// The setting that evens out slow sources, as a share of its range.
    LOW_RATE_SMOOTHING(STAGE, "Smoothing", "low-rate smoothing, share of its range", number("", 0, 1)),
    /// The setting that sharpens the motion of fast sources, as a share of its range.
    FULL_RATE_SMOOTHING(STAGE, "Smoothing", "full-rate smoothing, share of its range", number("", 0, 1)),
    /// The rate that comes in, images/s.
    SOURCE_FPS(STAGE, "Smoothing", "source rate", number("/s", 10, 240)),
    /// Bit rate of a stream, Mbit/s.
    BITRATE_MBPS(STAGE, "Stream", "bit rate", number("Mbit/s", 1, 2000)),
    /// Frame rate of a stream, images/s.
    STREAM_FPS(STAGE, "Stream", "stream rate", number("/s", 10, 500)),
    /// Time to encode an image, ms.
    ENCODE_MS(STAGE, "Stream", "encode time", number("ms", 0, 1000)),
    /// Whether the bit rate follows the link.
    ADAPTIVE_RATE(STAGE, "Stream", "automatic adaption", choice(Switched.values())),
    /// What reprojection locks to.
    REPROJECTION_LOCK(STAGE, "Reprojection", "rate held", choice(RateHeld.values()));

    private final BenchPart part;
    private final String group;
    private final String title;
    private final FactType type;

    FactKey(BenchPart part, String group, String title, FactType type) {
        this.part = part;
        this.group = group;
        this.title = title;
        this.type = type;
    }

    private static FactType text() {
        return new FactType.Text();
    }

    private static FactType number(String unit, double low, double high) {
        return new FactType.Quantity(unit, low, high);
    }

    private static FactType choice(String... words) {
        return choice(List.of(words));
    }

    private static FactType choice(Word... words) {
        return choice(Arrays.stream(words).map(Word::word).toList());
    }

    private static FactType choice(List<String> words) {
        return new FactType.Choice(words);
    }

    /// The name in files and in the facts of a run.
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /// The fact of that name, if there is one.
    public static Optional<FactKey> of(String id) {
        return Arrays.stream(values()).filter(key -> key.id().equals(id)).findFirst();
    }

    /// The facts of a part, in the order in which they are best asked.
    public static List<FactKey> of(BenchPart part) {
        return Arrays.stream(values()).filter(key -> key.part == part).toList();
    }

    /// What it is a fact of.
    public BenchPart part() {
        return part;
    }

    /// The heading that it stands under.
    public String group() {
        return group;
    }

    /// The name for people, under that heading.
    public String title() {
        return title;
    }

    /// What its value can be.
    public FactType type() {
        return type;
    }

    /// Whether it follows from settings and is none itself: nobody sets how long an image takes to make.
    public boolean follows() {
        return this == MADE_MS;
    }

    /// A value for people, with its unit.
    public String shown(String value) {
        return type instanceof FactType.Quantity(String unit, double _, double _)
                ? (value + " " + unit).strip()
                : value;
    }

    /// What it is and a value, for people.
    public String said(String value) {
        return title + " " + shown(value);
    }

    /// What is wrong with a value, in words; empty if nothing is.
    public Optional<String> problem(String value) {
        return switch (type) {
            case FactType.Text _ ->
                value.isBlank() || value.length() > 200 ? Optional.of("a few words are expected") : Optional.empty();
            case FactType.Choice(List<String> words) ->
                words.contains(value)
                        ? Optional.empty()
                        : Optional.of("one of these is expected: " + String.join(", ", words));
            case FactType.Quantity(String unit, double low, double high) -> {
                double number = number(value);
                yield number >= low && number <= high
                        ? Optional.empty()
                        : Optional.of("a number from %s to %s %s is expected"
                                .formatted(text(low), text(high), unit)
                                .strip());
            }
        };
    }

    /// The value as a number; NaN if it is none. Decimal point only: values are kept in neutral form.
    public static double number(String value) {
        try {
            return Double.parseDouble(value.strip());
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    /// A number as a value: whole numbers without a point.
    public static String text(double value) {
        return value == Math.rint(value) ? Long.toString(Math.round(value)) : Double.toString(value);
    }
}

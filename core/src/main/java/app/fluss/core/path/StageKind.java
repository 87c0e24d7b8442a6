package app.fluss.core.path;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/// The kinds of stages that a path is composed from, in the order in which images pass them.
@SuppressWarnings("ImmutableEnumChecker") // an unmodifiable list, which the checker cannot see
public enum StageKind {
    /// A cap on the game's rate, where that is what is measured.
    FRAME_CAP("frame cap", 0, false, FactKey.CAP_FPS),
    /// The game's own generator.
    ENGINE_GENERATION("engine generation", 1, true, FactKey.MULTIPLIER, FactKey.GENERATION_WAY, FactKey.MADE_MS),
    /// The driver's generator.
    DRIVER_GENERATION(
            "driver generation",
            2,
            true,
            FactKey.MULTIPLIER,
            FactKey.GENERATION_WAY,
            FactKey.MADE_MS,
            FactKey.ON_SUPPORTED_LIST),
    /// A generator that captures the picture of the game.
    CAPTURE_GENERATION(
            "capture generation",
            3,
            false,
            FactKey.MULTIPLIER,
            FactKey.GENERATION_WAY,
            FactKey.MADE_MS,
            FactKey.LOOKS_FPS,
            FactKey.MOTION_ESTIMATION_PCT,
            FactKey.QUEUED_IMAGES,
            FactKey.PERFORMANCE_MODE),
    /// A capturing generator that works on another card.
    SECOND_GPU(
            "second GPU",
            3,
            false,
            FactKey.MULTIPLIER,
            FactKey.GENERATION_WAY,
            FactKey.MADE_MS,
            FactKey.LOOKS_FPS,
            FactKey.MOTION_ESTIMATION_PCT,
            FactKey.QUEUED_IMAGES,
            FactKey.PERFORMANCE_MODE,
            FactKey.CABLE_IN,
            FactKey.GENERATOR_CARD,
            FactKey.COPY_BYTES,
            FactKey.COPY_FPS,
            FactKey.COMPOSITION_WAIT_MS),
    /// A generator of which no more is known.
    OTHER_GENERATION("other generation", 3, false, FactKey.MULTIPLIER, FactKey.GENERATION_WAY, FactKey.MADE_MS),
    /// A headset's compositor.
    VR_REPROJECTION("VR reprojection", 4, false, FactKey.REPROJECTION_LOCK),
    /// Encoder, link, decoder.
    HOME_STREAM(
            "home stream",
            5,
            false,
            FactKey.BITRATE_MBPS,
            FactKey.STREAM_FPS,
            FactKey.ENCODE_MS,
            FactKey.ADAPTIVE_RATE),
    /// The panel's own images between images.
    DISPLAY_SMOOTHING(
            "display smoothing",
            6,
            false,
            FactKey.SMOOTHING_IN,
            FactKey.PANEL_HZ,
            FactKey.SOURCE_FPS,
            FactKey.LOW_RATE_SMOOTHING,
            FactKey.FULL_RATE_SMOOTHING);

    private final String title;
    private final int rank;
    private final boolean restartsGame;
    private final List<FactKey> settings;

    StageKind(String title, int rank, boolean restartsGame, FactKey... settings) {
        this.title = title;
        this.rank = rank;
        this.restartsGame = restartsGame;
        this.settings = List.of(settings);
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// The name in files.
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /// The kind of that name, if there is one.
    public static Optional<StageKind> of(String id) {
        return Arrays.stream(values()).filter(kind -> kind.id().equals(id)).findFirst();
    }

    /// What can be set on it.
    public List<FactKey> settings() {
        return settings;
    }

    /// Where it stands on the way from game to eye; stages of one rank may stand either way round.
    int rank() {
        return rank;
    }

    /// Whether the game must be started anew when it is switched on, off or set otherwise.
    public boolean restartsGame() {
        return restartsGame;
    }

    /// Whether it makes images from a game's images before the display.
    public boolean isGenerator() {
        return settings.contains(FactKey.MULTIPLIER);
    }

    /// Parts of the bench that are there because of it.
    Set<BenchPart> brings() {
        return this == HOME_STREAM ? EnumSet.of(BenchPart.LINK, BenchPart.CLIENT) : EnumSet.noneOf(BenchPart.class);
    }

    /// Facts of the bench that this stage is there to change, so that they are no confounds.
    public Set<FactKey> changes() {
        EnumSet<FactKey> changed = EnumSet.noneOf(FactKey.class);
        changed.addAll(settings);
        switch (this) {
            case ENGINE_GENERATION -> changed.addAll(List.of(FactKey.IN_GAME_GENERATOR, FactKey.UPSCALER));
            case DISPLAY_SMOOTHING ->
                changed.addAll(List.of(
                        FactKey.OUTPUT_HZ, FactKey.SYNC, FactKey.VRR_FLOOR_HZ, FactKey.MODE_IN_USE, FactKey.LAG_MS));
            case DRIVER_GENERATION -> changed.add(FactKey.GAME_SYNC);
            case SECOND_GPU ->
                // What else the card takes, the first card's lanes above all, the native runs must share.
                changed.addAll(List.of(FactKey.SECOND_CARD, FactKey.SECOND_SLOT_GENERATION, FactKey.SECOND_SLOT_LANES));
            case FRAME_CAP, CAPTURE_GENERATION, OTHER_GENERATION, VR_REPROJECTION, HOME_STREAM -> {}
        }
        return changed;
    }
}

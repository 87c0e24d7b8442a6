package app.fluss.files.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Need;
import app.fluss.core.path.Outcome.State;
import app.fluss.core.path.Preflight;
import app.fluss.core.path.Requirement;
import app.fluss.core.path.StageKind;
import app.fluss.files.log.InputException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/// Every requirement that ships: met, not met, unknown.
class RequirementsTest {
    private static final List<Requirement> ALL = Requirements.all();
    private static final String NATIVE = "quality=high;resolution=2560 x 1440;recorder=off;power_source=mains;"
            + "power_limit_w=300;render_scale=100 %";

    private static Requirement requirement(String id) {
        return ALL.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    }

    private static Setup setup(String facts) {
        Map<FactKey, String> values = new EnumMap<>(FactKey.class);
        for (String fact : facts == null ? new String[0] : facts.split(";")) {
            String[] parts = fact.split("=", 2);
            FactKey key = FactKey.of(parts[0]).orElseThrow();
            assertThat(key.problem(parts[1])).as(fact).isEmpty();
            values.put(key, parts[1]);
        }
        return Setup.EMPTY.with(values, FactSource.TYPED);
    }

    private static State judge(Requirement requirement, Setup setup, Map<String, Boolean> said) {
        Chain chain = requirement.appliesTo().isEmpty()
                ? Chain.NATIVE
                : Chain.of(requirement.appliesTo().iterator().next());
        List<Judgement> judged = Preflight.judge(List.of(requirement), chain, setup, setup(NATIVE), said);
        assertThat(judged).hasSize(1);
        return judged.getFirst().state();
    }

    /// Requirement, facts that meet it, facts that do not.
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "same-settings | quality=high;resolution=2560 x 1440 | quality=low;resolution=2560 x 1440",
                "recording-same | recorder=off | recorder=on",
                "power-same | power_source=mains;power_limit_w=300 | power_source=battery;power_limit_w=300",
                "render-scale-on-purpose | render_scale=100 % | render_scale=120 %",
                "dynamic-resolution-off | dynamic_resolution=off | dynamic_resolution=on",
                "one-generator | in_game_generator=off | in_game_generator=on",
                "generator-list | on_supported_list=yes | on_supported_list=no",
                "game-sync-off | game_sync=off | game_sync=on",
                "window-borderless | window_mode=borderless | window_mode=exclusive",
                "cap-leaves-room | cap_fps=70 | cap_fps=0",
                "two-first | multiplier=2 | multiplier=3",
                "estimation-size | motion_estimation_pct=85 | motion_estimation_pct=50",
                "one-queued | queued_images=1 | queued_images=3",
                "cable-in-second | cable_in=second card | cable_in=first card",
                "first-card-draws | high_performance_card=first | high_performance_card=second",
                "generator-on-second | generator_card=second card | generator_card=first card",
                "own-cables | own_cables=yes | own_cables=no",
                "smoothing-in-game-mode | smoothing_in=game mode | smoothing_in=film mode",
                "output-60 | output_hz=60 | output_hz=144",
                "variable-refresh-off | sync=fifo | sync=vrr",
                "sliders-for-source | source_fps=30;low_rate_smoothing=0.9;full_rate_smoothing=0 | source_fps=30;low_rate_smoothing=0;full_rate_smoothing=0.9",
                "sliders-for-source | source_fps=60;low_rate_smoothing=0;full_rate_smoothing=0.8 | source_fps=60;low_rate_smoothing=0.9;full_rate_smoothing=0",
                "link-good | link_kind=cable | link_kind=radio;link_band=2.4 GHz;channel_clear=yes",
                "link-good | link_kind=radio;link_band=6 GHz;channel_clear=yes | link_kind=radio;link_band=5 GHz;channel_clear=no",
                "quality-fixed | adaptive_rate=off | adaptive_rate=on",
                "stream-statistics | stream_statistics=on | stream_statistics=off",
                "client-decodes | client_decodes=yes | client_decodes=no",
                "client-shows-rate | client_hz=60;stream_fps=60 | client_hz=60;stream_fps=120",
                "own-runtime | runtime=own | runtime=translated",
                "headset-recorded | render_scale=1;headset_hz=90;dynamic_resolution=off | render_scale=1;headset_hz=90;dynamic_resolution=on",
                "nothing-mirrored | mirror_window=off;recorder=off | mirror_window=on;recorder=off",
                // Slot payload: 3.94 GB/s at 0.85 carries 101 copies of 33.2 MB a second (checks of PCI Express 3.0
                // x4).
                "slot-carries-copy | second_slot_generation=3;second_slot_lanes=4;width_px=3840;height_px=2160;copy_bytes=4;copy_fps=100 | second_slot_generation=3;second_slot_lanes=4;width_px=3840;height_px=2160;copy_bytes=4;copy_fps=102",
                // 2160p120 at 8 bits needs 28.5 Gbit/s with the consumer timing; FRL 40 carries 35.6, TMDS 14.4.
                "cable-carries-mode | width_px=3840;height_px=2160;output_hz=120;bits=8;cable=HDMI FRL 40 | width_px=3840;height_px=2160;output_hz=120;bits=8;cable=HDMI TMDS 600 MHz",
                // 300 + 150 + 150 W and 30 % of the cards' 450 W: 735 W.
                "supply-carries-cards | first_board_w=300;second_board_w=150;rest_w=150;supply_w=750 | first_board_w=300;second_board_w=150;rest_w=150;supply_w=700",
            })
    void factsDecide(String id, String meets, String fails) {
        Requirement requirement = requirement(id);
        assertThat(judge(requirement, setup(meets), Map.of())).isEqualTo(State.MET);
        assertThat(judge(requirement, setup(fails), Map.of())).isEqualTo(State.NOT_MET);
        assertThat(judge(requirement, Setup.EMPTY, Map.of())).isEqualTo(State.UNKNOWN);
        assertThat(judge(requirement, setup(fails), Map.of(id, true)))
                .as("a recorded fact outweighs a word")
                .isEqualTo(State.NOT_MET);
    }

    static Stream<Requirement> asked() {
        return ALL.stream().filter(one -> isAsked(one.needs()));
    }

    private static boolean isAsked(Need need) {
        return switch (need) {
            case Need.Seen() -> true;
            case Need.Any(List<Need> needs) -> needs.stream().anyMatch(RequirementsTest::isAsked);
            case Need.Stated _ -> true;
            default -> false;
        };
    }

    @ParameterizedTest
    @MethodSource("asked")
    void theAnalystDecides(Requirement requirement) {
        assertThat(judge(requirement, Setup.EMPTY, Map.of())).isEqualTo(State.UNKNOWN);
        assertThat(judge(requirement, Setup.EMPTY, Map.of(requirement.id(), true)))
                .isEqualTo(State.MET);
        assertThat(judge(requirement, Setup.EMPTY, Map.of(requirement.id(), false)))
                .isEqualTo(State.NOT_MET);
    }

    @Test
    void statedFactsMeetWhatOnlyWantsThemRecorded() {
        Setup stated = setup("cap_fps=0;output_hz=144;source_fps=30");
        assertThat(judge(requirement("rates-recorded"), stated, Map.of())).isEqualTo(State.MET);
        assertThat(judge(requirement("source-rate-known"), stated, Map.of())).isEqualTo(State.MET);
        assertThat(judge(requirement("rates-recorded"), setup("cap_fps=0"), Map.of()))
                .isEqualTo(State.UNKNOWN);
    }

    @Test
    void everyPathHasItsOwnAndTheOnesOfAll() {
        assertThat(ids(Chain.NATIVE))
                .contains("rates-recorded", "one-generator")
                .doesNotContain("same-route");
        assertThat(ids(Chain.of(StageKind.ENGINE_GENERATION)))
                .contains("engine-upscaler", "same-route")
                .doesNotContain("one-generator", "output-60");
        assertThat(ids(Chain.of(StageKind.HOME_STREAM).with(StageKind.DISPLAY_SMOOTHING)))
                .contains("link-good", "output-60");
    }

    private static List<String> ids(Chain chain) {
        return Preflight.judge(ALL, chain, Setup.EMPTY, Setup.EMPTY, Map.of()).stream()
                .map(one -> one.requirement().id())
                .toList();
    }

    @Test
    void whoeverOpensTheMachineIsWarned() {
        for (String id : List.of("cable-in-second", "supply-carries-cards", "own-cables", "slot-carries-copy")) {
            assertThat(requirement(id).safety()).contains("unplug", "local electrical rules");
        }
        assertThat(requirement("own-runtime").safety()).contains("sickness", "manual");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"fact\": \"colour\"} | no fact colour",
                "{\"fact\": \"window_mode\", \"is\": [\"round\"]} | can never be round",
                "{\"check\": \"luck\"} | no check luck",
                "{\"wish\": 1} | one of all, any",
            })
    void aRequirementThatIsNoneIsRefusedWithItsPlace(String need, String why) {
        String json =
                "{\"requirements\": [{\"id\": \"x\", \"needs\": %s, \"asks\": \"a\", \"why\": \"w\", \"remedy\": \"r\"}]}"
                        .formatted(need);
        assertThatThrownBy(() -> Requirements.parse(
                        Path.of("r.json"), JsonMapper.shared().readTree(json)))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("requirements[0].needs")
                .hasMessageContaining(why);
    }
}

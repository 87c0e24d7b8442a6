package app.fluss.core.tune;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.RefreshRates;
import app.fluss.core.bench.Setup;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.stream.FrameArrivals;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.TrafficShape;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.core.vr.HeadsetReplay;
import app.fluss.core.vr.PixelLaw;
import app.fluss.core.vr.RenderTarget;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WhatIfGridsTest {
    private static final Map<FactKey, String> STREAM = Map.of(
            FactKey.WIDTH_PX, "1920",
            FactKey.HEIGHT_PX, "1080",
            FactKey.STREAM_FPS, "60",
            FactKey.BITRATE_MBPS, "40",
            FactKey.LINK_MBPS, "300",
            FactKey.ENCODE_MS, "3",
            FactKey.DECODE_MS, "2",
            FactKey.BUFFER_MS, "4");

    private static StreamBudget budget(Map<FactKey, String> facts) {
        double[] transit = new double[600];
        Arrays.fill(transit, 1);
        return StreamBudget.stated(
                        Setup.EMPTY.with(facts, FactSource.TYPED),
                        Optional.of(FrameArrivals.of(new TrafficShape(60, 40, 2, 1, false), transit)))
                .orElseThrow();
    }

    /// 3 ms of encoding at 2.07 Mpx are 12 ms at 8.29 Mpx: 60 images a second leave 16.7 ms, 90 leave
    /// 11.1. The bit rate grows to 160 Mbit/s at 60/s and 320 at 120/s, over 85 % of the link. Derived.
    @Test
    void eachSchoolHasItsPicture() {
        Ranking<StreamGrid.Cell> smooth = StreamGrid.of(budget(STREAM), School.SMOOTH_FIRST);
        assertThat(smooth.best().orElseThrow().output().title()).isEqualTo("3840 × 2160");
        assertThat(smooth.best().orElseThrow().fps()).isEqualTo(60);
        Ranking<StreamGrid.Cell> rate = StreamGrid.of(budget(STREAM), School.RATE_FIRST);
        assertThat(rate.best().orElseThrow().output().title())
                .as("nothing may be added")
                .isEqualTo("1920 × 1080");
        assertThat(rate.best().orElseThrow().fps()).isEqualTo(120);
        assertThat(smooth.losers().getFirst().refusal()).isPresent();
        assertThat(smooth.losers())
                .filteredOn(cell -> cell.output().title().equals("3840 × 2160") && cell.fps() == 90)
                .allSatisfy(cell -> assertThat(cell.refusal().orElseThrow()).contains("encoder"));
        assertThat(smooth.losers()).hasSize(smooth.cells().size() - 1);
    }

    @Test
    void withoutAProbeNothingIsBest() {
        StreamBudget open = StreamBudget.stated(Setup.EMPTY.with(STREAM, FactSource.TYPED), Optional.empty())
                .orElseThrow();
        Ranking<StreamGrid.Cell> grid = StreamGrid.of(open, School.SMOOTH_FIRST);
        assertThat(grid.best()).isEmpty();
        assertThat(grid.losers().getLast().refusal().orElseThrow()).contains("in time");
        assertThat(StreamBudget.stated(Setup.EMPTY, Optional.empty())).isEmpty();
        assertThat(StreamBudget.missing(Setup.EMPTY)).contains(FactKey.BITRATE_MBPS);
    }

    @Test
    void aHeadsetIsGivenTheMostPixelsThatSuit() {
        int n = 2000;
        double[] present = new double[n];
        double[] cpu = new double[n];
        double[] gpu = new double[n];
        Arrays.setAll(present, i -> i * 1000.0 / 90);
        Arrays.fill(cpu, 2);
        Arrays.fill(gpu, 8);
        FrameLog log = FrameLog.presentedAt(present, n)
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .build();
        PixelLaw law = PixelLaw.of(List.of(new PixelLaw.Point(8, 8, 0.01, 20), new PixelLaw.Point(16, 16, 0.01, 20)));
        RenderTarget target = new RenderTarget(2000, 2000, 0, false, 1, false);
        Ranking<HeadsetGrid.Cell> grid = HeadsetGrid.of(
                law,
                HeadsetReplay.Work.of(log.all()).orElseThrow(),
                target,
                List.of(72.0, 90.0, 120.0),
                0,
                2,
                School.FULL_RATE_ONLY);
        // 8 ms at a scale of 1. At 90 Hz 1.4 takes 11.2 ms of 11.1: 0.8 % of the refreshes have no new image, 1 % may
        // be.
        HeadsetGrid.Cell best = grid.best().orElseThrow();
        assertThat(best.scale()).isEqualTo(1.4);
        assertThat(best.refreshHz()).isEqualTo(90);
        assertThat(best.outlook().expected().share().orNaN()).isCloseTo(1 - 1000 / 11.2 / 90, within(0.002));
        assertThat(grid.losers().getFirst().refusal()).isPresent();
        Ranking<HeadsetGrid.Cell> strict = HeadsetGrid.of(
                law,
                HeadsetReplay.Work.of(log.all()).orElseThrow(),
                target,
                List.of(72.0, 90.0, 120.0),
                0,
                2,
                School.FULL_RATE_ONLY.with(new Asked(Rule.WITHOUT_NEW_IMAGE, 0.001, 0.001, "mine")));
        assertThat(strict.best().orElseThrow().scale()
                        * strict.best().orElseThrow().refreshHz())
                .as("who wants nearly every refresh new gets 100 % at 120 Hz")
                .isEqualTo(120);
        assertThat(HeadsetGrid.of(
                                law,
                                HeadsetReplay.Work.of(log.all()).orElseThrow(),
                                target,
                                List.of(500.0),
                                0,
                                2,
                                School.FULL_RATE_ONLY)
                        .best())
                .isEmpty();
    }

    @Test
    void refreshRatesAsTheyAreTyped() {
        Setup setup = Setup.EMPTY.with(
                Map.of(FactKey.HEADSET_REFRESH_LIST, "72, 90 and 120 Hz, 90", FactKey.HEADSET_HZ, "80"),
                FactSource.TYPED);
        assertThat(RefreshRates.of(setup, FactKey.HEADSET_REFRESH_LIST, FactKey.HEADSET_HZ))
                .containsExactly(72.0, 90.0, 120.0, 80.0);
        assertThat(RefreshRates.of(Setup.EMPTY, FactKey.HEADSET_REFRESH_LIST, FactKey.HEADSET_HZ))
                .isEmpty();
    }
}

package app.fluss.core.tune;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.latency.chain.BaseFrames;
import app.fluss.core.latency.chain.ChainEstimate;
import app.fluss.core.latency.chain.ChainModel;
import app.fluss.core.latency.chain.Generation;
import app.fluss.core.latency.chain.InputDevice;
import app.fluss.core.latency.chain.Screen;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/// Every cap with every multiplier, from the frames of one native run.
///
/// @param bench what stays the same
/// @param cells caps ascending, no cap last; for each the multipliers ascending
public record CapGrid(TuneBench bench, List<TuneCell> cells) {
    private static final int MOST_FRAMES = 20_000;
    private static final int HIGHEST_MULTIPLIER = 4;
    private static final double BELOW_CEILING = 0.97;
    private static final double[] USUAL_CAPS = {30, 40, 45, 60, 72, 80, 90, 100, 120};
    private static final double NEAR = 0.05;
    private static final double HELD_WITHIN = 1.02;
    private static final double HALF = 0.5;

    /// A panel of 2 ms: it decides which of several partial images brings the light to half.
    private static final double PANEL_MS = 2;

    /// Keeps a copy.
    public CapGrid {
        cells = List.copyOf(cells);
    }

    /// A cell with its place in a school's order.
    ///
    /// @param cell the cell
    /// @param refused why it is out, in words; empty if it is not
    public record Ranked(TuneCell cell, Optional<String> refused) {}

    /// Works the grid out.
    ///
    /// @param nativeRun frames with CPU and GPU work, made without a generator; of a long run the first
    ///     {@value #MOST_FRAMES} frames
    /// @return empty if the log has no work of frames
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static Optional<CapGrid> of(FrameSlice nativeRun, TuneBench bench, Progress progress) {
        Optional<double[][]> work = work(nativeRun);
        if (work.isEmpty()) {
            return Optional.empty();
        }
        double[] cpu = work.get()[0];
        double[] gpu = work.get()[1];
        double uncapped = latency(Replay.of(cpu, gpu, 0, 1, bench).all(), Double.NaN, 1, bench);
        double[] caps = caps(bench);
        List<TuneCell> cells = new ArrayList<>();
        for (int c = 0; c < caps.length; c++) {
            for (int m = 1; m <= HIGHEST_MULTIPLIER; m++) {
                cells.add(cell(cpu, gpu, caps[c], m, bench, uncapped));
            }
            progress.check((c + 1.0) / caps.length);
        }
        return Optional.of(new CapGrid(bench, cells));
    }

    /// CPU and GPU work of the frames that have both.
    private static Optional<double[][]> work(FrameSlice slice) {
        FrameLog log = slice.log();
        Optional<Values> cpu = log.channel(Channel.CPU);
        Optional<Values> gpu = log.channel(Channel.GPU);
        if (cpu.isEmpty() || gpu.isEmpty()) {
            return Optional.empty();
        }
        double[] c = new double[Math.min(MOST_FRAMES, slice.size())];
        double[] g = new double[c.length];
        int n = 0;
        for (int i = slice.from(); i < slice.to() && n < c.length; i++) {
            boolean known =
                    !Double.isNaN(cpu.get().at(i)) && !Double.isNaN(gpu.get().at(i));
            if (known && log.kind(i) != FrameKind.GENERATED) {
                c[n] = cpu.get().at(i);
                g[n++] = gpu.get().at(i);
            }
        }
        return n < 100 ? Optional.empty() : Optional.of(new double[][] {Arrays.copyOf(c, n), Arrays.copyOf(g, n)});
    }

    /// Usual caps, and those that suit the display: with a fixed refresh its divisors by each multiplier,
    /// with variable refresh a little under the ceiling by each multiplier.
    private static double[] caps(TuneBench bench) {
        double hz = bench.mode().refreshHz();
        double top = bench.mode().sync() == SyncMode.VRR ? hz * BELOW_CEILING : hz;
        TreeSet<Double> caps = new TreeSet<>();
        for (int m = 1; m <= HIGHEST_MULTIPLIER; m++) {
            caps.add(Math.floor(top / m));
        }
        for (double usual : USUAL_CAPS) {
            boolean near = caps.stream().anyMatch(cap -> Math.abs(cap - usual) <= NEAR * usual);
            if (usual <= hz && !near) {
                caps.add(usual);
            }
        }
        double[] all = new double[caps.size() + 1];
        int i = 0;
        for (double cap : caps) {
            all[i++] = cap;
        }
        all[i] = Double.NaN;
        return all;
    }

    private static TuneCell cell(double[] cpu, double[] gpu, double capFps, int m, TuneBench bench, double uncapped) {
        double capMs = Double.isNaN(capFps) ? 0 : 1000 / capFps;
        FrameLog log = Replay.of(cpu, gpu, capMs, m, bench);
        AnalysisSettings settings = AnalysisSettings.NONE
                .withDisplay(bench.mode())
                .withMultiplier(m)
                .withCap(capFps);
        Analysis analysis = Analysis.of(log.all(), m == 1 ? settings.asNative() : settings);
        double latency = latency(log.all(), capFps, m, bench);
        return new TuneCell(
                capFps,
                m,
                Double.isNaN(capFps) ? Double.NaN : held(analysis.renderedIntervalsMs(), capMs),
                analysis.rates(),
                latency,
                latency - uncapped,
                analysis.motion().meanAbs().orNaN(),
                analysis.ledger()
                        .map(RefreshLedger::evenShare)
                        .map(share -> share.orNaN())
                        .orElse(Double.NaN),
                load(log, analysis));
    }

    /// Share of the time in seconds' worth of frames that keep the cap: single frames swing about it.
    private static double held(double[] intervals, double capMs) {
        double all = 0;
        double kept = 0;
        double sum = 0;
        int n = 0;
        for (double interval : intervals) {
            sum += interval;
            n++;
            if (sum >= 1000) {
                all += sum;
                kept += sum / n <= capMs * HELD_WITHIN ? sum : 0;
                sum = 0;
                n = 0;
            }
        }
        return all > 0 ? kept / all : Double.NaN;
    }

    private static double load(FrameLog log, Analysis analysis) {
        Values gpu = log.channel(Channel.GPU).orElseThrow();
        double busy = 0;
        for (int i = 0; i < log.size(); i++) {
            busy += Double.isNaN(gpu.at(i)) ? 0 : gpu.at(i);
        }
        return Math.min(1, busy / analysis.times().elapsedMs());
    }

    /// Mean from input to half light by the chain, without device, processing and panel, which no setting
    /// here changes.
    private static double latency(FrameSlice frames, double capFps, int m, TuneBench bench) {
        double generatorMs = bench.ownCard() ? 0 : (m - 1) * bench.costMs();
        BaseFrames base = BaseFrames.of(frames, generatorMs, Double.NaN, 1000 / capFps, bench.inFlight())
                .orElseThrow();
        Generation generation = m == 1
                ? new Generation.None()
                : new Generation.Interpolation(m, bench.costMs(), true, 0, 0, 0, bench.ownCard());
        ChainModel model = new ChainModel(
                new InputDevice(0, 0),
                base,
                generation,
                Optional.empty(),
                Optional.empty(),
                new Screen(bench.mode(), 2, false, 0, 1, 0, PANEL_MS, Optional.empty()),
                Map.of());
        return ChainEstimate.totalMeanMs(model, HALF);
    }

    /// The cells in a school's order: those that pass, the best first, then those that are refused.
    ///
    /// @param addedMs latency that may be added, ms
    public List<Ranked> ranked(School school, double addedMs) {
        List<TuneCell> passing = new ArrayList<>();
        List<Ranked> refused = new ArrayList<>();
        for (TuneCell cell : cells) {
            Optional<String> why = school.refusal(cell, addedMs);
            if (why.isEmpty()) {
                passing.add(cell);
            } else {
                refused.add(new Ranked(cell, why));
            }
        }
        passing.sort(school.better());
        List<Ranked> ranked = new ArrayList<>();
        passing.forEach(cell -> ranked.add(new Ranked(cell, Optional.empty())));
        ranked.addAll(refused);
        return List.copyOf(ranked);
    }

    /// Why a cell that passes is not the best, in words.
    public static String against(TuneCell cell, TuneCell best) {
        List<String> reasons = new ArrayList<>();
        more(reasons, best.deliveredFps() - cell.deliveredFps(), "%.0f/s fewer delivered", 0.5);
        more(reasons, cell.addedMs() - best.addedMs(), "%.1f ms slower", 0.1);
        more(reasons, cell.motionMs() - best.motionMs(), "motion %.1f ms less even", 0.1);
        more(reasons, cell.surplusFps() - best.surplusFps(), "%.0f/s more that nobody sees", 0.5);
        return reasons.isEmpty() ? "as good" : String.join(", ", reasons);
    }

    private static void more(List<String> reasons, double by, String words, double least) {
        if (by >= least) {
            reasons.add(String.format(Locale.ROOT, words, by));
        }
    }
}

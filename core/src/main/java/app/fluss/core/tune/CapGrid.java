package app.fluss.core.tune;

import app.fluss.core.frame.FrameSlice;
import app.fluss.core.latency.chain.BaseFrames;
import app.fluss.core.latency.chain.ChainEstimate;
import app.fluss.core.latency.chain.ChainModel;
import app.fluss.core.latency.chain.Generation;
import app.fluss.core.latency.chain.InputDevice;
import app.fluss.core.latency.chain.LatencyStage;
import app.fluss.core.latency.chain.Screen;
import app.fluss.core.latency.chain.StatedPath;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.CardLoads;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
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
    private static final int[] ONE_CARD = {1, 2, 3, 4};
    /// A card of its own goes on to 20; between those shown nothing else happens.
    private static final int[] OWN_CARD = {1, 2, 3, 4, 6, 8, 12, 20};
    private static final double LOWEST_CAP = 20;
    private static final double BELOW_CEILING = 0.97;
    private static final double[] USUAL_CAPS = {30, 40, 45, 60, 72, 80, 90, 100, 120};
    private static final double NEAR = 0.05;
    private static final double HELD_WITHIN = 1.02;
    private static final double HALF = 0.5;
    private static final int PHASES = 5;

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
    /// @param warned what speaks against it all the same, in words; empty if nothing does
    public record Ranked(TuneCell cell, Optional<String> refused, Optional<String> warned) {}

    /// Works the grid out.
    ///
    /// @param nativeRun frames with CPU and GPU work, made without a generator; of a long run the first
    ///     20 000 frames
    /// @return empty if the log has no work of frames
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static Optional<CapGrid> of(FrameSlice nativeRun, TuneBench bench, Progress progress) {
        return of(nativeRun, bench, Integer.MAX_VALUE, progress);
    }

    /// The same with multipliers up to one.
    ///
    /// @param most multiplier, 1 or more
    public static Optional<CapGrid> of(FrameSlice nativeRun, TuneBench bench, int most, Progress progress) {
        Optional<NativeWork> work = NativeWork.of(nativeRun);
        if (work.isEmpty()) {
            return Optional.empty();
        }
        double uncapped = cell(work.get(), Double.NaN, 1, bench, 0).latencyMs();
        double[] caps = caps(bench);
        List<TuneCell> cells = new ArrayList<>();
        for (int c = 0; c < caps.length; c++) {
            for (int m :
                    Arrays.stream(multipliers(bench)).filter(one -> one <= most).toArray()) {
                cells.add(cell(work.get(), caps[c], m, bench, uncapped));
            }
            progress.check((c + 1.0) / caps.length);
        }
        return Optional.of(new CapGrid(bench, cells));
    }

    private static int[] multipliers(TuneBench bench) {
        return bench.ownCard() ? OWN_CARD : ONE_CARD;
    }

    /// Usual caps, and those that suit the display: with a fixed refresh its divisors by each multiplier,
    /// with variable refresh a little under the ceiling by each multiplier.
    private static double[] caps(TuneBench bench) {
        double hz = bench.mode().refreshHz();
        double top = bench.mode().sync() == SyncMode.VRR ? hz * BELOW_CEILING : hz;
        TreeSet<Double> caps = new TreeSet<>();
        for (int m : multipliers(bench)) {
            double cap = Math.floor(top / m);
            if (cap >= LOWEST_CAP) {
                caps.add(cap);
            }
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

    /// One cell.
    static TuneCell cell(NativeWork work, double capFps, int m, TuneBench bench, double uncapped) {
        double capMs = Double.isNaN(capFps) ? 0 : 1000 / capFps;
        List<Replay.Played> played = new ArrayList<>();
        for (int phase = 0; phase < phases(bench); phase++) {
            played.add(Replay.of(work.cpuMs(), work.gpuMs(), capMs, m, bench, (double) phase / phases(bench)));
        }
        AnalysisSettings settings = AnalysisSettings.NONE
                .withDisplay(bench.mode())
                .withMultiplier(m)
                .withCap(capFps);
        Analysis analysis = Analysis.of(played.getFirst().log().all(), m == 1 ? settings.asNative() : settings);
        double latency = latency(played, capFps, m, bench);
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
                load(analysis, m, bench));
    }

    /// Where images are shown in turn, a game that keeps step with the display waits as long as its phase says,
    /// and nobody knows the phase: the mean over several is the best guess.
    private static int phases(TuneBench bench) {
        return bench.mode().sync() == SyncMode.FIFO ? PHASES : 1;
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

    /// Busy share of the card that generates; of the game's where nothing is generated.
    private static double load(Analysis analysis, int m, TuneBench bench) {
        return m > 1 && bench.ownCard()
                ? Math.min(1, analysis.rates().generated().orNaN() * bench.costMs() / 1000)
                : CardLoads.of(analysis).first().orNaN() / 100;
    }

    /// Mean from input to half light by the chain, without device, processing and panel, which no setting
    /// here changes. Where images are shown in turn, the replay says how long they waited.
    private static double latency(List<Replay.Played> played, double capFps, int m, TuneBench bench) {
        FrameSlice frames = played.getFirst().log().all();
        double generatorMs = bench.ownCard() ? 0 : (m - 1) * bench.costMs();
        BaseFrames base = BaseFrames.of(frames, generatorMs, Double.NaN, 1000 / capFps, bench.inFlight())
                .orElseThrow();
        boolean full = bench.mode().sync() == SyncMode.FIFO
                && base.isPacedBy(bench.mode().periodMs() * m, 1000 / capFps);
        // Behind a full display the queue already holds what an image waits before it is handed on.
        Optional<double[]> waits = full
                ? StatedPath.syncWaits(frames)
                : Optional.of(played.stream()
                                .flatMapToDouble(one -> Arrays.stream(one.waitsMs()))
                                .toArray())
                        .filter(all -> all.length > 0);
        Generation generation = m == 1
                ? new Generation.None()
                : new Generation.Interpolation(
                        m, bench.costMs(), true, 0, bench.ownCard() ? bench.copyMs() : 0, 0, bench.ownCard());
        ChainModel model = new ChainModel(
                new InputDevice(0, 0),
                full ? base.heldByDisplay() : base,
                generation,
                Optional.empty(),
                Optional.empty(),
                new Screen(bench.mode(), bench.waiting(), full, 0, 1, 0, PANEL_MS, Optional.empty()),
                Map.of());
        return ChainEstimate.totalMeanMs(
                waits.map(all -> model.withMeasured(LatencyStage.SYNC, all)).orElse(model), HALF);
    }

    /// The cells in a school's order: those that pass, the best first, then those that are refused.
    ///
    /// @param school whose bounds they must keep
    public List<Ranked> ranked(School school) {
        CellClaims claims = new CellClaims(school, bench.mode().refreshHz(), unpaced());
        List<Ranked> passing = new ArrayList<>();
        List<Ranked> refused = new ArrayList<>();
        for (TuneCell cell : cells) {
            Ranked one = new Ranked(cell, claims.refusal(cell), claims.warning(cell));
            (one.refused.isEmpty() ? passing : refused).add(one);
        }
        passing.sort(Comparator.comparing((Ranked one) -> one.cell.equals(unpaced()))
                .thenComparing(one -> one.warned.isPresent())
                .thenComparing(Ranked::cell, claims.better()));
        passing.addAll(refused);
        return List.copyOf(passing);
    }

    /// Whether a cell tells the figure that a rule is held against.
    public static boolean tells(Rule rule) {
        return CellClaims.TOLD.contains(rule);
    }

    /// The native path as it is: no cap, nothing generated.
    private TuneCell unpaced() {
        return cells.stream()
                .filter(cell -> cell.multiplier() == 1 && Double.isNaN(cell.capFps()))
                .findFirst()
                .orElseThrow();
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

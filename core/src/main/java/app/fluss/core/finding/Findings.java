package app.fluss.core.finding;

import app.fluss.core.compare.RunComparison;
import app.fluss.core.frame.ImportNotes;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.latency.sound.SoundQuality;
import app.fluss.core.measure.Analysis;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.AreaSuggestion;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.vr.Reprojection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// What Fluss noticed, put together in one way for window and command line alike: of a run all that is known of
/// it, of a comparison, of a clip or of latency samples by themselves.
public final class Findings {
    private static final Set<String> OF_GENERATION = Set.of(FindingCode.BASE_LOW.id(), FindingCode.GPU_FULL.id());

    private Findings() {}

    /// The findings of a run, worst first.
    public static List<Finding> of(KnownOfRun run) {
        List<Finding> all = new ArrayList<>(RunFindings.of(run.analysis()));
        // What a compositor repeats is nothing that somebody generates.
        run.headset().ifPresent(_ -> all.removeIf(finding -> OF_GENERATION.contains(finding.code())));
        run.notes().ifPresent(notes -> all.addAll(ImportFindings.of(notes)));
        all.addAll(SensorFindings.of(run.analysis(), run.cardMemoryMb()));
        all.addAll(WaysFindings.of(run.ways()));
        all.addAll(RequirementFindings.of(run.requirements()));
        run.latency().ifPresent(seen -> all.addAll(LatencyFindings.of(seen.measured(), seen.figures(), seen.open())));
        run.unexplained().ifPresent(left -> all.addAll(UnexplainedFindings.of(left)));
        run.clip()
                .ifPresent(clip -> all.addAll(ClipFindings.of(
                        clip.count(),
                        clip.fps(),
                        run.analysis().settings().claimed().mean().orNaN())));
        run.recorded().ifPresent(seen -> {
            all.addAll(OverlayFindings.of(seen.numbers(), seen.missing()));
            all.addAll(RecordedLoads.of(run.analysis(), seen.numbers()));
        });
        run.blame().ifPresent(blame -> all.addAll(StreamFindings.of(blame.hitches(), blame.alignment())));
        run.probe().ifPresent(probe -> all.addAll(StreamFindings.of(probe.report(), probe.bufferMs())));
        run.headset()
                .ifPresent(seen ->
                        all.addAll(HeadsetFindings.of(seen, run.analysis().limits())));
        return sorted(all);
    }

    /// The findings of a comparison, worst first.
    ///
    /// @param notes what the importer met in logs that are read for it and belong to no run of a study
    /// @param assumedNative whether a log of the native side does not say which images are rendered
    public static List<Finding> of(RunComparison comparison, List<ImportNotes> notes, boolean assumedNative) {
        List<Finding> all = new ArrayList<>(ComparisonFindings.of(comparison));
        notes.forEach(one -> all.addAll(ImportFindings.of(one)));
        if (assumedNative) {
            all.add(Finding.of(FindingCode.ASSUMED_NATIVE, FindingCode.ASSUMED_NATIVE.meaning()));
        }
        return sorted(all);
    }

    /// The findings of a clip by itself, worst first.
    ///
    /// @param fps pictures a second of the clip
    /// @param claimedFps what a counter said meanwhile, /s; NaN if nothing was read
    public static List<Finding> of(PictureCount count, double fps, double claimedFps) {
        return ClipFindings.of(count, fps, claimedFps);
    }

    /// The findings of numbers that were read from a clip, worst first.
    ///
    /// @param numbers what was read, by the name of its rectangle
    /// @param missing what of the clip could not be read, in words; empty if nothing
    public static List<Finding> of(Map<String, OverlaySeries> numbers, String missing) {
        return sorted(OverlayFindings.of(numbers, missing));
    }

    /// The findings of latency samples by themselves and of the light that they were found on, worst first.
    ///
    /// @param open trials that can be read in two ways and that nobody has judged
    public static List<Finding> of(Measurement measured, LatencyFigures figures, List<Trial> open) {
        return LatencyFindings.of(measured, figures, open);
    }

    /// The finding that nobody has said where in a clip input and answer show.
    public static List<Finding> of(AreaSuggestion.Areas areas) {
        return List.of(Finding.of(
                FindingCode.AREAS_PROPOSED,
                "The input was looked for at %s and the answer at %s, which followed it %d times."
                        .formatted(areas.input().text(), areas.answer().text(), areas.answers())));
    }

    /// The findings of a sound recording of click and light by itself, worst first.
    public static List<Finding> of(SoundQuality sound) {
        return sorted(SoundFindings.of(sound));
    }

    /// The findings of a headset by itself, worst first.
    ///
    /// @param run what was shown in it
    public static List<Finding> of(Reprojection seen, Analysis run, ImportNotes notes) {
        List<Finding> all = new ArrayList<>(HeadsetFindings.of(seen, run.limits()));
        all.addAll(ImportFindings.of(notes));
        return sorted(all);
    }

    /// The findings of a stream's two logs by themselves, worst first.
    ///
    /// @param notes what the importer met in the logs
    public static List<Finding> of(KnownOfRun.Blamed blame, List<ImportNotes> notes) {
        List<Finding> all = new ArrayList<>(StreamFindings.of(blame.hitches(), blame.alignment()));
        notes.forEach(one -> all.addAll(ImportFindings.of(one)));
        return sorted(all);
    }

    /// The findings of a log on its way in, worst first.
    public static List<Finding> of(ImportNotes notes) {
        return sorted(new ArrayList<>(ImportFindings.of(notes)));
    }

    private static List<Finding> sorted(List<Finding> found) {
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }
}

package app.fluss.app.model;

import app.fluss.core.finding.Finding;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.toggle.ToggleComparison;
import app.fluss.files.known.AnalysedLatency;
import app.fluss.files.known.StreamWork;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredNumbers;
import app.fluss.files.study.StoredPictures;
import app.fluss.files.study.StoredSection;
import java.util.List;
import java.util.Optional;

/// A run and all that was worked out for it.
///
/// @param run the run
/// @param analysis its figures
/// @param findings what Fluss noticed, worst first
/// @param band its frame times, ready to draw
/// @param sections its marked stretches
/// @param sectionAnalyses the figures of each of them, in the same order
/// @param pictures a clip of its game, if one was counted
/// @param recorded the numbers on a recording of it, if they were read
/// @param ways how much of it was generated, in three ways
/// @param latency what was measured and worked out of its latency
/// @param stream what was worked out of its stream; empty without one
/// @param toggled its path against itself switched off; empty for a run on one path
/// @param noted what counters and tools said of it
/// @param headset what a headset showed of it; empty without one
public record AnalysedRun(
        Run run,
        Analysis analysis,
        List<Finding> findings,
        BandLevels band,
        List<StoredSection> sections,
        List<Analysis> sectionAnalyses,
        Optional<StoredPictures> pictures,
        Optional<StoredNumbers> recorded,
        WaysToKnow ways,
        AnalysedLatency latency,
        Optional<StreamWork> stream,
        Optional<ToggleComparison> toggled,
        NotedRun noted,
        Optional<HeadsetSeen> headset) {
    /// The images between which its path can have been switched: those of its log, else those that its clip
    /// tells apart.
    public Optional<FrameLog> images() {
        return run.hasLog() ? Optional.of(analysis.slice().log()) : pictures.flatMap(StoredPictures::images);
    }
}

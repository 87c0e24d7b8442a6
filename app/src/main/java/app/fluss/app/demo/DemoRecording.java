package app.fluss.app.demo;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.PathGuess;
import app.fluss.core.work.Progress;
import app.fluss.files.log.DifferencesFile;
import app.fluss.files.log.InputException;
import app.fluss.files.overlay.OverlayFile;
import app.fluss.files.overlay.Overlays;
import app.fluss.files.study.RecordingRecords;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.study.Taking;
import java.io.FileNotFoundException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/// A drawn recording of an invented game, with what Fluss reads of it: a counter says about twice what the
/// pictures show. `bench/demo-clip.sh` makes it.
public final class DemoRecording {
    private static final String CLIP = "recording.mp4";
    private static final String NUMBERS = "recording.json";
    private static final String PICTURES = "recording.csv";

    private static final String PATH = "driver generation 2×";
    private static final double REFRESH_HZ = 60;

    private DemoRecording() {}

    /// Puts the clip into a folder, for the analyst to try; one that is there stays.
    public static Path put(Path folder) throws IOException {
        Path clip = folder.resolve("drawn recording.mp4");
        if (!Files.exists(clip)) {
            copy(CLIP, clip);
        }
        return clip;
    }

    private static void copy(String name, Path file) throws IOException {
        try (InputStream in = DemoRecording.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new FileNotFoundException("a part of the program is missing: " + name);
            }
            Files.copy(in, file);
        }
    }

    /// Adds a run that rests on it.
    static void add(Study study, Instant at) throws StudyException, IOException, InputException {
        Path folder = Files.createTempDirectory("fluss-recording");
        Path numbers = folder.resolve(NUMBERS);
        Path pictures = folder.resolve(PICTURES);
        try {
            copy(NUMBERS, numbers);
            copy(PICTURES, pictures);
            List<RunEvidence<?>> evidence = RecordingRecords.evidence(
                    new Overlays(OverlayFile.read(numbers), DifferencesFile.read(pictures)),
                    Files.createDirectories(folder.resolve("kept")));
            study.addRun(
                    new RunDraft(
                            "Mossfall Terrace",
                            "fountain steps",
                            PATH,
                            PathGuess.of(PATH),
                            "recording",
                            true,
                            Setup.EMPTY
                                    .withNamed(Map.of("quality", "high"), FactSource.SIMULATED)
                                    .withDisplay(new DisplayMode(REFRESH_HZ, SyncMode.FIFO), FactSource.SIMULATED),
                            Double.NaN,
                            Taking.UNRECORDED.at(at.toEpochMilli())),
                    evidence,
                    Progress.NONE);
        } finally {
            try (var inside = Files.walk(folder)) {
                for (Path one : inside.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(one);
                }
            }
        }
    }
}

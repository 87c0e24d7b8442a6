package app.fluss.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.Study;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The figures of the README are those of the demo study, to the last digit.
class ReadmeFiguresTest {
    private static final Path README = Path.of("..", "README.md");
    private static final String[][] ROWS = {
        {"reed marsh loop", "engine generation 2×"},
        {"reed marsh loop", "driver generation 2×"},
        {"reed marsh loop", "second GPU 3×"},
        {"mill pond", "second GPU 4×, rough card"},
        {"harbour lap", "driver generation 2×"},
        {"arena, two rounds", "capture generation 2×"},
        {"third song", "television, game mode"},
        {"third song", "television, film mode"}
    };

    @TempDir
    Path folder;

    @Test
    void everyRowComesFromTheDemoStudy() throws Exception {
        Path file = folder.resolve("demo.fluss");
        DemoStudy.make(file);
        List<String> rows = new ArrayList<>();
        try (Study study = Study.open(file)) {
            for (String[] row : ROWS) {
                rows.add(row(study, row[0], row[1]));
            }
        }
        assertThat(Files.readAllLines(README)).containsAll(rows);
    }

    private static String row(Study study, String sceneName, String path) throws Exception {
        Scene scene = study.scenes().stream()
                .filter(one -> one.name().equals(sceneName))
                .findFirst()
                .orElseThrow();
        List<Run> natives = runs(study, scene, "native");
        List<Run> on = runs(study, scene, path);
        RunComparison compared = RunComparison.of(
                analyses(study, natives),
                analyses(study, on),
                on.getFirst().path().multiplier(),
                List.of());
        GenerationFigures generation = compared.generation();
        LatencyDifference latency = LatencyDifference.of(samples(study, natives), samples(study, on));
        return "| %s | %s | %s | %s | %s | %s | %s |"
                .formatted(
                        sceneName,
                        path,
                        text(compared.measure(Measure.PRESENTED).b(), "%.1f"),
                        text(compared.measure(Measure.DELIVERED).b(), "%.1f"),
                        text(generation.deliveredGain(), "%.2f×"),
                        text(generation.baseCost().map(share -> share * 100), "%.1f %%"),
                        text(latency.shiftMs(), "%+.1f ms"));
    }

    private static String text(Figure figure, String format) {
        return figure.isKnown() ? String.format(Locale.ROOT, format, figure.orNaN()) : "–";
    }

    private static List<Run> runs(Study study, Scene scene, String path) throws Exception {
        return study.runs().stream()
                .filter(run -> run.sceneId() == scene.id() && run.path().name().equals(path))
                .toList();
    }

    private static List<Analysis> analyses(Study study, List<Run> runs) throws Exception {
        List<Analysis> all = new ArrayList<>();
        for (Run run : runs) {
            all.add(Analysis.of(study.log(run).all(), run.settings()));
        }
        return all;
    }

    private static double[] samples(Study study, List<Run> runs) throws Exception {
        List<double[]> all = new ArrayList<>();
        for (Run run : runs) {
            study.evidence(run, EvidenceKinds.LATENCY)
                    .map(StoredLatency::samplesMs)
                    .ifPresent(all::add);
        }
        return all.stream().flatMapToDouble(Arrays::stream).toArray();
    }
}

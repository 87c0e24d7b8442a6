package app.fluss.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.GenerationIntervals;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.files.compare.Grouping;
import app.fluss.files.compare.Pair;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
        List<Run> ofScene =
                study.runs().stream().filter(run -> run.sceneId() == scene.id()).toList();
        Pair pair = Pair.of(ofScene, new Grouping.ByPath(), Optional.of("native")).stream()
                .filter(one -> one.level().equals(path))
                .findFirst()
                .orElseThrow();
        RunComparison compared =
                pair.compare(study, run -> Analysis.of(study.log(run).all(), run.settings()));
        GenerationFigures generation = compared.generation();
        GenerationIntervals intervals = compared.intervals();
        Difference latency = compared.latency().orElseThrow();
        return "| %s | %s | %s | %s | %s | %s | %s |"
                .formatted(
                        scene.name(),
                        path,
                        text(compared.measure(Measure.PRESENTED).b().mean(), "%.1f"),
                        text(compared.measure(Measure.DELIVERED).b().mean(), "%.1f"),
                        text(generation.deliveredGain(), "%.2f×") + ends(intervals.deliveredGain(), 1, "%.2f"),
                        text(generation.baseCost().map(share -> share * 100), "%.1f %%")
                                + ends(intervals.baseCost(), 100, "%.1f"),
                        text(latency.difference(), "%+.1f ms")
                                + (latency.method().isFromRunToRun() ? ends(latency.interval(), 1, "%+.1f") : ""));
    }

    private static String ends(Optional<Interval> interval, double times, String format) {
        return interval.map(one -> String.format(
                        Locale.ROOT, " (" + format + " to " + format + ")", one.low() * times, one.high() * times))
                .orElse("");
    }

    private static String text(Figure figure, String format) {
        return figure.isKnown() ? String.format(Locale.ROOT, format, figure.orNaN()) : "–";
    }
}

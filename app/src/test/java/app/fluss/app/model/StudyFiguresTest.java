package app.fluss.app.model;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.files.study.Study;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A study of version 1 opens with every figure that the program of that version worked out of it.
/// `study-1.figures` was written by that program; names and words of the two smoothing settings, what a
/// cable is assumed to carry, the range of headset predictions and whether its rows tell new images are those of today.
class StudyFiguresTest {
    @TempDir
    Path folder;

    @Test
    void everyFigureIsAsBefore() throws Exception {
        Path file = folder.resolve("demo.fluss");
        Files.copy(Path.of("../files/src/test/resources/app/fluss/files/study/study-1.fluss"), file);
        List<String> before = Files.readAllLines(Path.of("src/test/resources/app/fluss/app/model/study-1.figures"));
        try (Study study = Study.open(file)) {
            assertThat(StudyFigures.of(study)).containsExactlyInAnyOrderElementsOf(before);
        }
    }
}

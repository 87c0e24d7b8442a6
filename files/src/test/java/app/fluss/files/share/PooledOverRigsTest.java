package app.fluss.files.share;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.compare.OverRigs;
import app.fluss.core.work.Progress;
import app.fluss.files.report.VerdictJson;
import app.fluss.files.study.Study;
import app.fluss.files.verdict.GameVerdicts;
import app.fluss.files.verdict.PooledOverRigs;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// One path of one game, measured by several analysts: rig by rig, never mixed, and pooled from three on.
class PooledOverRigsTest {
    @TempDir
    private Path folder;

    private Path study(String name, String rig) throws Exception {
        Path file = folder.resolve(name + ".fluss");
        try (Study study = Study.open(file)) {
            new WrittenBench(folder).addGame(study, "Reedlight", "weir run", "driver generation 2×", 3, rig);
        }
        return file;
    }

    @Test
    void studiesTakenInArePooledRigByRig() throws Exception {
        Path ours = study("ours", "desk");
        try (Study study = Study.open(ours)) {
            study.takeIn(study("noor", "desk"), "Noor");
            List<PooledOverRigs> two = PooledOverRigs.of(verdicts(study).cases());
            assertThat(two).singleElement().satisfies(path -> {
                assertThat(path.gain().rigs()).extracting(OverRigs.OfRig::rig).containsExactly("desk", "desk (Noor)");
                assertThat(path.gain().ratio().isKnown()).as("two are listed").isFalse();
            });
            study.takeIn(study("ilse", ""), "Ilse");
            OverRigs three =
                    PooledOverRigs.of(verdicts(study).cases()).getFirst().gain();
            assertThat(three.rigs()).hasSize(3);
            // Two images every 13 ms against one every 12.5 ms, each with a rare long frame: 1.92.
            assertThat(three.ratio().orNaN()).isBetween(1.90, 1.95);
            assertThat(three.interval().orElseThrow().contains(1.923)).isTrue();
            assertThat(VerdictJson.of(List.of(verdicts(study)))
                            .at("/games/Reedlight/over_rigs/driver generation 2×/rigs")
                            .size())
                    .isEqualTo(3);
        }
    }

    /// The native runs of one rig are never the baseline beside the path of another.
    @Test
    void eachRigStandsBesideItsOwnNativeRuns() throws Exception {
        try (Study study = Study.open(study("ours", "desk"))) {
            study.takeIn(study("noor", "desk"), "Noor");
            Report report = Report.of(study, ReportWish.ALL, "9.9", LocalDate.of(2026, 11, 28), Progress.NONE);
            assertThat(report.figures().rows().stream()
                            .filter(row -> row.get(3).isEmpty() && row.get(4).equals("delivered"))
                            .map(row -> row.get(2)))
                    .containsExactlyInAnyOrder(
                            "native, on desk",
                            "driver generation 2×, on desk",
                            "native, on desk (Noor)",
                            "driver generation 2×, on desk (Noor)");
            assertThat(ReportHtml.of(report)).contains("Over rigs", "it takes 3 rigs");
        }
    }

    private static GameVerdicts verdicts(Study study) throws Exception {
        return GameVerdicts.of(study, Optional.empty(), Optional.empty()).getFirst();
    }
}

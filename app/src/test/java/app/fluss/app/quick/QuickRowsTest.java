package app.fluss.app.quick;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.reading.QuickRow;
import app.fluss.files.study.DeliveryPath;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class QuickRowsTest {
    private static QuickRows rows(String... paths) {
        return QuickRows.of(Stream.of(paths)
                .map(path -> new QuickRow("Reedlight", "pier", path, "60", "", "", "", "", false, "", ""))
                .toList());
    }

    @Test
    void pathsThatAreOneByTheirStagesAndTwoByTheirNamesAreSaid() {
        assertThat(rows("native", "second GPU 2x", "2nd GPU x2", "second GPU 3x")
                        .alike(List.of()))
                .contains(new QuickRows.Alike("second GPU 2x", "2nd GPU x2"));
        assertThat(rows("native", "second GPU 2x", "second GPU 2x", "second GPU 3x")
                        .alike(List.of()))
                .isEmpty();
    }

    @Test
    void onePathOfTheStudyMayBeAsAnother() {
        DeliveryPath quiet = new DeliveryPath(1, "quiet", Chain.of(StageKind.DRIVER_GENERATION));
        DeliveryPath loud = new DeliveryPath(2, "loud", Chain.of(StageKind.DRIVER_GENERATION));
        assertThat(rows("quiet", "loud").alike(List.of(quiet, loud))).isEmpty();
        assertThat(rows("driver generation").alike(List.of(quiet)))
                .contains(new QuickRows.Alike("quiet", "driver generation"));
    }
}

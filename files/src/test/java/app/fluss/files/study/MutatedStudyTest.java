package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MutatedStudyTest {
    @TempDir
    Path folder;

    @Test
    void aDamagedStudyOpensOrIsRefusedInWords() throws Exception {
        MutationCampaign.Result result = MutationCampaign.run(folder, 600, 20_261_127);
        assertThat(result.refused()).isPositive();
        assertThat(result.unreadable()).isPositive();
        assertThat(result.clean()).isPositive();
    }
}

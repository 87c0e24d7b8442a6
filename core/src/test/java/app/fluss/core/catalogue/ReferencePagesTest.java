package app.fluss.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Described;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReferencePagesTest {
    @ParameterizedTest
    @CsvSource({"measures", "findings"})
    void thePagesInTheDocsAreThoseOfTheLists(String page) throws Exception {
        String made = page.equals("measures") ? ReferencePages.measures() : ReferencePages.findings();
        assertThat(Path.of("../docs", page + ".md"))
                .as("make it anew: ./fluss reference %s > docs/%s.md", page, page)
                .hasContent(made);
        assertThat(Files.readString(Path.of("../docs", page + ".md"))).isEqualTo(made);
    }

    /// What is told apart by name must be told apart.
    @Test
    void noTwoFiguresOfAResultHaveTheSameNameOrPlace() {
        for (Catalogue.Family family : Catalogue.FAMILIES) {
            assertThat(family.figures())
                    .extracting(Described::title)
                    .as(family.title())
                    .doesNotHaveDuplicates();
            assertThat(family.figures().stream()
                            .map(figure -> figure.description().json())
                            .filter(json -> !json.isEmpty()))
                    .as(family.title())
                    .doesNotHaveDuplicates();
            assertThat(family.figures())
                    .allSatisfy(figure -> assertThat(figure.description().definition())
                            .isNotBlank()
                            .endsWith("."));
        }
    }
}

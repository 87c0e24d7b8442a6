package app.fluss.files.draw;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class EmblemTest {
    private static final Path SHIPPED = Path.of("../launch/fluss.svg");

    /// The icon of the installed program is the one of the window. Where the emblem was changed, the file
    /// is written anew by setting the property.
    @Test
    void theShippedIconIsTheEmblem() throws Exception {
        String drawn = new Picture(
                        "Fluss",
                        "Three threads of a weave, the middle one off beat",
                        Emblem.SIZE,
                        Emblem.SIZE,
                        1,
                        Numbers.NEUTRAL,
                        (pen, _, _) -> Emblem.draw(pen))
                .svg(Palette.DARK);
        if (Boolean.getBoolean("fluss.write")) {
            Files.writeString(SHIPPED, drawn);
        }
        assertThat(SHIPPED).hasContent(drawn);
    }
}

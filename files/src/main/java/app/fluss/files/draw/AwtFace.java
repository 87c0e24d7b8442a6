package app.fluss.files.draw;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.IOException;
import java.io.InputStream;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;

/// The text face as the platform's two-dimensional graphics have it.
final class AwtFace {
    /// How text is measured where no screen is asked.
    static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private static final Map<TextFace.Weight, Font> FACES = new EnumMap<>(TextFace.Weight.class);

    static {
        for (TextFace.Weight weight : TextFace.Weight.values()) {
            FACES.put(weight, read(weight));
        }
    }

    private AwtFace() {}

    private static Font read(TextFace.Weight weight) {
        try (InputStream in = TextFace.open(weight)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException | FontFormatException e) {
            throw new IllegalStateException("the text face cannot be read", e);
        }
    }

    static Font of(TextFace.Weight weight) {
        return Objects.requireNonNull(FACES.get(weight));
    }
}

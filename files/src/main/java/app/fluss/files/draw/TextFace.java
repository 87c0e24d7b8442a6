package app.fluss.files.draw;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Objects;
import java.util.Set;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TTFSubsetter;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/// The text face, Hanken Grotesk; its figures are all of one width. SIL Open Font License.
public final class TextFace {
    /// Its name.
    public static final String NAME = "Hanken Grotesk";

    private TextFace() {}

    /// How heavy its strokes are.
    public enum Weight {
        /// For text.
        REGULAR(400, "400Regular"),
        /// For titles and figures.
        SEMI_BOLD(600, "600SemiBold");

        private final int number;
        private final String file;

        Weight(int number, String file) {
            this.number = number;
            this.file = file;
        }

        /// As style sheets count it.
        public int number() {
            return number;
        }
    }

    /// The face as a TrueType file.
    public static InputStream open(Weight weight) {
        return Objects.requireNonNull(
                TextFace.class.getResourceAsStream("HankenGrotesk_%s.ttf".formatted(weight.file)));
    }

    /// The same, read.
    public static byte[] bytes(Weight weight) {
        try (InputStream in = open(weight)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// A face with some of its letters only, to be carried within a file.
    ///
    /// @param letters code points; those that the face does not have are left out
    /// @return a TrueType file in base 64
    public static String subset(Weight weight, Set<Integer> letters) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (TrueTypeFont face = new TTFParser().parse(new RandomAccessReadBuffer(bytes(weight)))) {
            TTFSubsetter subset = new TTFSubsetter(face);
            letters.forEach(subset::add);
            subset.writeToStream(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Base64.getEncoder().encodeToString(out.toByteArray());
    }
}

package app.fluss.files.overlay;

import static org.bytedeco.tesseract.global.tesseract.OEM_LSTM_ONLY;
import static org.bytedeco.tesseract.global.tesseract.PSM_SINGLE_CHAR;
import static org.bytedeco.tesseract.global.tesseract.PSM_SINGLE_LINE;

import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.util.zip.GZIPInputStream;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.tesseract.TessBaseAPI;

/// Recognises characters in a process of its own, which a picture made to do harm may end: the window lives on.
/// It is spoken to by its standard input and output.
///
/// First it writes [#READY]. Then, for each layout, width, height and picture that it reads, it writes what the
/// picture says. It ends when its input does.
final class GlyphEngine {
    static final int READY = 0x464C4F43;
    static final byte LINE = 0;
    static final byte NUMBERS = 1;
    static final byte GLYPH = 2;
    static final int MOST_PX = 1 << 22;
    static final String DATA = "eng.traineddata.gz";

    private static final String FIGURES = "0123456789.,:%-";
    private static final int DOTS_AN_INCH = 70;

    private GlyphEngine() {}

    /// Recognises.
    ///
    /// @param arguments none
    public static void main(String[] arguments) throws IOException {
        DataOutputStream out = new DataOutputStream(new BufferedOutputStream(System.out));
        byte[] unpacked = data();
        try (TessBaseAPI engine = new TessBaseAPI();
                BytePointer data = new BytePointer(unpacked);
                BytePointer language = new BytePointer("eng")) {
            int begun = engine.Init(
                    data, unpacked.length, language, OEM_LSTM_ONLY, (BytePointer) null, 0, null, null, false, null);
            if (begun != 0) {
                throw new IOException("the data of the engine cannot be used");
            }
            out.writeInt(READY);
            out.flush();
            answer(engine, new DataInputStream(System.in), out);
        }
    }

    private static byte[] data() throws IOException {
        try (InputStream packed = GlyphEngine.class.getResourceAsStream(DATA)) {
            if (packed == null) {
                throw new IOException("the data of the engine is missing");
            }
            return new GZIPInputStream(packed).readAllBytes();
        }
    }

    private static void answer(TessBaseAPI engine, DataInputStream in, DataOutputStream out) throws IOException {
        while (true) {
            byte layout;
            try {
                layout = in.readByte();
            } catch (EOFException e) {
                return;
            }
            int width = in.readInt();
            int height = in.readInt();
            byte[] grey = new byte[width * height];
            in.readFully(grey);
            engine.SetPageSegMode(layout == GLYPH ? PSM_SINGLE_CHAR : PSM_SINGLE_LINE);
            engine.SetVariable("tessedit_char_whitelist", layout == NUMBERS ? FIGURES : "");
            engine.SetImage(grey, width, height, 1, width);
            engine.SetSourceResolution(DOTS_AN_INCH);
            try (BytePointer text = engine.GetUTF8Text()) {
                out.writeUTF(text == null ? "" : text.getString().strip());
            }
            out.flush();
        }
    }
}

package app.fluss.files.overlay;

import app.fluss.core.overlay.GlyphNamer;
import app.fluss.files.clip.OwnProcess;
import java.io.BufferedOutputStream;
import java.io.Closeable;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.concurrent.ScheduledFuture;

/// The recognition engine in its own process. Where it cannot be started, or ends, it names nothing: classes
/// then wait for the analyst. Must be closed. Not safe for threads.
public final class EngineNamer implements GlyphNamer, Closeable {
    private final OwnProcess process;
    private final DataInputStream from;
    private final DataOutputStream to;
    private boolean ended;

    private EngineNamer(OwnProcess process) {
        this.process = process;
        from = process.from();
        to = new DataOutputStream(new BufferedOutputStream(process.to(), 1 << 16));
    }

    /// Starts the engine.
    public static EngineNamer start() {
        try {
            OwnProcess process = OwnProcess.start(
                    "app.fluss.files.overlay.GlyphEngine",
                    List.of(
                            "org.bytedeco.tesseract.TessBaseAPI",
                            "org.bytedeco.leptonica.PIX",
                            "org.bytedeco.javacpp.Loader"),
                    List.of());
            EngineNamer namer = new EngineNamer(process);
            namer.expectReady();
            return namer;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void expectReady() {
        ScheduledFuture<?> patience = process.patience();
        try {
            ended = from.readInt() != GlyphEngine.READY;
        } catch (IOException e) {
            ended = true;
        } finally {
            patience.cancel(false);
        }
    }

    /// Whether the engine runs.
    public boolean isRunning() {
        return !ended;
    }

    @Override
    public String read(byte[] grey, int width, int height, Layout layout) {
        if (ended || (long) width * height > GlyphEngine.MOST_PX) {
            return "";
        }
        ScheduledFuture<?> patience = process.patience();
        try {
            to.writeByte(
                    switch (layout) {
                        case LINE -> GlyphEngine.LINE;
                        case NUMBERS -> GlyphEngine.NUMBERS;
                        case GLYPH -> GlyphEngine.GLYPH;
                    });
            to.writeInt(width);
            to.writeInt(height);
            to.write(grey, 0, width * height);
            to.flush();
            return from.readUTF();
        } catch (IOException e) {
            ended = true;
            return "";
        } finally {
            patience.cancel(false);
        }
    }

    @Override
    public void close() {
        process.close();
    }
}

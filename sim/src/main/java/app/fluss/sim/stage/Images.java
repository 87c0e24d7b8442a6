package app.fluss.sim.stage;

import app.fluss.core.frame.FrameKind;
import java.util.Arrays;

/// Images in the order they were handed on, in columns.
///
/// An image shows the state of frame `before` turned into that of frame `frame` to a share `phase`: a rendered
/// image has phase 1.
public final class Images {
    double[] present = new double[Columns.FIRST];
    double[] displayed = new double[Columns.FIRST];
    double[] content = new double[Columns.FIRST];
    double[] phase = new double[Columns.FIRST];
    int[] before = new int[Columns.FIRST];
    int[] frame = new int[Columns.FIRST];
    byte[] kinds = new byte[Columns.FIRST];
    int size;

    void add(FrameKind kind, double presentMs, double contentMs, int from, int to, double share) {
        if (size == present.length) {
            present = Columns.longer(present);
            displayed = Columns.longer(displayed);
            content = Columns.longer(content);
            phase = Columns.longer(phase);
            before = Columns.longer(before);
            frame = Columns.longer(frame);
            kinds = Columns.longer(kinds);
        }
        present[size] = presentMs;
        displayed[size] = Double.NaN;
        content[size] = contentMs;
        before[size] = from;
        frame[size] = to;
        phase[size] = share;
        kinds[size++] = kind.code();
    }

    /// Number of images.
    public int size() {
        return size;
    }

    /// When an image was handed on, ms.
    public double presentMs(int image) {
        return present[image];
    }

    /// When an image was first shown, ms; NaN if it never was.
    public double displayedMs(int image) {
        return displayed[image];
    }

    /// The game time that an image depicts, ms.
    public double contentMs(int image) {
        return content[image];
    }

    /// The newest frame whose state an image shows at least in part.
    public int frame(int image) {
        return frame[image];
    }

    /// The frame that an image starts from.
    public int before(int image) {
        return before[image];
    }

    /// How far an image has come from the one to the other, 0 to 1.
    public double phase(int image) {
        return phase[image];
    }

    /// Whether an image is a rendered one.
    public boolean isRendered(int image) {
        return kinds[image] == FrameKind.RENDERED.code();
    }

    /// A copy of the hand-over times, ms.
    public double[] present() {
        return Arrays.copyOf(present, size);
    }

    /// A copy of the display times, ms.
    public double[] displayed() {
        return Arrays.copyOf(displayed, size);
    }

    /// A copy of the game times, ms.
    public double[] content() {
        return Arrays.copyOf(content, size);
    }

    /// A copy of the kinds, by their codes.
    public byte[] kinds() {
        return Arrays.copyOf(kinds, size);
    }
}

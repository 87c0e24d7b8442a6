package app.fluss.sim.stage;

/// Every rendered frame of a run, in columns. What happens before time 0 is warm-up: queues and pacing settle,
/// as in a game that is already running.
public final class Frames {
    private double[] start = new double[Columns.FIRST];
    private double[] cpu = new double[Columns.FIRST];
    private double[] gpu = new double[Columns.FIRST];
    private double[] done = new double[Columns.FIRST];
    private int size;

    void add(Frame frame) {
        if (size == start.length) {
            start = Columns.longer(start);
            cpu = Columns.longer(cpu);
            gpu = Columns.longer(gpu);
            done = Columns.longer(done);
        }
        start[size] = frame.startMs;
        cpu[size] = frame.cpuMs;
        gpu[size] = frame.gpuMs;
        done[size++] = frame.doneMs;
    }

    /// Number of frames, warm-up included.
    public int size() {
        return size;
    }

    /// The first frame that was finished after the warm-up.
    public int first() {
        int low = 0;
        int high = size;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (done[middle] < 0) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /// The first frame that starts at or after a time; [#size()] if none does.
    public int startingAfter(double ms) {
        int low = 0;
        int high = size;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (start[middle] < ms) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /// When a frame started, ms.
    public double startMs(int frame) {
        return start[frame];
    }

    /// CPU work of a frame, ms.
    public double cpuMs(int frame) {
        return cpu[frame];
    }

    /// GPU work of a frame, ms.
    public double gpuMs(int frame) {
        return gpu[frame];
    }

    /// When a frame was finished, ms.
    public double doneMs(int frame) {
        return done[frame];
    }
}

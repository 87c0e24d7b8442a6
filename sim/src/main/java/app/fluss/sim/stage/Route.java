package app.fluss.sim.stage;

import app.fluss.sim.scenario.SceneSection;
import java.util.List;

/// Where in the scene a run is. Asked for times that never go back.
final class Route {
    private final double[] endMs;
    private final double[] cpu;
    private final double[] gpu;
    private int at;

    Route(List<SceneSection> sections, double runMs) {
        int n = Math.max(1, sections.size());
        endMs = new double[n];
        cpu = new double[n];
        gpu = new double[n];
        double all = sections.stream().mapToDouble(SceneSection::share).sum();
        double end = 0;
        for (int i = 0; i < sections.size(); i++) {
            end += sections.get(i).share() / all * runMs;
            endMs[i] = end;
            cpu[i] = sections.get(i).cpuFactor();
            gpu[i] = sections.get(i).gpuFactor();
        }
        if (sections.isEmpty()) {
            cpu[0] = 1;
            gpu[0] = 1;
        }
    }

    void moveTo(double ms) {
        while (at < endMs.length - 1 && ms >= endMs[at]) {
            at++;
        }
    }

    double cpuFactor() {
        return cpu[at];
    }

    double gpuFactor() {
        return gpu[at];
    }
}

package app.fluss.devices.probe;

import app.fluss.core.stream.TrafficShape;

/// What a probe is to send, within what a probe may.
///
/// @param shape of the traffic from host to client
/// @param seconds how long, s, 1 to 60
public record ProbePlan(TrafficShape shape, double seconds) {
    /// Most that a probe sends, Mbit/s: {@value}.
    public static final double MOST_MBPS = 500;

    /// Longest that a probe lasts, s: {@value}.
    public static final double LONGEST_S = 60;

    /// Most images a second: {@value}.
    public static final double MOST_FPS = 500;

    /// Slowest rate of images, /s: {@value}.
    public static final double FEWEST_FPS = 1;

    /// @throws IllegalArgumentException outside the ranges, with words for the user
    public ProbePlan {
        if (!(seconds >= 1 && seconds <= LONGEST_S)) {
            throw new IllegalArgumentException("a probe lasts 1 to %.0f s, got %s".formatted(LONGEST_S, seconds));
        }
        if (!(shape.bitRateMbps() <= MOST_MBPS)) {
            throw new IllegalArgumentException(
                    "a probe sends %.0f Mbit/s at most, got %s".formatted(MOST_MBPS, shape.bitRateMbps()));
        }
        if (!(shape.fps() >= FEWEST_FPS && shape.fps() <= MOST_FPS)) {
            throw new IllegalArgumentException(
                    "a probe sends %.0f to %.0f images/s, got %s".formatted(FEWEST_FPS, MOST_FPS, shape.fps()));
        }
    }

    /// Images that it sends.
    public int images() {
        return (int) Math.max(1, Math.floor(seconds * shape.fps()));
    }

    /// Packets that it sends.
    int packets() {
        return Math.toIntExact(shape.firstPacket(images()));
    }
}

#!/usr/bin/env python3
"""Writes a log of ROWS made-up frames with our own header: make-log.py ROWS FILE. The same rows every time."""
import random
import sys

rows, path = int(sys.argv[1]), sys.argv[2]
rng = random.Random(20260101)
t = 1000.0
c = 500.0
with open(path, "w", buffering=1 << 20) as out:
    out.write("present_ms,displayed_ms,content_ms,cpu_ms,gpu_ms,kind\n")
    block = []
    for i in range(rows):
        f = 8.3 + rng.gauss(0, 0.6) + (25 if rng.random() < 0.001 else 0)
        t += max(f, 0.5)
        c += 8.33
        if i % 2 == 0:
            block.append(f"{t:.4f},{t + 6.1:.4f},{c:.4f},{4 + rng.random():.4f},{12 + rng.random():.4f},rendered\n")
        else:
            block.append(f"{t:.4f},{t + 6.2:.4f},{c:.4f},,,generated\n")
        if len(block) == 20000:
            out.write("".join(block))
            block.clear()
    out.write("".join(block))

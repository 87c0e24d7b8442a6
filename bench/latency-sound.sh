#!/usr/bin/env bash
# Times fluss latency on ten minutes of simulated sound at 48 kHz with backlight ripple and noise.
set -euo pipefail
home=$(cd "$(dirname "$0")/.." && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
cat > "$work/ten-minutes.json" <<'JSON'
{"name": "ten minutes", "about": "clicks", "seed": 1, "duration_s": 600,
 "game": {"cpu": {"median_ms": 4}, "gpu": {"median_ms": 9}},
 "display": {"refresh_hz": 144, "sync": "vrr", "ripple_share": 0.1, "ripple_hz": 240},
 "clicks": {"every_ms": 700, "polling_ms": 1, "device_ms": 1, "sensor_hz": 4000, "noise": 0.02, "height": 0.5}}
JSON
"$home/fluss" simulate "$work/ten-minutes.json" --out "$work/out" > "$work/log"
for _ in 1 2 3; do
  /usr/bin/time -f "%e s, %M KiB at the most" "$home/fluss" latency "$work/out/clicks.wav" --json > "$work/result"
done

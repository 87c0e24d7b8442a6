#!/usr/bin/env bash
# Times `fluss overlay` of a clip of 1280 x 720 at 60 pictures/s with two numbers, one that changes every 0.25 s and one every
# second: time, share of the clip's own time, memory of all its processes; and how long after it is stopped, in the middle of
# another reading, the last of its processes has ended. Argument: seconds of the clip. Needs ffmpeg.
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
seconds=${1:-600}
command -v ffmpeg >/dev/null || { echo "overlay-clip: ffmpeg is not installed; skipped." >&2; exit 0; }
folder=$(mktemp -d)
trap 'rm -rf "$folder"' EXIT
font=$home/files/src/test/resources/app/fluss/files/overlay/DMMono_400Regular.ttf
plate="drawbox=x=14:y=14:w=120:h=70:color=black@0.6:t=fill"
rate="drawtext=fontfile=$font:fontsize=24:fontcolor=white:x=24:y=22:text='%{eif\:mod(floor(t*4)*37\,90)+50\:d}'"
load="drawtext=fontfile=$font:fontsize=24:fontcolor=white:x=24:y=52:text='%{eif\:mod(floor(t)*29\,50)+50\:d}'"
ffmpeg -y -loglevel error -f lavfi -i "testsrc2=size=1280x720:rate=60:duration=$seconds" -vf "$plate,$rate,$load" \
  -c:v libx264 -preset ultrafast -crf 23 -pix_fmt yuv420p "$folder/clip.mp4"
"$home/fluss" overlay --help >/dev/null
start=$(date +%s%N)
"$home/fluss" overlay "$folder/clip.mp4" --area rate=18,16,70,30 --area gpu_load=18,46,70,30 &
pid=$!
most=0
while kill -0 $pid 2>/dev/null; do
  now=$(for one in $pid $(pgrep -P $pid || true); do awk '/VmRSS/ {print $2}' "/proc/$one/status" 2>/dev/null || true; done |
    awk '{s += $1} END {print s + 0}')
  [ "$now" -le "$most" ] || most=$now
  sleep 0.5
done
wait $pid
awk -v ns=$(($(date +%s%N) - start)) -v kb="$most" -v s="$seconds" \
  'BEGIN {printf "%.1f s for %d s of clip (%.2f of its own time), %.0f MB\n", ns / 1e9, s, ns / 1e9 / s, kb / 1024}'

# As a key does it: under job control a command in the background has a group of its own, all of which is interrupted.
set -m
"$home/fluss" overlay "$folder/clip.mp4" --area rate=18,16,70,30 --area gpu_load=18,46,70,30 >/dev/null 2>&1 &
pid=$!
set +m
sleep $((seconds / 20 + 4))
processes=$(pgrep -g $pid | tr '\n' ' ')
start=$(date +%s%N)
kill -INT -- -$pid
for one in $processes; do
  # One that has ended stays in the table until the system collects it, which may take seconds.
  while grep -qs '^State:.[^Z]' "/proc/$one/status"; do sleep 0.01; done
done
awk -v ns=$(($(date +%s%N) - start)) -v n="$(wc -w <<<"$processes")" 'BEGIN {printf "stopped: %d processes ended after %.2f s\n", n, ns / 1e9}'

#!/usr/bin/env bash
# One table of what the goals of speed ask, against peers and yardsticks: bench/run-all.sh [ROWS]. Whole processes, medians of
# five, Fluss and the peer in turns. Peers that are not installed are skipped. Kept in bench/RESULTS.md with machine and date.
set -euo pipefail
home=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
rows=${1:-5000000}
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
jdk=$("$home/fluss" jdk)
log=$work/long.csv
python3 "$home/bench/make-log.py" "$rows" "$log"
head -1001 "$log" >"$work/short.csv"
"$jdk/bin/javac" -d "$work" "$home/bench/ByteScan.java"
"$home/fluss" analyze "$work/short.csv" >/dev/null 2>&1

scan() { "$jdk/bin/java" -XX:+UseSerialGC -cp "$work" ByteScan "$log"; }
pandas() { python3 "$home/bench/peer-pandas.py" "$1"; }
fluss() { "$home/fluss" analyze "$1" --refresh 144 --sync vrr --json; }

# Medians of five runs of two commands in turns, ms.
ours=0
theirs=0
pair() {
  local first=() second=() one=$1 other=$2 start
  for _ in 1 2 3 4 5; do
    start=$(date +%s%N); $one >/dev/null 2>&1; first+=($((($(date +%s%N) - start) / 1000000)))
    start=$(date +%s%N); $other >/dev/null 2>&1; second+=($((($(date +%s%N) - start) / 1000000)))
  done
  ours=$(printf '%s\n' "${first[@]}" | sort -n | sed -n 3p)
  theirs=$(printf '%s\n' "${second[@]}" | sort -n | sed -n 3p)
}

row() { awk -v name="$1" -v a="$2" -v peer="$3" -v b="$4" -v goal="$5" 'BEGIN {
  printf "| %s | %.2f s | %s %.2f s | %.2f | %s |\n", name, a / 1000, peer, b / 1000, a / b, goal }'; }

printf '%s, %s cores, %s; %s\n\n' "$(uname -sm)" "$(nproc)" \
  "$(sed -n 's/^JAVA_RUNTIME_VERSION="\(.*\)"/Java \1/p' "$jdk/release")" "$(date +%F)"
printf '| what | Fluss | against | ratio | goal |\n| --- | --- | --- | --- | --- |\n'
million=$(awk -v r="$rows" 'BEGIN { printf "%g million rows", r / 1e6 }')
pair "fluss $log" scan
row "$million, all figures" "$ours" "scan of every decimal" "$theirs" "≤ 3"
if python3 -c 'import pandas' 2>/dev/null; then
  pair "fluss $log" "pandas $log"
  row "$million, all figures" "$ours" pandas "$theirs" "≤ 0.25"
  pair "fluss $work/short.csv" "pandas $work/short.csv"
  row "1,000 rows" "$ours" pandas "$theirs" "≤ 0.45 s"
fi
peak=$({ /usr/bin/time -f %M "$home/fluss" analyze "$log" --refresh 144 --sync vrr --json >/dev/null; } 2>&1 | tail -1)
awk -v kb="$peak" -v rows="$rows" 'BEGIN {
  printf "| %g million rows, memory at the most | %.0f MB | their columns %.0f MB | %.1f | ≤ 600 MB |\n", rows / 1e6, kb / 1024, rows * 41 / 1e6, kb * 1024 / (rows * 41) }'

"$home/bench/latency-sound.sh" 2>&1 | sort -n | sed -n '2s/^\(.*\) s, \(.*\) KiB.*/\1 \2/p' | awk '{
  printf "| ten minutes of sound, latency | %.2f s | its own time 600 s | %.4f | |\n", $1, $1 / 600 }'
"$home/bench/window-start.sh" 2>/dev/null | awk '
  /^empty/ { e = $4 } /^demo.*later/ { first = $5 } /^500/ { opened = $9 - $5 } END {
  if (e) printf "| first window with the demo study | %.2f s | empty window %.2f s | %.2f | ≤ 1.6 |\n", first / 1000, e / 1000, first / e
  if (opened) printf "| a study of 500 runs, from the first window until its runs are shown | %.2f s | | | ≤ 2 s |\n", opened / 1000 }'

#!/usr/bin/env bash
# Times `fluss analyze` with all figures against a plain byte scan and, where they are installed, pandas and numpy.
# bench/compare-peers.sh [ROWS]; whole processes, median of five.
set -euo pipefail
home=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
rows=${1:-5000000}
log=${TMPDIR:-/tmp}/fluss-bench-$rows.csv
[ -s "$log" ] || python3 "$home/bench/make-log.py" "$rows" "$log"
"$home/fluss" --version >/dev/null
java=$(for j in "${JAVA_HOME:-}" /usr/lib/jvm/*; do [ -r "$j/release" ] && grep -q '^JAVA_VERSION="25' "$j/release" && echo "$j/bin/java" && break; done)

median() { # name command...
  local name=$1 times=() start end
  shift
  for _ in 1 2 3 4 5; do
    start=$(date +%s%N)
    "$@" >/dev/null
    end=$(date +%s%N)
    times+=($(((end - start) / 1000000)))
  done
  printf '%-28s %6d ms\n' "$name" "$(printf '%s\n' "${times[@]}" | sort -n | sed -n 3p)"
}

printf '%s rows, %s bytes\n' "$rows" "$(stat -c %s "$log")"
classes=$(mktemp -d)
trap 'rm -rf "$classes"' EXIT
"${java}c" -d "$classes" "$home/bench/ByteScan.java"
median "byte scan in Java" "$java" -XX:+UseSerialGC -cp "$classes" ByteScan "$log"
median "fluss analyze" "$home/fluss" analyze "$log" --refresh 144 --sync vrr --json
for peer in pandas numpy; do
  if python3 -c "import $peer" 2>/dev/null; then
    median "$peer" python3 "$home/bench/peer-$peer.py" "$log"
  else
    printf '%-28s not installed, skipped\n' "$peer"
  fi
done
head -1001 "$log" >"$log.short"
median "fluss analyze, 1,000 rows" "$home/fluss" analyze "$log.short" --refresh 144 --sync vrr --json
rm -f "$log.short"

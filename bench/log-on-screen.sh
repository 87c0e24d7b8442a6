#!/usr/bin/env bash
# Times a log of a million rows from its drop on the window until its figures are shown: bench/log-on-screen.sh [ROWS]. Three
# starts that reuse what one before left behind, as the launcher sees to. On a built checkout. Needs a display, or Xvfb.
set -euo pipefail
home=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
jdk=$("$home/fluss" jdk)
. "$home/bench/display.sh"
work=$(mktemp -d)
libraries=$(printf '%s:' "$home"/app/target/fluss-app.jar "$home"/app/target/lib/*.jar)
python3 "$home/bench/make-log.py" "${1:-1000000}" "$work/log.csv"
"$jdk/bin/javac" -d "$work" -cp "$libraries" "$home/bench/LogOnScreen.java"
"$jdk/bin/jar" --create --file "$work/bench.jar" -C "$work" app
job=(-XX:+UseSerialGC -Xmx3g --enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow
  -cp "$work/bench.jar:$libraries" app.fluss.app.LogOnScreen "$work/log.csv")
"$jdk/bin/java" -XX:AOTCacheOutput="$work/cache" "${job[@]}" >/dev/null 2>&1
for _ in 1 2 3; do "$jdk/bin/java" -XX:AOTCache="$work/cache" "${job[@]}" 2>/dev/null; done
rm -r "$work"

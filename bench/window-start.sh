#!/usr/bin/env bash
# Times the first window with the demo study, and with a study of 500 runs, against an empty JavaFX window, from the start of the
# process until it has been drawn; of those with a study also until its runs are shown. bench/window-start.sh; medians of
# seven. Needs a display, or Xvfb.
set -euo pipefail
home=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
"$home/fluss" demo --picture /dev/null 2>/dev/null
java=$("$home/fluss" jdk)/bin/java
. "$home/bench/display.sh"
classes=$(mktemp -d)
"${java}c" -d "$classes" -p "$home/app/target/lib" --add-modules javafx.controls "$home/bench/WindowStart.java"
"${java%java}jar" --create --file "$classes/start.jar" -C "$classes" .
options=(-XX:+UseSerialGC -Xmx3g --enable-native-access=javafx.graphics,org.xerial.sqlitejdbc,com.github.luben.zstd_jni
  --sun-misc-unsafe-memory-access=allow -cp "$classes/start.jar")

median() { # name command...
  local name=$1 times=()
  shift
  for _ in 1 2 3 4 5 6 7; do times+=("$("$@" 2>/dev/null)"); done
  printf '%-34s %6d ms' "$name" "$(printf '%s\n' "${times[@]}" | cut -d ' ' -f 1 | sort -n | sed -n 4p)"
  case "${times[0]}" in *\ *) printf ', runs shown %6d ms' "$(printf '%s\n' "${times[@]}" | cut -d ' ' -f 2 | sort -n | sed -n 4p)" ;; esac
  printf '\n'
}

path=$home/app/target/fluss-app.jar:$home/app/target/lib
FLUSS_TEST_HEAP=1g "$home/bench/run-test-class.sh" app.fluss.files.study.ManyRuns "$classes/many.fluss" 500
median "empty JavaFX window" "$java" "${options[@]}" -p "$home/app/target/lib" --add-modules javafx.controls WindowStart
window=(-p "$path" --add-modules app.fluss.app --add-exports app.fluss.app/app.fluss.app=ALL-UNNAMED WindowStart app.fluss.app.FlussApp)
demo=("${window[@]}" demo --from "$home/target/kept/demo.fluss")
median "demo study, first start" "$java" "${options[@]}" "${demo[@]}"
# Later starts reuse what a tour through all screens left behind, as the launcher sees to.
tour=("${window[@]}" tour --from "$home/target/kept/demo.fluss")
"$java" -XX:AOTMode=record -XX:AOTConfiguration="$classes/record" "-Xlog:aot*=off" "${options[@]}" "${tour[@]}" >/dev/null 2>&1
"$java" -XX:AOTMode=create -XX:AOTConfiguration="$classes/record" -XX:AOTCache="$classes/cache" "${options[@]}" "${tour[@]}" >/dev/null 2>&1
median "demo study, later starts" "$java" -XX:AOTCache="$classes/cache" "-Xlog:aot*=off" "${options[@]}" "${demo[@]}"
median "500 runs, later starts" "$java" -XX:AOTCache="$classes/cache" "-Xlog:aot*=off" "${options[@]}" "${window[@]}" open "$classes/many.fluss"
rm -r "$classes"

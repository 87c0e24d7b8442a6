#!/usr/bin/env bash
# Tells what holds the interface thread of the window for long, as it is shipped: while it shows all of its screens, and some of
# its dialogs. bench/interface-thread.sh [MS]. Needs a display, or Xvfb.
set -euo pipefail
home=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
"$home/fluss" demo --picture /dev/null 2>/dev/null
java=$("$home/fluss" jdk)/bin/java
. "$home/bench/display.sh"
classes=$(mktemp -d)
trap 'rm -rf "$classes"' EXIT
"${java}c" -d "$classes" -p "$home/app/target/lib" --add-modules javafx.controls,java.management \
  "$home"/app/src/test/java/app/fluss/app/watch/*.java "$home/bench/InterfaceThread.java"
"${java%java}jar" --create --file "$classes/watch.jar" -C "$classes" .
options=(-XX:+UseSerialGC -Xmx3g --enable-native-access=javafx.graphics,org.xerial.sqlitejdbc,com.github.luben.zstd_jni
  --sun-misc-unsafe-memory-access=allow -cp "$classes/watch.jar" -p "$home/app/target/fluss-app.jar:$home/app/target/lib"
  --add-modules app.fluss.app,java.management --add-exports app.fluss.app/app.fluss.app=ALL-UNNAMED)
run=(InterfaceThread "${1:-100}" app.fluss.app.FlussApp tour --from "$home/target/kept/demo.fluss")
# Later starts reuse what the first left behind, as the launcher sees to.
"$java" -XX:AOTMode=record -XX:AOTConfiguration="$classes/record" "-Xlog:aot*=off" "${options[@]}" "${run[@]}" >/dev/null 2>&1
"$java" -XX:AOTMode=create -XX:AOTConfiguration="$classes/record" -XX:AOTCache="$classes/cache" "${options[@]}" InterfaceThread >/dev/null 2>&1
"$java" -XX:AOTCache="$classes/cache" "-Xlog:aot*=off" "${options[@]}" "${run[@]}"

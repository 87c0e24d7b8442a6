#!/usr/bin/env bash
# Times a redraw of the band of ten million frames, drawn on screen: pans it in a window as fast as pictures come, at four zooms.
# bench/band-on-screen.sh, on a built checkout. Needs a display, or Xvfb (there the drawing is by software).
set -euo pipefail
home=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
jdk=$("$home/fluss" jdk)
. "$home/bench/display.sh"
classes=$(mktemp -d)
path=$classes:$home/app/target/fluss-app.jar:$home/app/target/lib/*
"$jdk/bin/javac" -d "$classes" -cp "$path" "$home/bench/BandOnScreen.java"
"$jdk/bin/java" -XX:+UseSerialGC -Xmx3g --enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow \
  -Djavafx.animation.fullspeed=true -cp "$path" BandOnScreen 2>/dev/null
rm -r "$classes"

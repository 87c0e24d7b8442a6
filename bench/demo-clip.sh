#!/usr/bin/env bash
# Draws the recording that ships with the demo anew, and reads it.
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
resources=$home/app/src/main/resources/app/fluss/app
FLUSS_TEST_HEAP=1g exec "$home/bench/run-test-class.sh" app.fluss.files.overlay.DemoClipMaker \
  "$resources/theme/HankenGrotesk_600SemiBold.ttf" "$resources/demo"

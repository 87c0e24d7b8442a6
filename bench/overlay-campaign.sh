#!/usr/bin/env bash
# Reads many recordings with a number on them, drawn at random in text faces of yours, and tells how much was read right, left
# open and read wrong. Arguments: a folder with text faces (TTF), the first seed, the seed after the last. About 15 s a seed.
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
FLUSS_TEST_HEAP=1g exec "$home/bench/run-test-class.sh" app.fluss.files.overlay.OverlayCampaign "$@"

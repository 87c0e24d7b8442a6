#!/usr/bin/env bash
# Damages videos of each kind at random and reads them in the decoder's own process: pictures or a typed fault, and the process
# that asked lives on. Argument: how many rounds of each of twelve clips (default 84: a thousand in all)
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
FLUSS_TEST_HEAP=512m "$home/bench/run-test-class.sh" app.fluss.files.HostileVideos "${1:-84}" \
  "$home"/cli/src/test/resources/app/fluss/cli/clips/*

#!/usr/bin/env bash
# Opens and reads a study with random damage, again and again: only typed refusals or clean opening, no file changed.
# Arguments: how many mutations (default 10000)
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
exec "$home/bench/run-test-class.sh" app.fluss.files.study.MutationCampaign "${1:-10000}"

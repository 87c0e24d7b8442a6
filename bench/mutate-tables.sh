#!/usr/bin/env bash
# Reads logs, readings, summaries, run tables and latency lists with random damage: figures or typed faults only.
# Arguments: how many mutations (default 100000)
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
exec "$home/bench/run-test-class.sh" app.fluss.files.log.MutatedTablesTest "${1:-100000}"

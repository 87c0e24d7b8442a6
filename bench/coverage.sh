#!/usr/bin/env bash
# Draws runs whose truth is known and tells how often each interval holds it, cell by cell, and how often native runs
# against native runs claim a difference.
# Arguments: how many draws a cell (default 2000)
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
exec "$home/bench/run-test-class.sh" app.fluss.core.compare.CoverageTest "${1:-2000}"

#!/usr/bin/env bash
# Times the report of a study of many games, by the launcher: bench/report-large.sh [GAMES [PATHS [RUNS]]]. Half a minute a run;
# making the study takes some minutes. Prints the seconds and the most memory, without and with the printed form.
set -euo pipefail
home=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
FLUSS_TEST_HEAP=1g "$home/bench/run-test-class.sh" app.fluss.files.study.ManyGames "$work/many.fluss" "${1:-40}" "${2:-12}" "${3:-3}"
"$home/fluss" check "$work/many.fluss" >/dev/null
for pdf in "" --pdf; do
  /usr/bin/time -f "report $pdf: %e s, %M KiB" "$home/fluss" report "$work/many.fluss" --out "$work/report" $pdf >/dev/null
done

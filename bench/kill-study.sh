#!/usr/bin/env bash
# Kills a process that writes a study, again and again, and looks whether everything that it acknowledged is there.
# Arguments: how many kills (default 200)
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
exec "$home/bench/run-test-class.sh" app.fluss.files.study.KillCampaign "${1:-200}"

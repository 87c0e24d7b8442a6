#!/usr/bin/env bash
# Makes the shapes of figures and letters anew that ship with Fluss. Arguments: a folder with text faces (TTF), the file to write.
# docs/dependencies.md says which faces they come from; look at the overlay tests after it.
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
FLUSS_TEST_HEAP=1g exec "$home/bench/run-test-class.sh" app.fluss.files.overlay.FigureShapesMaker "$1" "$2"

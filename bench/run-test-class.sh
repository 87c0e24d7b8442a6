#!/usr/bin/env bash
# Runs the main method of a class among the tests of files: campaigns that take too long for the suite.
# Arguments: the class, then its own
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
path_file=$(mktemp)
trap 'rm -f "$path_file"' EXIT
(cd "$home" && ./fluss maven -q -pl core,sim,files -DskipTests -Dspotless.check.skip=true test-compile \
  dependency:build-classpath -Dmdep.outputFile="$path_file" -Dmdep.includeScope=test >&2)
jdk=$("$home/fluss" jdk)
"$jdk/bin/java" -Xmx${FLUSS_TEST_HEAP:-256m} --enable-native-access=ALL-UNNAMED \
  -cp "$home/files/target/test-classes:$home/files/target/classes:$home/sim/target/classes:$home/core/target/test-classes:$home/core/target/classes:$(cat "$path_file")" "$@"

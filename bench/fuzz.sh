#!/usr/bin/env bash
# Damages a whole file of each kind at random and reads it, seeded and in one process: read, or refused by a typed fault.
# Sound, traces, pictures, clips, packets, probes, scenarios, mappings, differences, pasted tables; logs and tables; lines of a
# sensor. Studies: bench/mutate-study.sh; packets of the probe: 200000 in the suite. Argument: how many mutations of each kind (default 100000)
set -euo pipefail
home=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
rounds=${1:-100000}
"$home/bench/run-test-class.sh" app.fluss.files.HostileFilesTest "$rounds"
"$home/bench/run-test-class.sh" app.fluss.files.log.MutatedTablesTest "$rounds"
(cd "$home" && ./fluss maven -q -pl core,devices -DskipTests -Dspotless.check.skip=true test-compile \
  dependency:build-classpath -Dmdep.outputFile="$home/devices/target/test-path" -Dmdep.includeScope=test >&2)
"$("$home/fluss" jdk)/bin/java" -Xmx256m \
  -cp "$home/devices/target/test-classes:$home/devices/target/classes:$home/core/target/classes:$(cat "$home/devices/target/test-path")" \
  app.fluss.devices.sensor.SensorFeedTest "$rounds"

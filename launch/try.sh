#!/usr/bin/env bash
# Tries the launcher where that is hard, on a copy of this checkout, which must be built: launch/try.sh. Nothing is built:
# a stand-in for Maven copies what this checkout has.
set -uo pipefail
home=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
yard=$(mktemp -d)
trap 'chmod -R u+w "$yard"; rm -rf "$yard"' EXIT
chmod 755 "$yard"
unset FLUSS_BUILT LC_ALL LC_CTYPE LANG
export HOME=$yard/home
unset XDG_CACHE_HOME
copy="$yard/a place with spaces and größe"
failures=0

mkdir -p "$HOME" "$yard/tools" "$copy"/{core,devices,sim,files,cli,app}/src/main "$copy/cli/target" "$copy/target"
cp -a "$home/fluss" "$home/launch" "$home/pom.xml" "$copy/"
cp -a "$home/core/pom.xml" "$copy/core/"
cp -a "$home"/cli/target/{fluss-cli.jar,lib} "$copy/cli/target/"
touch "$copy/target/built"
printf 'present_ms\n' >"$yard/größe.csv"
seq 0 8 8000 >>"$yard/größe.csv"

# Waits as long as a build would, and puts back what the launcher took away before it.
cat >"$yard/tools/mvn" <<TOOL
#!/usr/bin/env bash
echo built >>"$yard/builds"
sleep "\${BUILD_SECONDS:-1}"
cp -a "$home/cli/target/lib" "$copy/cli/target/"
TOOL
chmod +x "$yard/tools/mvn"
export PATH=$yard/tools:$PATH

check() { # name command...: it must succeed
  local name=$1
  shift
  if "$@"; then echo "holds: $name"; else echo "FAILS: $name"; failures=$((failures + 1)); fi
}

# Says nothing but what was asked for, and gives figures.
analyzes() { # program...
  local errors
  errors=$("$@" analyze "$yard/größe.csv" --refresh 144 --sync vrr 2>&1 >"$yard/figures")
  [ -z "$errors" ] || { echo "$errors"; return 1; }
  grep -q 'größe.csv: ' "$yard/figures" && grep -q 'presented rate *125.0 /s' "$yard/figures"
}

move() {
  mv "$copy" "$yard/moved" && analyzes "$yard/moved/fluss" && [ -e "$yard/moved/target/kept/cli.aot" ]
  local code=$?
  mv "$yard/moved" "$copy"
  return $code
}

# As somebody who must not write there; the superuser may write anywhere.
read_only() {
  local as=()
  [ "$(id -u)" != 0 ] || as=(setpriv --reuid 65534 --regid 65534 --clear-groups)
  mkdir -p "$yard/other"
  chmod 777 "$yard/other"
  chmod a+w "$yard/figures"
  rm -rf "$copy/target/kept"
  chmod -R a-w "$copy"
  HOME=$yard/other analyzes "${as[@]}" "$copy/fluss" && [ -e "$yard/other/.cache/fluss/checkout/cli.aot" ]
  local code=$?
  chmod -R u+w "$copy"
  return $code
}

builds() { cat "$yard/builds" 2>/dev/null | wc -l; }

needs_build() {
  rm -f "$copy/target/built" "$yard/builds"
}

stopped_while_building() {
  needs_build
  set -m # of a group of its own, and heeding the key, as in a terminal
  BUILD_SECONDS=30 env --default-signal=INT "$copy/fluss" --version >/dev/null 2>&1 &
  local started=$!
  set +m
  for _ in $(seq 100); do [ "$(builds)" = 0 ] || break; sleep 0.1; done
  kill -INT -- "-$started"
  wait "$started"
  [ $? != 0 ] && [ ! -e "$copy/target/built" ] && "$copy/fluss" --version >/dev/null 2>&1 && [ "$(builds)" = 2 ] && [ -e "$copy/target/built" ]
}

two_at_once() {
  needs_build
  "$copy/fluss" --version >/dev/null 2>&1 &
  local one=$!
  "$copy/fluss" --version >/dev/null 2>&1 &
  wait $! && wait "$one" && [ "$(builds)" = 1 ]
}

# A small file system of its own, where the system lets us have one.
full_disk() {
  local small=$yard/small scenario=$home/docs/scenarios/native.json errors code
  errors=$("$copy/fluss" simulate "$scenario" --out "$small/simulated" 2>&1 >/dev/null)
  code=$?
  [ $code = 3 ] && grep -q 'simulated cannot be written: .*Make room' <<<"$errors" && [ -z "$(ls -A "$small")" ]
  code=$?
  # Nor is there room for what makes starts fast.
  rm -rf "$copy/target/kept"
  head -c 300k /dev/zero >"$small/full" 2>/dev/null
  TMPDIR=$small analyzes "$copy/fluss" || code=1
  umount "$small"
  return $code
}

check "a path with spaces and letters outside ASCII" analyzes "$copy/fluss"
check "no HOME" analyzes env -u HOME "$copy/fluss"
check "LANG=C with file names outside ASCII" analyzes env LANG=C "$copy/fluss"
check "LC_ALL=C" analyzes env LC_ALL=C "$copy/fluss"
check "a checkout that was moved" move
check "a checkout that is built and cannot be written to" read_only
check "Ctrl+C while building" stopped_while_building
check "two starts at once" two_at_once
mkdir -p "$yard/small"
if mount -t tmpfs -o size=300k tmpfs "$yard/small" 2>/dev/null; then
  check "a full disk" full_disk
else
  echo "not tried: a full disk, which takes the right to mount one"
fi
exit $((failures > 0))

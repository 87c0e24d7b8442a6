# How the jobs of Fluss are started, from a checkout as from an installed package. Sourced. Who does so has set
#   java                the java to run
#   cli_jars            module path of the command line
#   window_jars         module path of the window
#   kept                folder for what a first start makes for later ones; empty where nothing can be kept
# and has the functions say, fail, and need_packages, which installs Debian packages or says which are missing.

cli_options=(-XX:+UseSerialGC -Xmn16m --enable-native-access=org.xerial.sqlitejdbc,com.github.luben.zstd_jni)
window_options=(-XX:+UseSerialGC -Xmx3g
  --enable-native-access=javafx.graphics,org.xerial.sqlitejdbc,com.github.luben.zstd_jni,com.fazecast.jSerialComm
  --sun-misc-unsafe-memory-access=allow)
cli_class=app.fluss.cli/app.fluss.cli.Fluss
window_class=app.fluss.app/app.fluss.app.FlussApp

# Java takes the letters of file names from the locale; where that knows only ASCII, others could not be opened.
know_all_letters() {
  case "${LC_ALL:-${LC_CTYPE:-${LANG:-}}}" in
    *[Uu][Tt][Ff]8* | *[Uu][Tt][Ff]-8*) ;;
    *) export LC_ALL=C.UTF-8 ;;
  esac
}

# The folder among these that can be written to, made if need be; nothing if there is none.
first_writable() {
  local folder
  for folder in "$@"; do
    if mkdir -p "$folder" 2>/dev/null && [ -w "$folder" ]; then printf '%s' "$folder"; return; fi
  done
}

# Where an account keeps what can be made again; nothing without a home.
cache_folder() {
  [ -z "${XDG_CACHE_HOME:-}${HOME:-}" ] || printf '%s' "${XDG_CACHE_HOME:-${HOME:-}/.cache}/fluss"
}

# What keeps loaded classes is of no use where the program was moved to another place.
forget_moved() {
  [ -n "$kept" ] && [ "$(cat "$kept/place" 2>/dev/null)" != "$home" ] || return 0
  rm -f "$kept"/*.aot
  printf '%s' "$home" >"$kept/place"
}

library_names() {
  [ "$(uname -s)" = Linux ] || return 0
  ldconfig -p 2>/dev/null || /sbin/ldconfig -p
}

need_window_libraries() {
  [ "$(uname -s)" = Linux ] || return 0
  local missing=() pair libraries
  libraries=$(library_names)
  for pair in libgtk-3.so.0:libgtk-3-0 libGL.so.1:libgl1 libXtst.so.6:libxtst6 libXxf86vm.so.1:libxxf86vm1; do
    grep -q "${pair%%:*}" <<<"$libraries" || missing+=("${pair##*:}")
  done
  [ ${#missing[@]} = 0 ] || need_packages "${missing[@]}"
}

# What Java needs to measure text where there is no window.
need_text_libraries() {
  [ "$(uname -s)" = Linux ] || return 0
  grep -q 'libfontconfig\.so\.1' <<<"$(library_names)" || need_packages libfontconfig1 fontconfig-config
}

xvfb_pids=()
stop_xvfb() { [ ${#xvfb_pids[@]} = 0 ] || kill "${xvfb_pids[@]}" 2>/dev/null || true; }

# Starts a virtual display that ends with this shell, and waits until it is there. Argument: its number; without one, a
# free one is taken. Its keys do not repeat: no finger holds them, and on a busy machine a test would type twice.
start_xvfb() {
  local number_file number=
  number_file=$(mktemp)
  Xvfb ${1:+":$1"} -r -displayfd 3 -screen 0 1920x1200x24 -nolisten tcp 3>"$number_file" 2>/dev/null &
  xvfb_pids+=($!)
  trap stop_xvfb EXIT
  for _ in $(seq 100); do
    number=$(cat "$number_file")
    [ -z "$number" ] && kill -0 $! 2>/dev/null || break
    sleep 0.1
  done
  rm -f "$number_file"
  [ -n "$number" ] || return 1
  export DISPLAY=":$number"
  unset WAYLAND_DISPLAY
}

# Starts virtual displays whose numbers differ in the last figure, 1 and up, so that each of several processes knows its
# own. Argument: how many, 9 at most. Sets display_stem to what goes before that figure.
start_displays() {
  local i
  for display_stem in $(seq 20 60); do
    for i in $(seq "$1"); do
      start_xvfb "$display_stem$i" || continue 2
    done
    return 0
  done
  fail "the virtual displays did not start."
}

need_display() {
  [ "$(uname -s)" = Linux ] || return 0
  if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then return 0; fi
  need_xvfb
  start_xvfb || fail "the virtual display did not start."
}

need_xvfb() { command -v Xvfb >/dev/null || need_packages xvfb; }

# Keeps loaded and profiled classes from a first run, so that short jobs start fast. Argument: the file to make; another
# start may be making it at the same time, so it gets its name when it is whole.
warm_up() {
  local sample own=$1.$$
  [ ! -e "$1" ] || return 0
  sample=$(mktemp 2>/dev/null) || return 0
  # Where there is no room for it, every start is a slow one.
  if awk 'BEGIN { print "present_ms,displayed_ms,content_ms,cpu_ms,gpu_ms,kind"
    for (i = 0; i < 400000; i++) { t = i * 8.3333 + (i * 7919 % 13) / 10
      printf "%.4f,%.4f,%.4f,%s,%s,%s\n", t, t + 6, i * 8.3333, i % 2 ? "" : "4.1234", i % 2 ? "" : "12.0101", i % 2 ? "generated" : "rendered" } }' \
    2>/dev/null >"$sample" && "$java" "${cli_options[@]}" -Xmx512m -XX:AOTCacheOutput="$own" -p "$cli_jars" \
    -m "$cli_class" analyze "$sample" --refresh 120 --sync vrr --json >/dev/null 2>&1; then
    mv -f "$own" "$1" 2>/dev/null || true
  fi
  rm -f "$sample" "$own"
}

# A run that records its classes and says nothing of it, and one that has them at hand. Each names its file beside.
record_to=(-XX:AOTMode=record -XX:+UnlockDiagnosticVMOptions -XX:-DisplayVMOutput "-Xlog:aot*=off")
use_cache=("-Xlog:aot*=off")

# Makes a cache of what a run recorded, if that ended well. Arguments: the cache, the code of the run, its command.
keep_record() {
  local cache=$1 record=$1.record.$$ code=$2
  shift 2
  if [ "$code" = 0 ] && [ -e "$record" ] &&
    "$1" -XX:AOTMode=create -XX:AOTConfiguration="$record" -XX:AOTCache="$cache.$$" "${@:2}" >/dev/null 2>&1; then
    mv -f "$cache.$$" "$cache" 2>/dev/null || true
  fi
  rm -f "$cache".record.* "$cache.$$" # of runs that were ended as well
}

least_heap=192

middle_of() { dd if="$1" bs=65536 skip=$(($2 / 131072)) count=1 2>/dev/null; }

# Heap for the largest of the files named, MiB: for a table of text by its rows and columns, which are read off its middle, for
# anything else by its size. Small files are left to what every job has.
heap_for() {
  local bytes argument heap most=$least_heap
  for argument in "$@"; do
    [ -f "$argument" ] || continue
    bytes=$(stat -c %s "$argument" 2>/dev/null || stat -f %z "$argument")
    [ "$bytes" -ge 4000000 ] || continue
    if [ "$(middle_of "$argument" "$bytes" | LC_ALL=C tr -cd '\000' | wc -c)" -gt 0 ]; then
      heap=$((least_heap + bytes * 15 / 10 / 1048576))
    else
      heap=$(middle_of "$argument" "$bytes" | LC_ALL=C awk -F '[,;\t]' -v bytes="$bytes" '
        { cells += NF; length_ += length($0) + 1 }
        END {
          row = 40 + 8 * cells / NR
          printf "%d", (64e6 + bytes / (length_ / NR) * (row < 60 ? 60 : row)) / 1048576
        }')
    fi
    [ "$heap" -le "$most" ] || most=$heap
  done
  printf '%d' "$most"
}

# The same for all of the files together, whose frames are held against each other.
heap_for_all() {
  local argument heap=$least_heap
  for argument in "$@"; do heap=$((heap + ($(heap_for "$argument") - least_heap) * 3 / 2)); done
  printf '%d' "$heap"
}

command_line() {
  local heap cache=() compiler=() own= code=0
  case "$*" in report*) need_text_libraries ;; esac
  if [ -n "$kept" ]; then
    warm_up "$kept/cli.aot"
    # A report is a long way through classes of its own, which would only make the short jobs' cache slower.
    case "$*" in report*\ --out*) own=$kept/report.aot ;; esac
    if [ -n "$own" ] && [ ! -e "$own" ]; then
      cache=("${record_to[@]}" -XX:AOTConfiguration="$own.record.$$")
    elif [ -e "${own:-$kept/cli.aot}" ]; then
      cache=("${use_cache[@]}" -XX:AOTCache="${own:-$kept/cli.aot}")
      own=
    fi
  fi
  case "$*" in
    simulate*) heap=1800 ;;
    probe\ run* | probe\ *.json*) heap=512 ;;
    latency*.wav*) heap=128 ;; # sound stays in its file
    video* | overlay* | latency*--input-area*) heap=512 ;; # pictures come one by one
    latency*) heap=$((2 * $(heap_for "$@"))) ;; # each sample with its stamp
    # A report of a small study is over before the second compiler pays, and so is what looks at a short log.
    report* | export* | decide*) heap=$((2 * $(heap_for "$@"))); compiler=(-XX:TieredStopAtLevel=1 -Xmn64m) ;;
    *)
      heap=$(heap_for "$@")
      case "$*" in compare* | blame*) heap=$(heap_for_all "$@") ;; esac
      [ "$heap" -gt "$least_heap" ] || compiler=(-XX:TieredStopAtLevel=1)
      ;;
  esac
  # A long log's columns are many pages.
  [ "$(uname -s)" != Linux ] || [ "$heap" -lt 256 ] || compiler+=(-XX:+UseTransparentHugePages)
  set -- "${compiler[@]}" -Xms"$((heap < 700 ? heap : 700))m" -Xmx"${heap}m" -p "$cli_jars" -m "$cli_class" "$@"
  [ -n "$own" ] || exec "$java" "${cli_options[@]}" "${cache[@]}" "$@"
  "$java" "${cli_options[@]}" "${cache[@]}" "$@" || code=$?
  keep_record "$own" $code "$java" "${cli_options[@]}" "$@"
  return $code
}

fluss_app() { "$java" "${window_options[@]}" "$@"; }

# Makes the demo study once; the window then opens a copy of it.
prepare_demo() {
  [ ! -e "$1" ] || return 0
  local own
  own=$(mktemp -d "$1.XXXXXX")
  say "making the demo study (half a minute, once)"
  fluss_app -p "$window_jars" -m app.fluss.app/app.fluss.app.MakeDemo "$own/demo.fluss" || fail "the demo study could not be made."
  mv -f "$own/demo.fluss" "$1"
  rm -rf "$own"
}

# Keeps loaded and profiled classes of a window that shows all of its screens, so that the next ones start and go from
# screen to screen fast: of one that nobody sees where there is a virtual display to be had, else of the user's first.
# Arguments: the cache, the demo study.
train_window() {
  [ ! -e "$1" ] && command -v Xvfb >/dev/null || return 0
  say "preparing a fast start (half a minute, once)"
  (
    xvfb_pids=()
    start_xvfb || fail "the virtual display did not start."
    fluss_app "${record[@]}" -p "$window_jars" -m "$window_class" tour --from "$2" >/dev/null 2>&1 || true
  )
  keep_record "$1" 0 fluss_app -p "$window_jars" -m "$window_class"
}

explain_windows() {
  cat <<'TEXT'
Usage: fluss open [STUDY]            opens a study, or the one of this account
       fluss demo [--picture FILE]   opens a copy of a simulated study; with FILE, takes a picture of the window
       fluss screenshots [--to DIR]  takes the pictures of the documentation
TEXT
}

window() {
  case "${2:-}" in
    -h | --help) explain_windows; return ;;
  esac
  need_window_libraries
  local had_display=${DISPLAY:-}${WAYLAND_DISPLAY:-} arguments=("$@") record=() cache= code=0
  need_display
  if [ -n "$kept" ]; then
    cache=$kept/window.aot
    record=("${record_to[@]}" -XX:AOTConfiguration="$cache.record.$$")
  fi
  if [ "$1" != open ] && [ -n "$kept" ]; then
    prepare_demo "$kept/demo.fluss"
    train_window "$cache" "$kept/demo.fluss"
    arguments+=(--from "$kept/demo.fluss")
  fi
  if [ -z "$had_display" ] && [ "$1" != screenshots ]; then
    say "there is no display here; the window opens on the virtual display $DISPLAY."
    say "Take a picture of it with: DISPLAY=$DISPLAY import -window root fluss.png  (or: fluss demo --picture fluss.png)"
  fi
  [ -z "$cache" ] || [ ! -e "$cache" ] || record=("${use_cache[@]}" -XX:AOTCache="$cache")
  fluss_app "${record[@]}" -p "$window_jars" -m "$window_class" "${arguments[@]}" || code=$?
  [ -z "$cache" ] || keep_record "$cache" $code fluss_app -p "$window_jars" -m "$window_class"
  return $code
}

# The display there is, or one without a screen for as long as the script lasts. To be sourced.
if [ -z "${DISPLAY:-}" ]; then
  Xvfb :97 -screen 0 1920x1200x24 -nolisten tcp >/dev/null 2>&1 &
  xvfb=$!
  trap 'kill $xvfb' EXIT
  export DISPLAY=:97
  sleep 1
fi

# What the scripts share: look for what the program needs, say what is missing or install it, build, virtual display.

say() { printf '%s\n' "$*" >&2; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi
}

require_java() {
  missing=""
  command -v javac >/dev/null 2>&1 || missing="$missing default-jdk-headless"
  command -v mvn >/dev/null 2>&1 || missing="$missing maven"
  [ -z "$missing" ] || install_or_say $missing
}

# require_packages PROGRAM-OR-LIBRARY:PACKAGE ...
require_packages() {
  missing=""
  for pair; do
    thing=${pair%%:*}
    package=${pair##*:}
    case "$thing" in
      lib*) ldconfig -p 2>/dev/null | grep -q "$thing" || missing="$missing $package" ;;
      *) command -v "$thing" >/dev/null 2>&1 || missing="$missing $package" ;;
    esac
  done
  [ -z "$missing" ] || install_or_say $missing
}

install_or_say() {
  if [ "${setup:-no}" = yes ]; then
    say "Installing: $*"
    as_root apt-get update -qq && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null || {
      say "The packages $* could not be installed."; exit 4; }
  else
    say "Missing system packages: $*. Install them with: apt-get install $* (or run this again with --setup)."
    exit 4
  fi
}

# Builds when there is no build or a source is newer than it.
build_if_stale() {
  stamp="$1/app/target/.built"
  if [ -f "$stamp" ] && [ -z "$(find "$1/pom.xml" "$1"/core/src/main "$1"/files/src/main "$1"/book/src/main "$1"/app/src/main "$1"/docs/formats "$1"/*/pom.xml -newer "$stamp" -print -quit)" ]; then
    return 0
  fi
  say "Building Bathyra (the first time needs the network and a few minutes)."
  log=$(mktemp)
  mvn -q -B -o -f "$1/pom.xml" -pl app -am -DskipTests package >"$log" 2>&1 || mvn -q -B -f "$1/pom.xml" -pl app -am -DskipTests package >"$log" 2>&1 || {
    say "The build failed:"; cat "$log" >&2; rm -f "$log"; exit 4; }
  rm -f "$log" "$1/app/target/bathyra.jsa"
  touch "$stamp"
  "$1/scripts/share-classes.sh" "$1" || say "(Start-up is a little slower: no class archive could be made.)"
}

start_virtual_display() {
  for number in 90 91 92 93 94 95 96 97 98 99; do
    if [ ! -e "/tmp/.X$number-lock" ]; then
      Xvfb ":$number" -screen 0 1280x800x24 -r -nolisten tcp >/dev/null 2>&1 &
      display_process=$!
      tries=0
      while [ ! -e "/tmp/.X11-unix/X$number" ] && [ $tries -lt 50 ]; do sleep 0.1; tries=$((tries + 1)); done
      if [ -e "/tmp/.X11-unix/X$number" ] && kill -0 "$display_process" 2>/dev/null; then
        export DISPLAY=":$number"
        openbox >/dev/null 2>&1 &
        window_manager=$!
        trap stop_virtual_display EXIT INT TERM
        say "No display here: started a virtual one, $DISPLAY."
        return 0
      fi
    fi
  done
  say "No display here, and no virtual one could be started (Xvfb)."
  exit 4
}

stop_virtual_display() {
  trap - EXIT INT TERM
  kill "${window_manager:-}" "${display_process:-}" 2>/dev/null
  return 0
}

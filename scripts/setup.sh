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

is_stale() {
  stamp="$1/app/target/.built"
  [ ! -f "$stamp" ] || [ -n "$(find "$1/pom.xml" "$1"/core/src/main "$1"/files/src/main "$1"/book/src/main "$1"/app/src/main "$1"/docs/formats "$1"/*/pom.xml -newer "$stamp" -print -quit)" ]
}

# Builds when there is no build or a source is newer than it. Two starts at once build one after the other.
build_if_stale() {
  is_stale "$1" || return 0
  if command -v flock >/dev/null 2>&1; then
    exec 8>"$1/.building"
    flock -n 8 || { say "Another start is building Bathyra; waiting for it."; flock 8; }
    is_stale "$1" || { exec 8>&-; return 0; }
  fi
  say "Building Bathyra (the first time needs the network and a few minutes)."
  log=$(mktemp "${TMPDIR:-/tmp}/bathyra-build.XXXXXX")
  # What a build that was broken off has left behind may be half a file: the third try begins from nothing.
  package "$1" "$log" -o || package "$1" "$log" || package "$1" "$log" clean || {
    say "The build failed: $(reason "$log") The whole log is $log."
    exit 4; }
  rm -f "$log" "$1/app/target/bathyra.jsa"
  "$1/scripts/share-classes.sh" "$1" || say "(Start-up is a little slower: no class archive could be made.)"
  touch "$1/app/target/.built"
  exec 8>&-
}

# package FOLDER LOG [MAVEN-ARGUMENT]
package() {
  mvn -q -B ${3:-} -f "$1/pom.xml" -pl app -am -DskipTests package >"$2" 2>&1 8>&-
}

# The first line of a build's log that says what is wrong.
reason() {
  line=$(grep "ERROR" "$1" | grep -v "COMPILATION ERROR" | head -n 1 | sed 's/.*\[ERROR\] *//' | cut -c 1-200)
  [ -n "$line" ] || line=$(tail -n 1 "$1" | cut -c 1-200)
  printf '%s' "${line:-it said nothing.}"
}

# start_virtual_display [HOW-MANY]: the first is DISPLAY, all of them are BATHYRA_DISPLAYS.
start_virtual_display() {
  wanted=${1:-1}
  BATHYRA_DISPLAYS=""
  display_processes=""
  number=90
  while [ "$wanted" -gt 0 ] && [ "$number" -lt 130 ]; do
    if [ ! -e "/tmp/.X$number-lock" ] && start_display "$number"; then
      BATHYRA_DISPLAYS="$BATHYRA_DISPLAYS $number"
      wanted=$((wanted - 1))
    fi
    number=$((number + 1))
  done
  if [ "$wanted" -gt 0 ]; then
    say "No display here, and no virtual one could be started (Xvfb)."
    stop_virtual_display
    exit 4
  fi
  # shellcheck disable=SC2086
  set -- $BATHYRA_DISPLAYS
  DISPLAY=":$1"
  export DISPLAY BATHYRA_DISPLAYS
  say "No display here: started virtual ones,$BATHYRA_DISPLAYS."
}

# start_display NUMBER: with a window manager on it.
start_display() {
  Xvfb ":$1" -screen 0 1280x800x24 -r -nolisten tcp >/dev/null 2>&1 &
  display_process=$!
  tries=0
  while [ ! -e "/tmp/.X11-unix/X$1" ] && [ $tries -lt 50 ]; do sleep 0.1; tries=$((tries + 1)); done
  [ -e "/tmp/.X11-unix/X$1" ] && kill -0 "$display_process" 2>/dev/null || return 1
  DISPLAY=":$1" openbox >/dev/null 2>&1 &
  display_processes="$! $display_process $display_processes"
  trap stop_virtual_display EXIT INT TERM
}

stop_virtual_display() {
  trap - EXIT INT TERM
  # shellcheck disable=SC2086
  [ -z "${display_processes:-}" ] || kill $display_processes 2>/dev/null
  display_processes=""
  return 0
}

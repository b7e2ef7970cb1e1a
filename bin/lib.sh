# Shared by the scripts in bin/: what a machine needs, and how it gets it. Sourced, not run.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
root=$PWD

say() { printf '%s\n' "$*" >&2; }

# Installs Debian packages where that is allowed, else says what is missing.
need_packages() {
  local missing=()
  for package in "$@"; do dpkg-query -W -f='${Status}' "$package" 2> /dev/null | grep -q 'install ok installed' || missing+=("$package"); done
  [ ${#missing[@]} -eq 0 ] && return
  say "Installing ${missing[*]} …"
  if [ "$(id -u)" -ne 0 ]; then
    command -v sudo > /dev/null || { say "Please install: ${missing[*]}"; exit 1; }
    as_root=sudo
  fi
  # Another package manager may be at work: its lock is waited for.
  ${as_root:-} apt-get -o DPkg::Lock::Timeout=600 update -qq > /dev/null 2>&1 || true
  DEBIAN_FRONTEND=noninteractive ${as_root:-} apt-get -o DPkg::Lock::Timeout=600 install -y -qq --no-install-recommends "${missing[@]}" > /dev/null || { say "Please install: ${missing[*]}"; exit 1; }
}

# Runs a command silently; if it fails, shows all it said.
loud_on_failure() {
  local said
  said=$("$@" 2>&1) || { printf '%s\n' "$said" >&2; return 1; }
}

need_php() {
  command -v php > /dev/null || { say 'PHP 8.2 or later is needed, with Composer.'; exit 1; }
  local v
  v=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
  local wanted=()
  for extension in sqlite3 mbstring xml intl gmp curl zip gd; do
    local module=$extension
    [ "$extension" = sqlite3 ] && module=pdo_sqlite
    php -m | grep -qix "$module" || wanted+=("php$v-$extension")
  done
  [ ${#wanted[@]} -eq 0 ] || need_packages "${wanted[@]}"
  command -v composer > /dev/null || { say 'Composer is needed.'; exit 1; }
}

need_node() {
  command -v node > /dev/null || { say 'Node.js 20.19 or later is needed, with npm.'; exit 1; }
  node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit(a>20||(a===20&&b>=19)?0:1)' || { say 'Node.js 20.19 or later is needed.'; exit 1; }
}

# Has any of the files changed since the stamp? Then the command is run and the stamp renewed.
when_changed() {
  local stamp=var/stamps/$1 files=$2
  shift 2
  mkdir -p var/stamps
  local now
  # shellcheck disable=SC2086 — a list of paths
  now=$(find $files -type f -not -path '*/node_modules/*' -print0 2> /dev/null | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum)
  [ "$(cat "$stamp" 2> /dev/null)" = "$now" ] && return
  "$@"
  printf '%s' "$now" > "$stamp"
}

install_php() {
  need_php
  [ -f vendor/autoload.php ] || rm -f var/stamps/php
  when_changed php 'composer.json' install_php_packages
}
install_php_packages() {
  say 'Installing PHP packages …'
  loud_on_failure composer install --no-interaction --no-progress
}

install_web() {
  need_node
  [ -d web/node_modules ] || rm -f var/stamps/web
  when_changed web 'web/package.json web/package-lock.json' install_web_packages
}
# Not "npm ci": where a registry lacks a package for some other platform, the lock file cannot name it and ci refuses.
install_web_packages() {
  say 'Installing front-end packages …'
  (cd web && loud_on_failure npm install --no-save --no-audit --no-fund --loglevel=error)
}

build_web() {
  install_web
  [ -f public/build/index.html ] || rm -f var/stamps/build
  when_changed build 'web/src web/index.html web/vite.config.ts web/package-lock.json' run_web_build
}
run_web_build() {
  say 'Building the pages …'
  (cd web && npx --no-install vite build --logLevel warn)
}

# The compiled container belongs to one state of the code.
warm_cache() {
  export APP_ENV=${APP_ENV:-prod} APP_DEBUG=0
  when_changed "cache-$APP_ENV" 'core src config composer.json data/catalogue/settings.yaml' compile_container
  bin/console cache:pool:prune --quiet # spectra nobody has asked for in a month
}
compile_container() {
  rm -rf "var/cache/$APP_ENV"
  bin/console cache:warmup --no-interaction > /dev/null
}

# This port and the next, at an address.
need_ports() {
  local port
  for port in "$2" $(($2 + 1)); do
    php -r 'exit(@stream_socket_server("tcp://$argv[1]:$argv[2]") ? 0 : 1);' "$1" "$port" || { say "Port $port is taken; choose another with --port."; exit 1; }
  done
}

# Serves the store in INLAID_STORE on 127.0.0.1, and beside it the guests' door, by which a client with a link sees one board and nothing else. Prints the
# address and runs until it is stopped.
serve() {
  local port=$1 guests=$(($1 + 1))
  need_ports 127.0.0.1 "$port"
  trap 'stop_servers' EXIT
  trap 'exit 0' INT TERM
  start_server guest "$guests" 2
  start_server own "$port" 4
  say "Inlaid Recipe is at http://127.0.0.1:$port/"
  say 'Stop it with Ctrl+C.'
  # PHP's own server does not replace a worker that was killed: then it is started anew.
  while :; do
    sleep 1 &
    wait $! || true
    is_whole guest 2 || start_server guest "$guests" 2
    is_whole own 4 || start_server own "$port" 4
  done
}

declare -A servers=()
# Starts one of the two servers, in the place of what is left of the one before.
start_server() {
  local which=$1 port=$2 workers=$3
  [ -z "${servers[$which]:-}" ] || { kill -9 -- "-${servers[$which]}" 2> /dev/null; wait "${servers[$which]}" 2> /dev/null; } || true
  set -m # a process group of its own, so that its workers end with it
  if [ "$which" = guest ]; then
    INLAID_DOOR=guest serve_at "$port" "$workers" &
  else
    INLAID_GUESTS=http://127.0.0.1:$((port + 1)) serve_at "$port" "$workers" &
  fi
  servers[$which]=$!
  set +m
}
# Is it there, with all its workers? While it starts it has the time of a few looks.
is_whole() {
  local pid=${servers[$1]} workers=$2 children child alive look
  for ((look = 0; look < 5; look++)); do
    kill -0 "$pid" 2> /dev/null || return 1
    read -r -a children < "/proc/$pid/task/$pid/children" || true
    alive=0
    for child in "${children[@]}"; do # a killed one is still listed, with nothing left of it
      tr '\0' ' ' < "/proc/$child/cmdline" 2> /dev/null | grep -q -- ' -S ' && alive=$((alive + 1))
    done
    [ "$alive" -ge "$workers" ] && return 0
    sleep 0.2
  done
  return 1
}
stop_servers() {
  local pid
  for pid in "${servers[@]}"; do kill -- "-$pid" 2> /dev/null || true; done
}

# Writes what comes in to a file, without the lines that say nothing, and begins another file when it is large.
keep_log() {
  local line size=0
  [ -f "$1" ] && size=$(stat -c %s "$1")
  while IFS= read -r line; do
    case $line in *' Accepted' | *' Closing' | *']: '[A-Z]* | *' ['[123][0-9][0-9]']: '*) continue ;; esac
    [ "$size" -lt 2000000 ] || { mv -f "$1" "$1.1"; size=0; }
    printf '%s\n' "$line" >> "$1"
    size=$((size + ${#line} + 1))
  done
}
# No JIT: under the tracing one a warm server answered with the address of a number instead of the number.
# No collecting of cycles: a request leaves none worth the time, not even one of 10,000 coats.
php_tuning=(-d opcache.enable_cli=1 -d opcache.jit=disable -d opcache.jit_buffer_size=0 -d opcache.validate_timestamps=0 -d zend.enable_gc=0 -d zend.assertions=-1)
serve_at() {
  PHP_CLI_SERVER_WORKERS=$2 exec php "${php_tuning[@]}" -d display_errors=0 -d log_errors=1 -d memory_limit=512M -d post_max_size=65M -S "127.0.0.1:$1" -t public public/index.php 2> >(keep_log var/log/server.log)
}

# Serves a fresh demo in the background, from a store of its own in the folder named, for as long as the script runs.
serve_fresh_demo() {
  local folder=$1 port=$2
  mkdir -p "$folder" var/log
  export INLAID_STORE=$root/$folder/store.sqlite
  rm -f "$INLAID_STORE"*
  bin/console inlaid:prepare
  bin/console inlaid:demo:load > /dev/null
  (serve "$port" > /dev/null 2>&1) &
  served=$!
  trap 'kill $served && wait $served || true' EXIT
}

# Reads --port and --fresh, --lan and --units.
read_options() {
  port='' fresh=no where=here units=no
  while [ $# -gt 0 ]; do
    case $1 in
      --port) port=${2:?--port needs a number}; shift 2 ;;
      --fresh) fresh=yes; shift ;;
      --lan) where=lan; shift ;;
      --units) units=yes; shift ;;
      *) say "Unknown: $1"; exit 2 ;;
    esac
  done
  [ -n "$port" ] || { [ "$where" = lan ] && port=8443 || port=8321; }
}

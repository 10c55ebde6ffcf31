#!/usr/bin/env bash
# A MariaDB of our own on a private folder: loopback only, a free port or CRAFTMAP_DB_PORT, and a
# generated password that only the folder's owner can read.
#
#   database.sh start DIR    starts it (or finds it running) and prints "PORT"
#   database.sh pid DIR      prints its process while it runs, else nothing
#   database.sh stop DIR     stops it and waits until it has
#
# DIR holds data/, tmp/, socket, password, port, pid and log.err. Whatever else data/ is found to be, it
# is never deleted. A database that starts clears what others left in its folder of temporary tables,
# running or not, so each has one of its own: tmp/.

set -eu
. "$(dirname "${BASH_SOURCE[0]}")/common.sh"

mariadbd_program() { command -v mariadbd || echo /usr/sbin/mariadbd; }

as_owner() { if [ "$(id -u)" -eq 0 ]; then echo "--user=root"; else echo "--user=$(id -un)"; fi; }

# Asks the processes, not the pid file: on a full disk there is none.
pid_of() {
  local found
  # the name comes in by a pipe: as a word of grep's own command it would be found there
  found=$(printf '%s\n' "--datadir=$1/data" |
    grep -lzxFf - /proc/[0-9]*/cmdline 2>/dev/null | head -n 1) || true
  found=${found#/proc/}
  echo "${found%/cmdline}"
}

port_of() { tr '\0' '\n' <"/proc/$1/cmdline" | sed -n 's/^--port=//p'; }

# Unix sockets have short names; a deep folder gets its socket in a private place of /tmp.
socket_of() {
  if [ ${#1} -lt 90 ]; then echo "$1/socket"; else echo "/tmp/craftmap-$(printf '%s' "$1" | cksum | cut -d' ' -f1).socket"; fi
}

answers() { mariadb-admin --no-defaults --socket="$(socket_of "$1")" ping >/dev/null 2>&1; }

full_disk() { fail "the disk that holds $1 is full. Free some space and start again."; }

# keep FILE TEXT: writes it, or says that there is no room.
keep() { (umask 077 && printf '%s\n' "$2" >"$1") 2>/dev/null || full_disk "$1"; }

# A first start installs beside the place and moves it there when it is whole; so what lies in
# data.new is never a studio's, and what lies in data is never thrown away.
found_database() {
  local dir=$1 aside
  if [ -d "$dir/data" ] && [ ! -e "$dir/founded" ] && [ ! -d "$dir/data/craftmap" ] &&
    [ -n "$(ls -A "$dir/data")" ]; then
    aside=$dir/data-set-aside-$(date +%Y%m%d-%H%M%S)
    mv "$dir/data" "$aside"
    printf 'Craft Map: found a database in %s that no studio was founded in; it is set aside as %s.\n' \
      "$dir" "$aside" >&2
  fi
  [ ! -d "$dir/data" ] || [ -z "$(ls -A "$dir/data")" ] || return 0
  rm -rf "$dir/data.new"
  if ! (cd "$dir" && mariadb-install-db --no-defaults --datadir=./data.new "$(as_owner)" \
    --tmpdir=../tmp --auth-root-authentication-method=socket --skip-test-db >"$dir/install.log" 2>&1); then
    if grep -qi "no space left" "$dir/install.log"; then
      full_disk "$dir"
    fi
    tail -n 40 "$dir/install.log" | grep -E "ERROR|rror:|annot" >&2 || true
    fail "could not make a database in $dir; $dir/install.log says why."
  fi
  rmdir "$dir/data" 2>/dev/null || true
  mv "$dir/data.new" "$dir/data"
}

start_database() {
  local dir=$1 port password pid
  mkdir -p "$dir" || fail "cannot write to $dir. Give a folder you own with --data DIR."
  chmod 700 "$dir"
  pid=$(pid_of "$dir")
  if [ -n "$pid" ] && answers "$dir"; then
    port_of "$pid"
    return 0
  fi
  [ -z "$pid" ] || stop_database "$dir"
  mkdir -p "$dir/tmp" || full_disk "$dir"
  found_database "$dir"
  [ -s "$dir/password" ] || keep "$dir/password" "$(head -c 24 /dev/urandom | base64 | tr '+/' '-_')"
  password=$(cat "$dir/password")
  port=${CRAFTMAP_DB_PORT:-}
  if [ -n "$port" ]; then
    is_port "$port" || fail "CRAFTMAP_DB_PORT ($port) is not a port. Give a number from 1 to 65535."
    port_is_free "$port" ||
      fail "port $port, asked for by CRAFTMAP_DB_PORT, is taken. Give another, or none."
  else
    port=$(free_port) || fail "found no free port for the database."
  fi
  setsid "$(mariadbd_program)" --no-defaults "$(as_owner)" \
    --datadir="$dir/data" --tmpdir="$dir/tmp" --socket="$(socket_of "$dir")" --pid-file="$dir/mariadbd.pid" \
    --bind-address=127.0.0.1 --port="$port" --log-error="$dir/log.err" \
    --skip-name-resolve --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
    --innodb-buffer-pool-size=64M --max-connections=60 --performance-schema=OFF \
    --loose-innodb-flush-log-at-trx-commit=1 >/dev/null 2>&1 </dev/null 7>&- 9>&- &
  pid=$!
  # whatever goes wrong from here on, nothing is left running that nobody knows of
  trap 'kill "$pid" 2>/dev/null && wait "$pid" || true' EXIT
  keep "$dir/pid" "$pid"
  keep "$dir/port" "$port"
  local tries=0
  until answers "$dir"; do
    tries=$((tries + 1))
    if ! is_alive "$pid"; then
      if tail -n 40 "$dir/log.err" | grep -qiE "no space left|errno: 28"; then
        full_disk "$dir"
      fi
      tail -n 12 "$dir/log.err" >&2 || true
      fail "the database did not start; the end of $dir/log.err says why."
    fi
    [ $tries -lt 300 ] || fail "the database did not answer within a minute; see $dir/log.err."
    sleep 0.2
  done
  password=${password//\\/\\\\}
  password=${password//\'/\'\'}
  mariadb --no-defaults --socket="$(socket_of "$dir")" <<SQL || fail "the database refused its own password; see $dir/log.err."
CREATE DATABASE IF NOT EXISTS craftmap CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'craftmap'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER 'craftmap'@'127.0.0.1' IDENTIFIED BY '$password';
GRANT ALL ON craftmap.* TO 'craftmap'@'127.0.0.1';
GRANT ALL ON \`craftmap\\_restore\\_%\`.* TO 'craftmap'@'127.0.0.1';
SQL
  [ -e "$dir/founded" ] || keep "$dir/founded" ""
  trap - EXIT
  echo "$port"
}

stop_database() {
  local dir=$1 pid
  pid=$(pid_of "$dir")
  if [ -n "$pid" ]; then
    kill "$pid" 2>/dev/null || true
    local tries=0
    while is_alive "$pid" && [ $tries -lt 300 ]; do
      sleep 0.1
      tries=$((tries + 1))
    done
  fi
  rm -f "$dir/pid"
}

if [ "${BASH_SOURCE[0]}" = "$0" ]; then
  case "${1:-} ${2:-}" in
    "start "?*) start_database "$2" ;;
    "pid "?*) pid_of "$2" ;;
    "stop "?*) stop_database "$2" ;;
    *) fail "usage: database.sh start|pid|stop DIR" ;;
  esac
fi

#!/usr/bin/env bash
# A MariaDB of our own on a private folder: loopback only, a free port or CRAFTMAP_DB_PORT, and a
# generated password that only the folder's owner can read.
#
#   database.sh start DIR    starts it (or finds it running) and prints "PORT"
#   database.sh stop DIR     stops it and waits until it has
#
# DIR holds data/, socket, password, port, pid and log.

set -eu
. "$(dirname "${BASH_SOURCE[0]}")/common.sh"

mariadbd_program() { command -v mariadbd || echo /usr/sbin/mariadbd; }

as_owner() { if [ "$(id -u)" -eq 0 ]; then echo "--user=root"; else echo "--user=$(id -un)"; fi; }

is_ours() {
  [ -r "$1/pid" ] && [ -r "/proc/$(cat "$1/pid")/cmdline" ] &&
    tr '\0' ' ' <"/proc/$(cat "$1/pid")/cmdline" | grep -qF -- "--datadir=$1/data"
}


# Unix sockets have short names; a deep folder gets its socket in a private place of /tmp.
socket_of() {
  if [ ${#1} -lt 90 ]; then echo "$1/socket"; else echo "/tmp/craftmap-$(printf '%s' "$1" | cksum | cut -d' ' -f1).socket"; fi
}

start_database() {
  local dir=$1 port password
  mkdir -p "$dir" || fail "cannot write to $dir. Give a folder you own with --data DIR."
  chmod 700 "$dir"
  if is_ours "$dir" && mariadb-admin --no-defaults --socket="$(socket_of "$dir")" ping >/dev/null 2>&1; then
    cat "$dir/port"
    return 0
  fi
  rm -f "$dir/pid"
  if [ ! -e "$dir/founded" ]; then
    # A first start that was cut off left nothing worth keeping.
    rm -rf "$dir/data"
    if ! mariadb-install-db --no-defaults --datadir="$dir/data" "$(as_owner)" \
      --auth-root-authentication-method=socket --skip-test-db >"$dir/install.log" 2>&1; then
      if grep -qi "no space left" "$dir/install.log"; then
        fail "the disk that holds $dir is full. Free some space and start again."
      fi
      fail "could not make a database in $dir; $dir/install.log says why."
    fi
  fi
  if [ ! -s "$dir/password" ]; then
    (umask 077 && head -c 24 /dev/urandom | base64 | tr '+/' '-_' >"$dir/password")
  fi
  password=$(cat "$dir/password")
  port=${CRAFTMAP_DB_PORT:-}
  if [ -n "$port" ]; then
    port_is_free "$port" ||
      fail "port $port, asked for by CRAFTMAP_DB_PORT, is taken. Give another, or none."
  else
    port=$(free_port) || fail "found no free port for the database."
  fi
  setsid "$(mariadbd_program)" --no-defaults "$(as_owner)" \
    --datadir="$dir/data" --socket="$(socket_of "$dir")" --pid-file="$dir/mariadbd.pid" \
    --bind-address=127.0.0.1 --port="$port" --log-error="$dir/log" \
    --skip-name-resolve --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
    --innodb-buffer-pool-size=64M --max-connections=60 --performance-schema=OFF \
    --loose-innodb-flush-log-at-trx-commit=1 >/dev/null 2>&1 </dev/null 9>&- &
  echo $! >"$dir/pid"
  echo "$port" >"$dir/port"
  local tries=0
  until mariadb-admin --no-defaults --socket="$(socket_of "$dir")" ping >/dev/null 2>&1; do
    tries=$((tries + 1))
    if ! kill -0 "$(cat "$dir/pid")" 2>/dev/null; then
      if tail -n 40 "$dir/log" | grep -qiE "no space left|errno: 28"; then
        fail "the disk that holds $dir is full. Free some space and start again."
      fi
      fail "the database did not start; the end of $dir/log says why."
    fi
    [ $tries -lt 300 ] || fail "the database did not answer within a minute; see $dir/log."
    sleep 0.2
  done
  mariadb --no-defaults --socket="$(socket_of "$dir")" <<SQL
CREATE DATABASE IF NOT EXISTS craftmap CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'craftmap'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER 'craftmap'@'127.0.0.1' IDENTIFIED BY '$password';
GRANT ALL ON craftmap.* TO 'craftmap'@'127.0.0.1';
SQL
  touch "$dir/founded"
  echo "$port"
}

stop_database() {
  local dir=$1 pid
  is_ours "$dir" || return 0
  pid=$(cat "$dir/pid")
  kill "$pid" 2>/dev/null || true
  local tries=0
  while kill -0 "$pid" 2>/dev/null && [ $tries -lt 300 ]; do
    sleep 0.1
    tries=$((tries + 1))
  done
  rm -f "$dir/pid"
}

if [ "${BASH_SOURCE[0]}" = "$0" ]; then
  case "${1:-} ${2:-}" in
    "start "?*) start_database "$2" ;;
    "stop "?*) stop_database "$2" ;;
    *) fail "usage: database.sh start|stop DIR" ;;
  esac
fi

#!/usr/bin/env bash
# One MariaDB of a cluster of several on this machine, on a private folder. Nodes keep the same data by
# Galera: what one has committed is certified against all others.
#
#   node.sh found DIR              makes an empty database in DIR/data, where there is none
#   node.sh start DIR N ALL [new]  starts node N of those whose group ports are ALL (1,2,3); as the
#                                  first of a cluster with "new"
#   node.sh pid DIR                prints its process while it runs, else nothing
#   node.sh stop DIR               stops it and waits until it has
#   node.sh state DIR              prints "SEQUENCE SAFE": how far it came, and 1 where it stopped last
#   node.sh is DIR                 whether it answers and has all the others know
#   node.sh sql DIR                runs what it reads
#
# DIR/ports holds "SQL GROUP IST SST". As root, nodes run as the user mysql: what copies a node's data to
# another drops its rights.

set -eu
. "$(dirname "${BASH_SOURCE[0]}")/common.sh"

as_node() {
  if [ "$(id -u)" -eq 0 ]; then setpriv --reuid=mysql --regid=mysql --init-groups -- "$@"; else "$@"; fi
}

mariadbd_program() { command -v mariadbd || echo /usr/sbin/mariadbd; }

galera_library() {
  local found
  for found in /usr/lib/galera/libgalera_smm.so /usr/lib/*/galera/libgalera_smm.so; do
    [ ! -e "$found" ] || { echo "$found"; return 0; }
  done
  fail "there is no Galera library here; Debian's package galera-4 brings it."
}

pid_of() {
  local found
  found=$(printf '%s\n' "--datadir=$1/data" |
    grep -lzxFf - /proc/[0-9]*/cmdline 2>/dev/null | grep -v "/proc/$$/" | head -n 1) || true
  found=${found#/proc/}
  found=${found%/cmdline}
  echo "$found"
}

# the name is told: a client asks the terminal who sits there, which is who started all this
sql() {
  as_node mariadb --no-defaults --user="$(as_node id -un)" --batch --skip-column-names --socket="$1/socket"
}

found() {
  local dir=$1
  mkdir -p "$dir"
  if [ "$(id -u)" -eq 0 ]; then
    chown mysql: "$dir"
    as_node test -x "$dir" ||
      fail "the user mysql, which nodes run as, cannot reach $dir. Give another folder with --data DIR."
  fi
  as_node mkdir -p "$dir/tmp"
  [ ! -d "$dir/data/mysql" ] || return 0
  # whatever it is, it is not thrown away
  [ ! -e "$dir/data" ] || mv "$dir/data" "$dir/data-set-aside-$(date +%Y%m%d-%H%M%S)"
  as_node mariadb-install-db --no-defaults --datadir="$dir/data" --tmpdir="$dir/tmp" \
    --auth-root-authentication-method=socket --auth-root-socket-user="$(as_node id -un)" \
    --skip-test-db >"$dir.install.log" 2>&1 ||
    fail "could not make a database in $dir; $dir.install.log says why."
}

# the options that starting it and asking how far it came have in common
options() {
  local dir=$1
  echo --no-defaults "--datadir=$dir/data" "--tmpdir=$dir/tmp" "--socket=$dir/socket" "--pid-file=$dir/mariadbd.pid" \
    "--log-error=$dir/log.err" --bind-address=127.0.0.1 --skip-name-resolve \
    --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
    --innodb-buffer-pool-size=64M --max-connections=80 --performance-schema=OFF \
    --binlog-format=ROW --innodb-autoinc-lock-mode=2 --innodb-flush-log-at-trx-commit=1
}

start() {
  local dir=$1 number=$2 all=$3 new=${4:-} sql group ist sst address=gcomm:// port
  read -r sql group ist sst <"$dir/ports"
  if [ "$new" != new ]; then
    for port in ${all//,/ }; do address+="127.0.0.1:$port,"; done
    address=${address%,}
  fi
  # a read on one node sees what was committed on another: wsrep-sync-wait
  # shellcheck disable=SC2046
  as_node setsid "$(mariadbd_program)" $(options "$dir") --port="$sql" \
    --wsrep-on=ON --wsrep-provider="$(galera_library)" \
    --wsrep-cluster-name=craftmap --wsrep-node-name="node$number" \
    --wsrep-node-address="127.0.0.1:$group" --wsrep-cluster-address="$address" \
    --wsrep-sst-method=rsync --wsrep-sst-receive-address="127.0.0.1:$sst" \
    --wsrep-sync-wait=1 --wsrep-retry-autocommit=4 \
    --wsrep-provider-options="base_port=$group;gmcast.listen_addr=tcp://127.0.0.1:$group;ist.recv_addr=127.0.0.1:$ist;evs.keepalive_period=PT0.5S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT6S;evs.install_timeout=PT5S;evs.inactive_check_period=PT0.5S;gcache.size=64M" \
    >/dev/null 2>&1 </dev/null 7>&- 9>&- &
}

# How far a node came: from its own note, or, where it was killed, from its log.
state() {
  local dir=$1 sequence safe
  sequence=$(sed -n 's/^seqno: *//p' "$dir/data/grastate.dat" 2>/dev/null || true)
  safe=$(sed -n 's/^safe_to_bootstrap: *//p' "$dir/data/grastate.dat" 2>/dev/null || true)
  if [ -e "$dir/data/grastate.dat" ] && [ "${sequence:--1}" -lt 0 ]; then
    rm -f "$dir/recovered"
    # shellcheck disable=SC2046
    as_node "$(mariadbd_program)" $(options "$dir" | sed "s|--log-error=[^ ]*||") \
      --wsrep-on=ON --wsrep-provider="$(galera_library)" --wsrep-cluster-address=gcomm:// --wsrep-recover --port=0 --skip-networking \
      >"$dir.recovered" 2>&1 || true
    sequence=$(sed -n 's/.*Recovered position: *[^:]*:\(-\{0,1\}[0-9]*\).*/\1/p' "$dir.recovered" | tail -n 1)
  fi
  echo "${sequence:--1} ${safe:-0}"
}

is_ready() {
  [ "$(echo "select variable_value from information_schema.global_status where variable_name = 'wsrep_ready'" |
    sql "$1" 2>/dev/null)" = ON ]
}

stop() {
  local dir=$1 pid tries=0
  pid=$(pid_of "$dir")
  [ -n "$pid" ] || return 0
  kill "$pid" 2>/dev/null || true
  while is_alive "$pid" && [ $tries -lt 300 ]; do
    sleep 0.1
    tries=$((tries + 1))
  done
}

case "${1:-} ${2:-}" in
  "found "?*) found "$2" ;;
  "start "?*) start "$2" "$3" "$4" "${5:-}" ;;
  "pid "?*) pid_of "$2" ;;
  "stop "?*) stop "$2" ;;
  "state "?*) state "$2" ;;
  "is "?*) is_ready "$2" ;;
  "sql "?*) sql "$2" ;;
  *) fail "usage: node.sh found|start|pid|stop|state|is|sql DIR" ;;
esac

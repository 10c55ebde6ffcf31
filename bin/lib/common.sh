# Shared by bin/start and bin/test. Source it; it changes nothing by itself.

CRAFTMAP_HOME=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)

say() { printf '%s\n' "$*"; }

fail() {
  printf 'Craft Map: %s\n' "$*" >&2
  exit 1
}

# Runs a long command with a word on what it does and a tick now and then; its output goes to a
# log whose end is shown when it fails.
with_progress() {
  local what=$1 log=$2
  shift 2
  printf '%s ' "$what"
  "$@" >"$log" 2>&1 7>&- 9>&- &
  local pid=$! waited=0
  while kill -0 "$pid" 2>/dev/null; do
    sleep 0.2
    waited=$((waited + 1))
    if [ $((waited % 25)) -eq 0 ]; then printf '.'; fi
  done
  if wait "$pid"; then
    printf ' done\n'
  else
    printf ' failed\n'
    tail -n 25 "$log" >&2
    return 1
  fi
}

# How a server is run. It begins with the memory it needs, not with a share of the machine, and gives
# back what it does not: of the heap, and of what compilers took and let go. The cache of classes is
# mapped where it was made for: elsewhere every page of it would be written anew, which takes a moment
# of each start and 60 MB that nobody else can use. The solver's libraries lie beside the jars: left
# to itself it unpacks its 70 MB into the folder of temporary files at each start, where they stay when
# the power goes.
SERVER_JVM=(-Xms128m -Xmx768m -XX:+UseSerialGC -XX:MinHeapFreeRatio=15 -XX:MaxHeapFreeRatio=40
  -XX:TrimNativeHeapInterval=30000 -XX:+UnlockDiagnosticVMOptions -XX:ArchiveRelocationMode=0
  -Djava.awt.headless=true -Dspring.aot.enabled=true -Djava.library.path=native
  --enable-native-access=ALL-UNNAMED)

# Finds a JDK 25 or newer: JAVA_HOME first, then what the system has installed.
find_jdk() {
  local home version
  for home in "${JAVA_HOME:-}" /usr/lib/jvm/*; do
    [ -x "$home/bin/javac" ] && [ -r "$home/release" ] || continue
    version=$(sed -n 's/^JAVA_VERSION="\([0-9]*\).*/\1/p' "$home/release")
    if [ "${version:-0}" -ge 25 ]; then
      export JAVA_HOME=$home
      export PATH=$home/bin:$PATH
      return 0
    fi
  done
  fail "there is no JDK 25 or newer here. Install one and set JAVA_HOME to its folder."
}

need_tools() {
  local tool
  for tool in "$@"; do
    command -v "$tool" >/dev/null 2>&1 || fail "'$tool' is missing. Install it and start again."
  done
}

# need_packages PACKAGE=PROGRAM ...: installs Debian packages whose program is not there yet.
need_packages() {
  local pair missing=()
  for pair in "$@"; do
    command -v "${pair#*=}" >/dev/null 2>&1 || [ -x "/usr/sbin/${pair#*=}" ] ||
      missing+=("${pair%%=*}")
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  local command="apt-get install -y --no-install-recommends ${missing[*]}"
  if ! command -v apt-get >/dev/null 2>&1; then
    fail "needs ${missing[*]}; install it with your system's package manager."
  fi
  local sudo=()
  if [ "$(id -u)" -ne 0 ]; then
    if command -v sudo >/dev/null 2>&1 && sudo -n true 2>/dev/null; then
      sudo=(sudo -n)
    else
      fail "needs ${missing[*]}. Run this once, then start again:  sudo $command"
    fi
  fi
  local log
  log=$(mktemp)
  if ! with_progress "Installing ${missing[*]} from Debian's packages" "$log" \
    "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive sh -c "apt-get update -q && $command"; then
    fail "could not install ${missing[*]}. Run this by hand to see why:  $command"
  fi
  rm -f "$log"
}

free_port() {
  local port
  for _ in 1 2 3 4 5 6 7 8 9 10; do
    port=$((20000 + RANDOM % 12000))
    if port_is_free "$port"; then
      echo "$port"
      return 0
    fi
  done
  return 1
}

# Whether a process runs. One that has ended and that nobody has asked after does not; one that is
# just turning into another program does, though it has no command for that moment.
is_alive() {
  local stat
  IFS= read -r stat 2>/dev/null <"/proc/$1/stat" || return 1
  stat=${stat##*) }
  case $stat in
    Z* | X*) return 1 ;;
  esac
}

# Digits alone, few enough to be counted with, from 1 to 65535.
is_port() {
  case $1 in
    '' | *[!0-9]* | ??????*) return 1 ;;
  esac
  [ "$((10#$1))" -ge 1 ] && [ "$((10#$1))" -le 65535 ]
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# What would be built: sources newer than the stamp, or no stamp at all.
build_is_stale() {
  local stamp=$1
  [ -e "$stamp" ] || return 0
  [ -n "$(find "$CRAFTMAP_HOME/pom.xml" "$CRAFTMAP_HOME/core" "$CRAFTMAP_HOME/server" \
    "$CRAFTMAP_HOME/web" "$CRAFTMAP_HOME/docs/openapi.json" \
    \( -name node_modules -o -name target -o -name dist -o -name schema.d.ts -o -path '*/src/test' \) -prune \
    -o -type f -newer "$stamp" -print -quit)" ]
}

# The status of a GET on our own server, without needing curl.
http_status() {
  local line
  exec 8<>"/dev/tcp/127.0.0.1/$1" || return 1
  printf 'GET %s HTTP/1.1\r\nHost: 127.0.0.1:%s\r\nConnection: close\r\n\r\n' "$2" "$1" >&8
  IFS= read -r -t 5 line <&8 || true
  exec 8>&-
  set -- $line
  echo "${2:-none}"
}

# unpack_build DIR TIME: lays the packed server out for quick starts; TIME is when its build began.
unpack_build() {
  local dir=$1 now=$2
  mkdir -p "$dir"
  rm -rf "$dir/app.new" "$dir/cache"
  java -Djarmode=tools -jar "$CRAFTMAP_HOME/server/target/craftmap.jar" \
    extract --destination "$dir/app.new" >>"$dir/log" 2>&1 || fail "could not unpack the build; see $dir/log."
  (cd "$dir/app.new" && jar xf lib/ortools-linux-*.jar && rm -rf META-INF && mv ortools-linux-* native) \
    >>"$dir/log" 2>&1 || fail "could not unpack the solver; see $dir/log."
  rm -rf "$dir/app"
  mv "$dir/app.new" "$dir/app"
  touch -d "@$now" "$dir/stamp"
}

# Builds what is stale; afterwards $app is the unpacked server, and lock 7 is held so that no other
# program builds anew what is about to be started.
ready_build() {
  local now
  built=$CRAFTMAP_HOME/var/build
  app=$built/app
  # One start builds and prepares; another one at the same time waits and finds it done.
  mkdir -p "$built" 2>/dev/null && exec 7>"$built/lock" || fail "cannot write to $built, where the build goes."
  flock 7
  if build_is_stale "$built/stamp"; then
    need_tools mvn node npm
    now=$(date +%s.%N)
    with_progress "Building Craft Map (the first time fetches its libraries)" "$built/log" \
      mvn -B -q -f "$CRAFTMAP_HOME/pom.xml" -pl server -am package -DskipTests ||
      fail "could not build; $built/log has all of it."
    unpack_build "$built" "$now"
  fi
}

# at_the_machine DATA CLASS ARGUMENTS...: a task of the server's without the server, on a studio's
# database, which is started for it where Craft Map does not run.
at_the_machine() {
  local class=$2 db_port status=0
  # not local: what is done at the end needs them
  database=$CRAFTMAP_HOME/bin/lib/database.sh
  data=$1
  shift 2
  exec 9>"$data/lock"
  if flock -n 9; then
    trap '"$database" stop "$data/db" || true' EXIT
    trap 'exit 130' INT TERM HUP
  fi
  db_port=$("$database" start "$data/db") || exit 1
  CRAFTMAP_DB_URL="jdbc:mariadb://127.0.0.1:$db_port/craftmap" CRAFTMAP_DB_USER=craftmap \
    CRAFTMAP_DB_PASSWORD=$(cat "$data/db/password") \
    java -Xmx512m -XX:TieredStopAtLevel=1 -Dslf4j.internal.verbosity=ERROR -Dlogback.configurationFile=quiet.xml \
    -cp "$app/craftmap.jar" "craftmap.server.$class" "$@" 7>&- 9>&- || status=$?
  return $status
}

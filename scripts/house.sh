# What demo, start and check share. Sourced, not run.

house=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

# Compiled once and quickly: a start is half of it, and what a hand drags is answered as soon.
jvm="-Xmx768m -XX:+UseSerialGC -XX:TieredStopAtLevel=1"

missing() {
  echo "Glanzen needs $1." >&2
  lacking=1
}

# Is version $1 at least $2?
at_least() {
  [ "$(printf '%s\n%s\n' "$2" "$1" | sort -V | head -n 1)" = "$2" ]
}

need_tools() {
  lacking=0
  local version
  if command -v java >/dev/null && command -v javac >/dev/null; then
    version=$(java -version 2>&1 | sed -n 's/.*version "\([0-9.]*\).*/\1/p' | head -n 1)
    at_least "$version" 17 || missing "Java 17 or newer; here is $version"
  else
    missing "Java 17 or newer, with its compiler (a JDK)"
  fi
  if command -v mvn >/dev/null; then
    version=$(mvn -B -v 2>/dev/null | sed 's/\x1b\[[0-9;]*m//g' | sed -n 's/^Apache Maven \([0-9.]*\).*/\1/p')
    at_least "$version" 3.8 || missing "Maven 3.8 or newer; here is $version"
  else
    missing "Maven 3.8 or newer"
  fi
  if command -v node >/dev/null; then
    version=$(node -v | tr -d v)
    at_least "$version" 20.19 || missing "Node 20.19 or newer; here is $version"
  else
    missing "Node 20.19 or newer"
  fi
  command -v npm >/dev/null || missing "npm"
  [ "$lacking" = 0 ] || exit 1
}

# Are the packages of the front end those that its lock names?
fetched() {
  cmp -s "$house/web/package-lock.json" "$house/web/node_modules/.fetched"
}

# Opens the page once it answers, where there is a screen and something to open it with.
open_page() {
  local opener=""
  if [ "$(uname)" = Darwin ]; then
    opener=open
  elif [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ] && command -v xdg-open >/dev/null; then
    opener=xdg-open
  fi
  [ -n "$opener" ] && command -v curl >/dev/null || return 0
  (
    for _ in $(seq 120); do
      curl -s -o /dev/null "$1" && exec "$opener" "$1" >/dev/null 2>&1
      sleep 0.5
    done
  ) &
}

# Builds the application if it is not there or older than its sources, and lays it out for a quick start.
build() {
  local jar="$house/app/target/glanzen.jar" laid="$house/app/target/laid-out"
  if [ ! -f "$jar" ] || [ -n "$(find "$house"/{core,solver,app,web} "$house/pom.xml" \
      -path '*/target' -prune -o -path '*/node_modules' -prune -o -path '*/dist' -prune -o -path '*/src/fonts' -prune \
      -o -name 'schema.d.ts' -prune -o -type f -newer "$jar" -print -quit)" ]; then
    echo "Building Glanzen; the first time takes a few minutes."
    local skip=""
    fetched && skip="-Dmodules.skip=true"
    (cd "$house" && mvn -q -B -DskipTests -Dmaven.test.skip=true $skip -pl core,solver,web,app package) || exit 1
    # A build that always makes the same bytes gives its files the same date too.
    touch "$jar"
    cp "$house/web/package-lock.json" "$house/web/node_modules/.fetched"
    rm -rf "$laid"
  fi
  if [ ! -d "$laid" ]; then
    java -Djarmode=tools -jar "$jar" extract --destination "$laid" >/dev/null || exit 1
    # Remembers parsed classes: starts in a third of the time from then on.
    (cd "$laid" && java $jvm -XX:ArchiveClassesAtExit=glanzen.jsa -Dspring.context.exit=onRefresh \
      -jar glanzen.jar --glanzen.data="$laid/warm-up" --server.port=0 >/dev/null 2>&1)
    rm -rf "$laid/warm-up"
  fi
}

# launch DATA DEMO PORT
launch() {
  local laid="$house/app/target/laid-out"
  mkdir -p "$1" || exit 1
  local data
  data=$(cd "$1" && pwd)
  echo "Glanzen is at http://localhost:$3 in a moment. Its data is in $data. Ctrl+C ends it."
  open_page "http://localhost:$3"
  cd "$laid" || exit 1
  exec java $jvm -Xshare:auto -XX:SharedArchiveFile=glanzen.jsa -jar glanzen.jar \
    --glanzen.data="$data" --glanzen.demo="$2" --server.port="$3"
}

port_of() {
  case "${1:-8080}" in
    *[!0-9]* | "") echo "The port is a number, such as 8080." >&2; exit 1 ;;
    *) echo "${1:-8080}" ;;
  esac
}

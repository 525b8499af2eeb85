# Shared by ./start, ./check and the commands in bin/: what must be installed, and the private database cluster.

say() { printf '%s\n' "$*"; }
stop_with() {
  printf '%s\n' "$*" >&2
  exit 1
}

as_root() { [ "$(id -u)" -eq 0 ]; }

# need NAME LEAST FOUND HOW: stops with one line when a tool is missing (FOUND empty) or too old.
need() {
  local name=$1 least=$2 found=$3 how=$4
  [ -n "$found" ] || stop_with "$name is missing: install it with  $how"
  [ "${found%%.*}" -ge "$least" ] || stop_with "$name $found is too old, $least or newer is needed: install it with  $how"
}

check_tools() {
  local java mvn node npm
  java=$(javac -version 2>&1 | sed -n 's/^javac \([0-9][0-9.]*\).*/\1/p')
  need "The Java development kit" 17 "$java" "apt-get install openjdk-17-jdk-headless"
  mvn=$(mvn -v 2>/dev/null | sed 's/\x1b\[[0-9;]*m//g' | sed -n 's/^Apache Maven \([0-9][0-9.]*\).*/\1/p')
  need "Maven" 3 "$mvn" "apt-get install maven"
  node=$(node -v 2>/dev/null | sed -n 's/^v//p')
  need "Node.js" 20 "$node" "a package of Node.js 20 or newer (apt-get install nodejs npm where Debian's is new enough)"
  npm=$(npm -v 2>/dev/null | tail -n 1)
  need "npm" 9 "$npm" "apt-get install npm"
}

# install_package COMMAND-THAT-SHOWS-IT-IS-THERE PACKAGE
install_package() {
  if as_root; then
    say "Installing $1 (once) ..."
    apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$1" >/dev/null ||
      stop_with "Installing $1 failed. Try it by hand:  apt-get install $1"
  else
    stop_with "$1 is missing. Install it with  sudo apt-get install $1  and start again."
  fi
}

postgres_bin() {
  ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -t/ -k5 -n | while read -r folder; do
    [ -x "$folder/initdb" ] && [ -x "$folder/postgres" ] && echo "$folder"
  done | tail -n 1
}

ensure_postgres() {
  PG_BIN=$(postgres_bin)
  if [ -z "$PG_BIN" ]; then
    install_package postgresql
    PG_BIN=$(postgres_bin)
  fi
  [ -n "$PG_BIN" ] || stop_with "The PostgreSQL server was not found under /usr/lib/postgresql."
}

# Debian's Chromium without a window, which starts and draws in two thirds of the time.
ensure_chromium() {
  command -v chromium-headless-shell >/dev/null || install_package chromium-headless-shell
}

# PostgreSQL refuses to run as root, so root hands it to the unprivileged user of Debian's package.
as_database_user() {
  if as_root; then
    (cd / && runuser -u postgres -- "$@")
  else
    "$@"
  fi
}

# Nobody's server runs as root either: root hands it to the same user, in the place of the shell.
as_server_user() {
  if as_root; then
    exec setpriv --reuid=postgres --regid=postgres --clear-groups "$@"
  fi
  exec "$@"
}

# A small part of the heap for what is new: what lasts grows into the rest only when it must.
JAVA=(java -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Xmx512m -Xmn48m)

# build_app HOME: the program as it is started, under HOME/app; built anew when a source has changed. One that has served a
# farm stays beside it, as HOME/app.before. Sets app.
build_app() {
  local now
  app=$1/app
  now="$(fingerprint pom.xml core/pom.xml core/src/main web/pom.xml $SCREENS server/pom.xml server/src/main) $(java -version 2>&1 | head -n 1)"
  if [ ! -d "$app" ] || [ "$(cat "$1/built" 2>/dev/null)" != "$now" ]; then
    say "Building (the first time takes some minutes) ..."
    mvn -q -B -DskipTests -pl core,web,server package 9>&- || stop_with "The build failed; what went wrong stands above."
    if [ -d "$app" ] && cmp -s "$1/built" "$1/served"; then
      rm -rf "$app.before"
      mv "$app" "$app.before"
    fi
    rm -rf "$app" "$app.new"
    java -Djarmode=tools -jar server/target/theriseed-app.jar extract --destination "$app.new" >/dev/null
    mv "$app.new" "$app"
    echo "$now" >"$1/built"
  fi
}

# The database's user must be able to walk into every folder above the cluster.
check_reachable() {
  local folder= part
  while IFS= read -r -d / part; do
    folder=${folder%/}/$part
    as_database_user test -x "$folder" ||
      stop_with "The database's user cannot enter $folder. Allow it with  chmod o+x $folder  or move the checkout."
  done <<<"$1/"
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# Below the range the system hands out by itself.
free_port() {
  local port try
  for try in 1 2 3 4 5 6 7 8 9 10; do
    port=$((20000 + RANDOM % 12000))
    port_taken "$port" || {
      echo "$port"
      return
    }
  done
  stop_with "No free port was found on the loopback address."
}

# start_cluster HOME [EXTRA-SETTINGS]: makes the cluster under HOME once, starts it, sets DB_PORT and DB_PASSWORD.
start_cluster() {
  local home=$1 extra=${2:-} data=$1/cluster try
  mkdir -p "$home"
  check_reachable "$(cd "$home" && pwd)"
  rm -rf "$home/cluster.new"
  if [ ! -f "$data/PG_VERSION" ] || [ ! -f "$home/password" ]; then
    [ ! -e "$data" ] || mv "$data" "$home/cluster.unusable.$(date +%s)"
    (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$home/password")
    install -d -m 700 "$home/cluster.new"
    as_root && chown postgres "$home/cluster.new" && chown postgres "$home/password"
    as_database_user "$PG_BIN/initdb" -D "$home/cluster.new" -U theriseed --pwfile="$home/password" \
      -A scram-sha-256 -E UTF8 --locale=C.UTF-8 >"$home/initdb.log" 2>&1 ||
      stop_with "The database cluster could not be made; see $home/initdb.log."
    mv "$home/cluster.new" "$data"
  fi
  [ "$(cat "$data/PG_VERSION")" = "$(basename "$(dirname "$PG_BIN")")" ] ||
    stop_with "$data was made by PostgreSQL $(cat "$data/PG_VERSION"); install that version, or move the folder away after a backup."
  DB_PASSWORD=$(cat "$home/password")
  if as_database_user "$PG_BIN/pg_ctl" -D "$data" status >/dev/null 2>&1; then
    DB_PORT=$(sed -n 4p "$data/postmaster.pid")
    return
  fi
  touch "$home/postgres.log"
  as_root && chown postgres "$home/postgres.log"
  for try in 1 2 3; do
    DB_PORT=${WANTED_PORT:-$(free_port)}
    if as_database_user "$PG_BIN/pg_ctl" -D "$data" -w -t 60 -l "$home/postgres.log" -s \
      -o "-p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories='' $extra" start >/dev/null 2>&1; then
      return
    fi
  done
  stop_with "The database did not start; see $home/postgres.log."
}

# keep_small FILE: a log that has grown beyond some megabytes goes aside, whoever still writes to it; five such stay.
keep_small() {
  local older
  [ -f "$1" ] && [ "$(stat -c %s "$1")" -gt 5000000 ] || return 0
  for older in 4 3 2 1; do
    [ ! -f "$1.$older" ] || mv "$1.$older" "$1.$((older + 1))"
  done
  cp -p "$1" "$1.1" && : >"$1"
}

stop_cluster() {
  as_database_user "$PG_BIN/pg_ctl" -D "$1/cluster" -m fast -w -s stop >/dev/null 2>&1 || true
}

# sweep_clusters PREFIX: throws away what killed runs left behind; the number after the prefix is the run's process.
sweep_clusters() {
  local left
  for left in "$1"*; do
    if [ -d "$left" ] && ! kill -0 "${left#"$1"}" 2>/dev/null; then
      stop_cluster "$left"
      rm -rf "$left"
    fi
  done
}

# start_test_cluster: a throw-away cluster for the tests, which find it by what is exported; gone when the script ends.
start_test_cluster() {
  mkdir -p .farm
  sweep_clusters "$PWD/.farm/check."
  TEST_HOME=$PWD/.farm/check.$$
  trap 'stop_cluster "$TEST_HOME"; rm -rf "$TEST_HOME"' EXIT
  trap 'exit 1' INT TERM HUP
  serve_tests "$TEST_HOME"
}

# keep_test_cluster: one that stays between runs of single tests, with the demo farm that a run before has made of the
# same sources.
keep_test_cluster() {
  local old
  TEST_HOME=$PWD/.farm/test
  mkdir -p "$TEST_HOME"
  exec 8>"$TEST_HOME/lock"
  flock 8
  trap 'stop_cluster "$TEST_HOME"' EXIT
  trap 'exit 1' INT TERM HUP
  serve_tests "$TEST_HOME" 8>&-
  export THERISEED_TEST_SOURCES=_$(fingerprint core/src/main server/src/main | cut -c1-12)
  export PGPASSWORD=$DB_PASSWORD
  for old in $(psql_query "select datname from pg_database where datname like 'test\_%'
      or datname like 'demo\_farm%' and datname <> 'demo_farm$THERISEED_TEST_SOURCES'"); do
    psql_query "drop database $old with (force)"
  done
}

# serve_tests HOME: a cluster that forgets what a power cut would take, and what the tests find it by.
serve_tests() {
  start_cluster "$1" "-c fsync=off -c synchronous_commit=off -c full_page_writes=off"
  export THERISEED_TEST_DB="jdbc:postgresql://127.0.0.1:$DB_PORT/postgres" THERISEED_TEST_DB_PASSWORD=$DB_PASSWORD
  export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
}

# test_reports: what every suite that ran has written.
test_reports() {
  find . -path ./web/node_modules -prune -o -path '*/target/*-reports/*.xml' -print0
}

clear_test_reports() {
  test_reports | xargs -0 -r rm -f
}

# sum_of_tests ATTRIBUTE: over every suite that ran.
sum_of_tests() {
  test_reports | xargs -0 -r grep -ho '<testsuite [^>]*' |
    grep -o " $1=\"[0-9]*\"" | tr -dc '0-9\n' | awk '{ all += $1 } END { print all + 0 }'
}

# slowest_tests N: the N tests that took longest, with their seconds.
slowest_tests() {
  test_reports | xargs -0 -r grep -ho '<testcase [^>]*' | awk '
    function attribute(name) {
      return match($0, " " name "=\"[^\"]*\"") ? substr($0, RSTART + length(name) + 3, RLENGTH - length(name) - 4) : ""
    }
    { printf "%8.1f s  %s %s\n", attribute("time"), attribute("classname"), attribute("name") }' |
    sed 's/&gt;/>/g; s/&lt;/</g; s/&quot;/"/g; s/&apos;/'"'"'/g; s/&amp;/\&/g' | sort -rn | awk -v most="$1" 'NR <= most'
}

# make_database NAME: makes it when it is not there.
make_database() {
  local there
  export PGPASSWORD=$DB_PASSWORD
  there=$(psql_query "select 1 from pg_database where datname = '$1'")
  [ "$there" = 1 ] || psql_query "create database $1" >/dev/null
}

# psql_query STATEMENT [DATABASE]
psql_query() {
  PGPASSWORD=$DB_PASSWORD "$PG_BIN/psql" -h 127.0.0.1 -p "$DB_PORT" -U theriseed -d "${2:-postgres}" -v ON_ERROR_STOP=1 -Atqc "$1"
}

# put_back BACKUP DATABASE: into a database that is made for it, and gone again when it cannot be.
put_back() {
  psql_query "create database $2" >/dev/null
  PGPASSWORD=$DB_PASSWORD "$PG_BIN/pg_restore" -h 127.0.0.1 -p "$DB_PORT" -U theriseed -d "$2" --exit-on-error "$1" || {
    psql_query "drop database $2" >/dev/null
    return 1
  }
}

# backup_planned COLUMN OTHERWISE DATABASE: as the farm's page Backups says, or as it is while nobody has said anything.
backup_planned() {
  local said=
  [ "$(psql_query "select to_regclass('backup_plan') is not null" "$3")" != t ] || said=$(psql_query "select $1 from backup_plan" "$3")
  echo "${said:-$2}"
}

# What the screens are made of.
SCREENS="web/src web/static web/package-lock.json web/svelte.config.js web/vite.config.ts web/build-steps.js"

# fingerprint PATH...: changes when a file below changes.
fingerprint() {
  find "$@" -type f -not -path '*/node_modules/*' -not -path '*/.svelte-kit/*' -not -path '*/target/*' -not -path 'web/build/*' \
    -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-40
}

# demo_farm_aside NAME: a demo farm of its own for a drive, under .farm/NAME.PROCESS, gone when the script ends. Sets home,
# work (a folder for notes), port, server once server_up has started it, clock (a command for another clock than the
# machine's), and bad, which is 1 once something went wrong.
demo_farm_aside() {
  ensure_postgres
  mkdir -p .farm
  build_app "$PWD/.farm"
  as_root && chown -R postgres "$app"
  sweep_clusters "$PWD/.farm/$1."
  home=$PWD/.farm/$1.$$
  work=$(mktemp -d)
  mkdir -p "$home"
  port=$(free_port) server= disk= bad=0 clock=()
  export THERISEED_MODE=demo SERVER_PORT=$port THERISEED_PASSWORD_STRENGTH=4
  export SPRING_DATASOURCE_USERNAME=theriseed
  trap leave_farm_aside EXIT
  trap 'exit 1' INT TERM HUP
  database_up
  make_database theriseed_demo
}

leave_farm_aside() {
  local job
  trap - EXIT
  for job in $(jobs -p); do kill "$job" 2>/dev/null || true; done
  [ -z "$server" ] || kill -9 "$server" 2>/dev/null || true
  wait 2>/dev/null || true
  stop_cluster "$home"
  [ -z "$disk" ] || umount "$disk" || true
  rm -rf "$home" "$work"
}

database_up() {
  start_cluster "$home"
  WANTED_PORT=$DB_PORT
  export SPRING_DATASOURCE_PASSWORD=$DB_PASSWORD PGPASSWORD=$DB_PASSWORD
  export SPRING_DATASOURCE_URL=jdbc:postgresql://127.0.0.1:$DB_PORT/theriseed_demo
}

answers() { [ "$(curl -s -m 5 -o /dev/null -w '%{http_code}' "http://localhost:$port/api/session")" = 200 ]; }

server_up() {
  (as_server_user "${clock[@]}" "${JAVA[@]}" -jar "$app/theriseed-app.jar") >>"$home/server.log" 2>&1 &
  server=$!
  disown
  until answers; do
    kill -0 "$server" 2>/dev/null || stop_with "The server did not start: $(tail -n 3 "$home/server.log")"
    sleep 0.2
  done
}

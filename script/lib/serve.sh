# A built server on a free port of loopback, with the demo data: serve_start CLUSTER DATABASE prints its address, serve_stop ends it. To be sourced after postgres.sh.

serve_start() {
  local cluster=$1 name=$2 base url port
  base=$(pg_start "$cluster")
  base=${base%/*}
  "$(pg_bin)/psql" -qc "drop database if exists \"$name\" with (force)" -c "create database \"$name\"" "$base/postgres" >/dev/null 2>&1
  url="$base/$name"
  load_demo "$url" "$(pg_app_password "$cluster")" >&2
  port=$(free_port)
  (
    export DATABASE_URL WEB_ROOT="$ROOT/web/dist" LOG_LEVEL="${LOG_LEVEL:-warn}" HOST=127.0.0.1 PORT=$port FOXING_DEMO=yes
    DATABASE_URL=$(pg_app_url "$url" "$(pg_app_password "$cluster")")
    exec node server/dist/main.js >"$RUN/server-$$.log" 2>&1
  ) &
  echo $! >"$RUN/server-$$.pid"
  wait_ready "$port" || { cat "$RUN/server-$$.log" >&2; return 1; }
  echo "http://127.0.0.1:$port"
}

# Migrates and loads the demo's people and jars: load_demo OWNER_URL APP_PASSWORD. Says how to sign in.
load_demo() {
  DATABASE_URL=$1 FOXING_APP_PASSWORD=$2 node server/dist/migrate.js server/migrations >&2
  OWNER_DATABASE_URL=$1 DATABASE_URL=$(pg_app_url "$1" "$2") node server/dist/demo.js
}

serve_stop() {
  local pid
  [ -f "$RUN/server-$$.pid" ] || return 0
  pid=$(cat "$RUN/server-$$.pid")
  kill -TERM "$pid" 2>/dev/null || true
  for _ in $(seq 50); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
  kill -KILL "$pid" 2>/dev/null || true
  rm -f "$RUN/server-$$.pid" "$RUN/server-$$.log"
}

wait_ready() {
  local port=$1
  for _ in $(seq 100); do
    if node -e 'fetch("http://127.0.0.1:'"$port"'/readyz").then(r=>process.exit(r.ok?0:1),()=>process.exit(1))'; then return 0; fi
    sleep 0.2
  done
  say "the server at port $port did not get ready"
  return 1
}

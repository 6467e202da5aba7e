# Shared by the scripts; to be sourced from the repository's root.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/../.."
ROOT=$PWD
say() { printf '%s\n' "$*" >&2; }
# Says where a script is, what that usually takes on two cores, and what the stage before took: stage 2/5 'the build' 'four minutes'.
stage_began=$SECONDS
stage() {
  [ "${stage_name:-}" = '' ] || say "      $stage_name took $((SECONDS - stage_began)) s"
  stage_name=$2 stage_began=$SECONDS
  say "[$1] $2: $3"
}

# Everything a run makes lies under .run, or, where the clone lies in a folder that others cannot enter, under /var/tmp.
run_home() {
  local hash
  hash=$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)
  echo "/var/tmp/foxing-$hash-$(id -u)"
}
RUN=$(run_home)
mkdir -p "$RUN"

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null && sudo -n true 2>/dev/null; then sudo -n "$@"; else return 1; fi
}

pg_bin() {
  local dir
  dir=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1 || true)
  if [ -n "$dir" ] && [ -x "$dir/initdb" ] && [ -x "$dir/postgres" ]; then echo "$dir"; fi
}
chromium_bin() { command -v chromium || true; }

free_port() {
  node -e 'const s=require("net").createServer().listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'
}

# A server that is killed while people use it, and whose next start takes long. Sourced by bin/bench.

database_began() { "$PROJECT/bin/database" admin -At -c 'select pg_postmaster_start_time()'; }

# slow_restart SECONDS: starts the product with a database of its own, lets four people ask all the while,
# kills the server and holds its next start up for so long (its migrations wait for a lock); prints what
# became of it
slow_restart() {
  local held="$1" log began back first before
  people=()
  home="$(mktemp -d)"; log="$home/start.log"
  export PG_FAST=1
  EVENLOBE_STATE="$home" "$PROJECT/bin/start" >"$log" 2>&1 &
  product=$!
  home="$home/home"
  export EVENLOBE_STATE="$home"
  trap 'kill $product "${people[@]}" 2>/dev/null; wait; "$PROJECT/bin/database" destroy >/dev/null 2>&1; rm -rf "$(dirname "$home")"' EXIT
  until [ -e "$home/answered" ]; do sleep 1; kill -0 $product 2>/dev/null || die "it did not start: $(cat "$log")"; done
  until grep -q 'Ctrl-C' "$log"; do sleep 0.2; done
  local address; address="$(grep -om1 'https\?://[^ ]*' "$log")"
  for _ in 1 2 3 4; do
    ( while true; do
        curl -s -o /dev/null -m 10 -w '%{http_code}\n' "$address/api/site" >>"$home/asked" || true
        sleep 0.05
      done ) &
    people+=($!)
  done
  sleep 5
  before="$(database_began)"
  first="$(cat "$home/server.pid")"
  "$PROJECT/bin/database" admin -q -c \
    "begin; lock table flyway_schema_history in access exclusive mode; select pg_sleep($held)" >/dev/null &
  sleep 1
  began=$SECONDS
  kill -KILL "$first"
  sleep 2
  until curl -sf -o /dev/null -m 2 "$address/actuator/health/readiness"; do sleep 0.5; done
  back=$((SECONDS - began))
  sleep 5
  say "killed under load, its next start held up for $held s: ready again after $back s"
  say "servers begun: $(($(grep -c 'started again' "$log") + 1)) (2 is one start after the kill)"
  say "the database: $([ "$before" = "$(database_began)" ] \
    && echo 'the same process all the while' || echo 'was started again')"
  say "answers before, during and after: $(sort "$home/asked" | uniq -c | tr -s ' \n' ' ')(000: none)"
  sed 's/^/  /' "$log" | tail -n 6
}

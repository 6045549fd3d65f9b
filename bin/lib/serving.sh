# Keeping the server running, and backing up what it keeps. Sourced after common.sh and build.sh.
OUT_OF_MEMORY=3          # what Java ends with under -XX:+ExitOnOutOfMemoryError
SHORT_LIFE=10            # seconds; a server that ends sooner has not got over its trouble
LONGEST_START=600        # seconds until a server that is starting is given up
LONGEST_PAUSE=300        # seconds between two tries to start it; the first is 1, each next one twice
LOOK_EVERY=20            # seconds between looks at whether it answers
MOST_MISSES=3            # looks in a row that it may leave unanswered

# start_server: starts it and waits until it answers; says why, and fails, where it does not
start_server() {
  local began=$SECONDS
  fast_java "$STATE" 8>&- &
  server_pid=$!
  echo "$server_pid" > "$STATE/server.pid"
  while [ $((SECONDS - began)) -lt $LONGEST_START ]; do
    if ! kill -0 "$server_pid" 2>/dev/null; then
      wait "$server_pid" 2>/dev/null || true
      server_pid=''; server_log >&2
      say "the server did not start; its log is $STATE/log/server.log"
      return 1
    fi
    if answers readiness; then
      server_began=$SECONDS
      touch "$STATE/answered"   # from now on it is looked after
      return
    fi
    sleep 0.2
  done
  kill -KILL "$server_pid" 2>/dev/null || true
  wait "$server_pid" 2>/dev/null || true
  server_pid=''
  say "the server did not answer within $LONGEST_START seconds; its log is $STATE/log/server.log"
  return 1
}

answers() { "${SCHEME}_ok" "$PORT" "/actuator/health/$1"; }

# server_log: what it said last; a server that did not get as far as its log said it to its output
server_log() { tail -qn 20 "$STATE/log/server.out" "$STATE/log/server.log" 2>/dev/null || true; }

# keep_serving: starts it again when it ends by itself, for as long as this runs, and says so
keep_serving() {
  local code rest=1
  while true; do
    code=0; wait "$server_pid" || code=$?
    server_pid=''
    rm -f "$STATE/answered"
    if [ $((SECONDS - server_began)) -ge $SHORT_LIFE ]; then rest=1; fi
    if [ "$code" = "$OUT_OF_MEMORY" ]; then
      say "the server ran out of memory; it is being started again"
    else
      say "the server ended ($code); it is being started again"
    fi
    until [ $((SECONDS - server_began)) -ge $SHORT_LIFE ] && start_server; do
      say "it is tried again in $rest s"
      pause "$rest"
      rest=$((rest * 2 < LONGEST_PAUSE ? rest * 2 : LONGEST_PAUSE))
      server_began=$((SECONDS - SHORT_LIFE))
    done
    say "the server answers again"
  done
}

# watch_server: ends a server that lives and answers nothing, so that it is started again; one that
# is starting is left alone, and what was missed before that is forgotten
watch_server() {
  local misses=0
  ends_with_its_pause
  while pause $LOOK_EVERY; do
    if [ ! -e "$STATE/answered" ]; then misses=0; continue; fi
    if answers liveness; then misses=0; else misses=$((misses + 1)); fi
    if [ $misses -ge $MOST_MISSES ]; then
      say "the server answers nothing; it is being ended"
      rm -f "$STATE/answered"
      kill -KILL "$(cat "$STATE/server.pid")" 2>/dev/null || true
      misses=0
    fi
  done
}

# watch_database: starts it again where it has ended, on the port that the server knows
watch_database() {
  ends_with_its_pause
  while pause $LOOK_EVERY; do
    if [ -e "$STATE/answered" ] && "$PROJECT/bin/database" ended 8>&-; then
      say "the database has ended; it is being started again"
      if "$PROJECT/bin/database" again 8>&-; then say "the database answers again"; fi
    fi
  done
}

# keep_backups EVERY KEEP: one every so often (24h, 30m, 45s), the newest KEEP of them kept
keep_backups() {
  local newest age
  ends_with_its_pause
  mkdir -p "$STATE/backups"
  while true; do
    newest="$(ls -1t "$STATE/backups" 2>/dev/null | grep '\.backup$' | head -n 1 || true)"
    age=$(( $(date +%s) - $([ -n "$newest" ] && stat -c %Y "$STATE/backups/$newest" || echo 0) ))
    if [ "$age" -ge "$1" ]; then
      "$PROJECT/bin/backup" $($DEMO && echo --demo) >/dev/null 8>&- || say "the backup failed"
      ls -1t "$STATE/backups"/*.backup 2>/dev/null | tail -n +$(($2 + 1)) | xargs -r rm -f --
      age=0
    fi
    pause $(( $1 - age > 0 ? $1 - age : 1 ))
  done
}

# A pause in the background ends when it is told to, and leaves no sleep behind.
ends_with_its_pause() { trap 'kill "${sleeping:-}" 2>/dev/null; exit 0' TERM; }
pause() { sleep "$1" & sleeping=$!; wait "$sleeping"; }

# seconds 24h: 86400
seconds() {
  local number="${1%[smhd]}"
  [[ "$number" =~ ^[1-9][0-9]{0,4}$ ]] || die "'$1' is no span of time, such as 24h"
  case "$1" in
    *d) echo $((number * 86400)) ;;
    *h) echo $((number * 3600)) ;;
    *m) echo $((number * 60)) ;;
    *) echo "$number" ;;
  esac
}

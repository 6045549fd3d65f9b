# Building the server and starting it fast. Sourced after common.sh and machine.sh.
JAR="$PROJECT/server/target/server-1.0.0.jar"
BUILT="$PROJECT/server/target/.built"   # the jar's own time is fixed, so that builds are reproducible

# EVENLOBE_BUILD=skip takes the jar that is there, as the browser tests do inside a build.
build_if_needed() {
  [ "${EVENLOBE_BUILD:-}" = skip ] && { [ -f "$JAR" ] || die "$JAR is not built"; return; }
  if [ -f "$JAR" ] && [ -f "$BUILT" ] && [ -z "$(newer_than_build)" ]; then return; fi
  say "building (a few minutes the first time)"
  local log="$PROJECT/.evenlobe/build.log"
  mkdir -p "$PROJECT/.evenlobe"
  (cd "$PROJECT" && mvn -B -q -pl core,web,server -Dmaven.test.skip -Dspotless.check.skip package) \
    >"$log" 2>&1 </dev/null || { tail -n 30 "$log" >&2; die "the build failed; its log is $log"; }
  touch "$BUILT"
}

newer_than_build() {
  cd "$PROJECT"
  find pom.xml core/pom.xml web/pom.xml server/pom.xml core/src/main server/src/main \
       web/src web/public web/index.html web/package-lock.json web/vite.config.ts \
       -newer "$BUILT" -type f -print -quit 2>/dev/null
}

# The extracted jar with an archive of its loaded classes, both made once after a build, starts in
# less than half the time that java -jar takes.
prepare_fast_start() {
  FAST="$PROJECT/server/target/fast"
  exec 7>"$PROJECT/server/target/.fast.lock"; flock 7
  local sum; sum="$(cksum < "$JAR")"
  if [ "$(cat "$FAST/of-jar" 2>/dev/null)" != "$sum" ]; then
    say "preparing a fast start (once after a build)"
    rm -rf "$FAST"
    "$JAVA_HOME/bin/java" -Djarmode=tools -jar "$JAR" extract --destination "$FAST" >/dev/null
    (cd "$FAST" && "$JAVA_HOME/bin/java" -XX:ArchiveClassesAtExit=server.jsa $FAST_FLAGS \
      -Dspring.context.exit=onRefresh -jar "$(basename "$JAR")" >"$FAST/archive.log" 2>&1 </dev/null 8>&-) \
      || say "no fast start: $(tail -n 1 "$FAST/archive.log")"
    echo "$sum" > "$FAST/of-jar"
  fi
  exec 7>&-
}
# beside the heap: classes, compiled code and buffers, each with a bound, so that the whole has one
FAST_FLAGS="-XX:TieredStopAtLevel=1 -XX:+UseSerialGC -Xmx${EVENLOBE_HEAP:-512m} -XX:+ExitOnOutOfMemoryError"
FAST_FLAGS+=" -XX:MaxMetaspaceSize=192m -XX:ReservedCodeCacheSize=64m -XX:MaxDirectMemorySize=64m"

# fast_java STATE: becomes the server, whose log is kept within bounds in STATE/log/server.log; what it
# says before it has a log is in server.out beside it, anew with each start
fast_java() {
  mkdir -p "$1/log"
  export MALLOC_ARENA_MAX=2   # else each thread's own pool of C's memory grows beside them
  export LOGGING_FILE_NAME="$1/log/server.log" LOGGING_THRESHOLD_CONSOLE=off
  cd "$FAST"
  local archive=()
  [ -f server.jsa ] && archive=(-XX:SharedArchiveFile=server.jsa -Xlog:disable -Xlog:all=error:stderr)
  exec "$JAVA_HOME/bin/java" "${archive[@]}" $FAST_FLAGS -jar "$(basename "$JAR")" \
    >"$1/log/server.out" 2>&1 </dev/null
}

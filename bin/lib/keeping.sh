# Whose records bin/backup and bin/restore keep, and their database. Sourced after common.sh.

# choose_state [--demo] …: sets STATE to what bin/start or bin/demo use, and REST to the other arguments
choose_state() {
  local which=home
  REST=()
  while [ $# -gt 0 ]; do
    case "$1" in
      --demo) which=demo ;;
      --*) die "there is no $1: see the first lines of $0" ;;
      *) REST+=("$1") ;;
    esac
    shift
  done
  STATE="$STATE/$which"
  export EVENLOBE_STATE="$STATE"
}

# with_database COMMAND FILE: runs it, with the database started for it where it was not running
with_database() {
  local began=''
  if ! "$PROJECT/bin/database" running; then
    "$PROJECT/bin/database" start
    began=1
  fi
  local done=0
  "$PROJECT/bin/database" "$@" || done=$?
  if [ -n "$began" ]; then "$PROJECT/bin/database" stop; fi
  return $done
}

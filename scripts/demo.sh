#!/usr/bin/env bash
# Installs what is missing, builds, and serves the application with the lantern fair's data in it.
source "$(dirname "$0")/bootstrap.sh"
need_modules
need_build
export PORT="${PORT:-4173}"
export ORIGIN="${ORIGIN:-http://localhost:$PORT}"
export TOMBLE_DEMO=1
echo "Tomble is at http://localhost:$PORT (Ctrl-C ends it)"
exec node build

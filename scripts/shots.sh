#!/usr/bin/env bash
# One current picture of each main view, from the demo data, into docs/screenshots.
source "$(dirname "$0")/bootstrap.sh"
need_modules
need_chromium
need_build
npx tsx scripts/shots.ts

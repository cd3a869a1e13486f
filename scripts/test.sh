#!/usr/bin/env bash
# Everything: unit, property and outside checks, then the real interface in a real browser.
# Ends with one line `N passed, N failed`; arguments go to the unit tests alone.
source "$(dirname "$0")/bootstrap.sh"
need_modules
need_poppler
mkdir -p .scratch
if [ $# -gt 0 ]; then exec npx vitest run "$@"; fi

unit=0
npx vitest run --reporter=default --reporter=json --outputFile.json=.scratch/unit.json || unit=$?
need_chromium
need_build
browser=0
npx playwright test || browser=$?
node scripts/tally.js .scratch/unit.json .scratch/browser.json
[ "$unit" = 0 ] && [ "$browser" = 0 ]

#!/usr/bin/env bash
# Figures of speed, one line each: name, value, bound, pass or fail.
source "$(dirname "$0")/bootstrap.sh"
need_modules
need_chromium
need_build
npx tsx tests/bench/core.bench.ts
npx tsx tests/bench/browser.bench.ts

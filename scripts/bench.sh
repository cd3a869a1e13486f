#!/usr/bin/env bash
# Figures of speed, one line each: name, value, bound, pass or fail.
source "$(dirname "$0")/bootstrap.sh"
need_modules
need_chromium
need_build
failed=0
npx tsx tests/bench/core.bench.ts || failed=1
npx tsx tests/bench/limits.bench.ts || failed=1
npx tsx tests/bench/browser.bench.ts || failed=1
npx tsx tests/bench/first-sight.bench.ts || failed=1
npx tsx tests/bench/practice.bench.ts || failed=1
exit $failed

#!/usr/bin/env bash
# How many seeded small changes in core the tests notice: [count] [seed].
source "$(dirname "$0")/bootstrap.sh"
need_modules
npx tsx scripts/mutants.ts "$@"

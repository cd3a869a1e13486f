#!/usr/bin/env bash
# Types, lint, format, architecture, and the generated schema.
source "$(dirname "$0")/bootstrap.sh"
need_modules
npx svelte-kit sync
# The longest of them has a core to itself.
mkdir -p .scratch
npx eslint . --max-warnings 99 >.scratch/eslint.log 2>&1 &
eslint=$!
npx svelte-check --tsconfig ./tsconfig.json --fail-on-warnings
npx tsc --noEmit -p tsconfig.worker.json
npx prettier --check . --log-level warn
npx depcruise src --config .dependency-cruiser.cjs
npx tsx scripts/schema.ts --check
wait $eslint || {
	cat .scratch/eslint.log
	exit 1
}

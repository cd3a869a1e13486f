#!/usr/bin/env bash
# The long forms: of what is said and done, 2,000 seeded option sets a family; of the browser tests, every kind of thing begun
# and walked through, and twenty kills.
source "$(dirname "$0")/bootstrap.sh"
need_modules
need_chromium
need_build
mkdir -p .scratch
LONG=1 npx vitest run src/lib/core/table src/lib/core/words/read-at-the-crank.test.ts \
	src/lib/core/technique/read-at-the-table.test.ts --testTimeout 3600000
LONG=1 npx playwright test --grep @long "$@"

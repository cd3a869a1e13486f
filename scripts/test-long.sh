#!/usr/bin/env bash
# The long forms of the browser tests: every kind of thing begun and walked through, twenty kills.
source "$(dirname "$0")/bootstrap.sh"
need_modules
need_chromium
need_build
mkdir -p .scratch
LONG=1 npx playwright test --grep @long "$@"

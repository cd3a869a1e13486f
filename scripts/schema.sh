#!/usr/bin/env bash
# Writes the JSON Schema of the project file into docs.
source "$(dirname "$0")/bootstrap.sh"
need_modules
npx tsx scripts/schema.ts

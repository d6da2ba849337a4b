#!/usr/bin/env bash
# Builds the front end into dist/. Packages are installed only when the lock file changed.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.lock-installed
if ! cmp -s package-lock.json "$stamp"; then
  npm ci --no-audit --no-fund
  cp package-lock.json "$stamp"
fi
npm run --silent types
npm run --silent build

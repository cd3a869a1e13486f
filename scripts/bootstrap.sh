# What the other scripts stand on: each makes sure of what it needs, so that a new machine needs only Node and npm.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

# Installed packages, when the lock file says something else than what is there.
need_modules() {
	local want have
	want=$(cksum <package-lock.json)
	have=$(cat node_modules/.tomble-lock 2>/dev/null || true)
	if [ "$want" != "$have" ]; then
		echo "Installing packages…" >&2
		npm ci --no-fund --no-audit >&2
		printf '%s\n' "$want" >node_modules/.tomble-lock
	fi
	# Types and aliases that the checks and the tests read; made only when they are not there.
	[ -f .svelte-kit/tsconfig.json ] || npx svelte-kit sync >&2
}

# Debian's browser, for the tests that use the real interface.
need_chromium() {
	[ -x /usr/bin/chromium ] && return
	echo "Installing chromium…" >&2
	local sudo=''
	[ "$(id -u)" = 0 ] || sudo=sudo
	$sudo apt-get update -qq >&2
	$sudo apt-get install -y -qq chromium >&2
}

# Debian's PDF renderer, for the tests that measure a printed page.
need_poppler() {
	[ -x /usr/bin/pdftoppm ] && return
	echo "Installing poppler…" >&2
	local sudo=''
	[ "$(id -u)" = 0 ] || sudo=sudo
	$sudo apt-get update -qq >&2
	$sudo apt-get install -y -qq poppler-utils >&2
}

# The built application, made anew when a source is newer than it.
need_build() {
	if [ ! -f build/index.js ] || [ -n "$(find src static package-lock.json svelte.config.js vite.config.ts -newer build/index.js -print -quit)" ]; then
		echo "Building…" >&2
		npx vite build >build.log 2>&1 || {
			tail -40 build.log >&2
			exit 1
		}
	fi
}

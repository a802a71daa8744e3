# Sourced by start and test: says in one sentence what is missing, and installs Debian packages where it may.

fail() {
  printf '%s\n' "$*" >&2
  exit 1
}

require_tools() {
  command -v dotnet >/dev/null 2>&1 && dotnet --list-sdks 2>/dev/null | grep -q '^10\.' ||
    fail "Deep Baize needs the .NET 10 SDK (dotnet on the PATH); install it and try again."
  command -v node >/dev/null 2>&1 && [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ] ||
    fail "Deep Baize needs Node.js 20 or newer (node on the PATH); install it and try again."
  command -v npm >/dev/null 2>&1 || fail "Deep Baize needs npm, which comes with Node.js; install it and try again."
}

# install_packages PACKAGE...: installs Debian packages that are missing.
install_packages() {
  echo "Installing $* ..."
  local run=()
  if [ "$(id -u)" != 0 ]; then
    command -v sudo >/dev/null 2>&1 || fail "Deep Baize needs $*; install these packages as root and try again."
    run=(sudo)
  fi
  # A server that the package starts by itself would only be in the way: we run a private one.
  if [[ " $* " == *" postgresql "* && ! -e /etc/postgresql-common/createcluster.conf ]]; then
    "${run[@]}" mkdir -p /etc/postgresql-common
    echo "create_main_cluster = false" | "${run[@]}" tee /etc/postgresql-common/createcluster.conf >/dev/null
  fi
  "${run[@]}" apt-get update -q >/dev/null &&
    "${run[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "$@" >/dev/null ||
    fail "Installing $* failed; install these packages by hand and try again."
}

require_postgres() {
  ls /usr/lib/postgresql/*/bin/initdb >/dev/null 2>&1 || install_packages postgresql
}

require_browser() {
  { [ -x /usr/bin/chromium ] && [ -x /usr/bin/chromedriver ]; } || install_packages chromium chromium-driver
}

# A fresh machine may have an empty or missing HOME; the tools need one that can be written to.
require_home() {
  if [ -z "${HOME:-}" ] || [ ! -w "$HOME" ]; then
    export HOME="$root/.local/home"
    mkdir -p "$HOME"
  fi
  export DOTNET_NOLOGO=1 DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_GENERATE_ASPNET_CERTIFICATE=false
}

# build_locked PROJECT: builds with exactly the packages of the lock files; a version that is not in them is an error.
# One compiler serves all projects of the build, which halves its time, and is ended with it.
build_locked() {
  local compiler="baize-$$-$SECONDS" code=0
  dotnet restore "$1" --locked-mode -v quiet --nologo &&
    dotnet build "$1" -c Release -v quiet --nologo --no-restore \
      -p:UseSharedCompilation=true -p:SharedCompilationId="$compiler" || code=1
  local running
  for running in $(grep -lsa "pipename[:]$compiler" /proc/[0-9]*/cmdline); do kill "${running//[!0-9]/}" 2>/dev/null || true; done
  return "$code"
}

# Installs the client's packages when the lock file has changed.
install_client() {
  (
    cd "$root/src/client" || exit 1
    if [ ! -e node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
      npm ci --no-audit --no-fund --no-update-notifier --loglevel=error >/dev/null || exit 1
      touch node_modules/.package-lock.json
    fi
  )
}

# Writes the client's types from the API's document, and the page from the client's sources, when these have changed.
build_client() {
  local client="$root/src/client" types="src/api/generated/schema.d.ts"
  (
    install_client && cd "$client" || exit 1
    if [ ! -e "$types" ] || [ ../DeepBaize.Web/openapi/v1.json -nt "$types" ]; then npm run --silent types >/dev/null || exit 1; fi
    local page=../DeepBaize.Web/wwwroot/index.html
    if [ ! -e "$page" ] || [ -n "$(find src public index.html package-lock.json vite.config.ts -newer "$page" -print -quit)" ]; then
      npm run --silent build -- --logLevel warn || exit 1
    fi
  )
}

# Installs what is missing. Sourced by script/start and script/test; the current folder is the project's.

install_packages() {
  if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ] || [ package.json -nt node_modules/.package-lock.json ]; then
    echo "Installing packages…"
    npm ci --no-audit --no-fund --loglevel=error || return 1
    touch node_modules/.package-lock.json
  fi
}

# Debian's Chromium, for the browser journeys.
install_chromium() {
  [ -x /usr/bin/chromium ] && return 0
  echo "Installing Chromium…"
  local as_root=""
  [ "$(id -u)" -eq 0 ] || as_root="sudo"
  $as_root apt-get update -qq && DEBIAN_FRONTEND=noninteractive $as_root apt-get install -y -qq chromium >/dev/null
}

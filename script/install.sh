# Installs what is missing. Sourced by script/start and script/test; the current folder is the project's.

install_packages() {
  if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ] || [ package.json -nt node_modules/.package-lock.json ]; then
    echo "Installing packages…"
    npm ci --no-audit --no-fund --loglevel=error || return 1
    touch node_modules/.package-lock.json
  fi
}

# Debian's headless Chromium, for the browser journeys; where it cannot be had, the whole browser does as well.
install_chromium() {
  [ -x /usr/bin/chromium-headless-shell ] && return 0
  install_debian chromium-headless-shell || [ -x /usr/bin/chromium ] || install_debian chromium
}

install_debian() {
  echo "Installing $1…"
  local as_root=""
  [ "$(id -u)" -eq 0 ] || as_root="sudo"
  local wait="-o Acquire::http::Timeout=30 -o Acquire::Retries=1"
  $as_root apt-get $wait update -qq && DEBIAN_FRONTEND=noninteractive $as_root apt-get $wait install -y -qq "$1" >/dev/null
}

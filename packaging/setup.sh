# Sourced by ./run and ./test: installs what is missing, configures, builds.
# Usage: source packaging/setup.sh; setup_packages [LIST...]; setup_build PRESET [TARGET...]

say() { printf 'haybale: %s\n' "$*" >&2; }

# Packages of the lists that dpkg does not have installed.
missing_packages() {
  local name
  sed -e 's/#.*//' -e '/^[[:space:]]*$/d' "$@" | while read -r name; do
    dpkg-query -W -f='${db:Status-Status}' "$name" 2>/dev/null | grep -qx installed || echo "$name"
  done
}

# Installs the missing ones; touches apt only when something is missing.
setup_packages() {
  local missing sudo=""
  missing=$(missing_packages packaging/debian-packages.txt "$@" | tr '\n' ' ')
  [ -z "${missing// /}" ] && return 0
  if [ "$(id -u)" -ne 0 ]; then
    command -v sudo >/dev/null || { say "missing packages and no sudo; as root: apt-get install $missing"; return 1; }
    sudo=sudo
  fi
  say "installing from Debian: $missing"
  # shellcheck disable=SC2086 -- the list is meant to split into words
  $sudo apt-get update -q >&2 &&
    $sudo env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends $missing >&2 ||
    { say "apt could not install: $missing"; return 1; }
}

# Configures once and builds; ninja decides what is stale.
setup_build() {
  local preset=$1
  shift
  if [ ! -f "build/$preset/build.ninja" ]; then
    cmake --preset "$preset" >&2 || return 1
  fi
  if [ $# -gt 0 ]; then
    cmake --build --preset "$preset" --target "$@" >&2
  else
    cmake --build --preset "$preset" >&2
  fi
}

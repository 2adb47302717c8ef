# Sourced by the other scripts: makes sure that everything Wubbin stands on is there, for the shop and for its tests.
# shellcheck shell=bash

set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

# Whether any file below the given places is newer than a stamp.
newer_than() {
  local stamp=$1
  shift
  [ ! -e "$stamp" ] || [ -n "$(find "$@" -type f -newer "$stamp" -print -quit)" ]
}

# Runs apt-get; where something else holds the package manager's lock, waits for it.
apt_get() {
  local told tries=0
  told=$(mktemp)
  until DEBIAN_FRONTEND=noninteractive apt-get -qq -o DPkg::Lock::Timeout=600 "$@" >"$told" 2>&1; do
    if ! grep -qi 'could not get lock\|unable to lock\|held by process' "$told" || [ $((tries += 1)) -gt 120 ]; then
      cat "$told" >&2
      rm "$told"
      return 1
    fi
    [ "$tries" -gt 1 ] || say 'The package manager is busy with something else: waiting for it …'
    sleep 5
  done
  rm "$told"
}

# Installs Debian packages as root; otherwise says exactly what to install.
need_packages() {
  local missing=("$@")
  [ ${#missing[@]} -gt 0 ] || return 0
  if [ "$(id -u)" -eq 0 ] && command -v apt-get >/dev/null; then
    say "Installing ${missing[*]} …"
    apt_get update || say 'The lists of packages could not be fetched: trying with those that are here.'
    apt_get install -y --no-install-recommends "${missing[@]}" \
      || fail "These Debian packages are missing, and could not be fetched. Is there a network? ${missing[*]}"
  else
    fail "These are missing. As root: apt-get update && apt-get install --no-install-recommends ${missing[*]}"
  fi
}

missing_packages() {
  local have
  command -v php >/dev/null || echo php8.2-cli
  have=$(command -v php >/dev/null && php -m | tr '[:upper:]' '[:lower:]' || true)
  local pair
  for pair in pdo_sqlite:php8.2-sqlite3 imagick:php8.2-imagick intl:php8.2-intl mbstring:php8.2-mbstring dom:php8.2-xml zip:php8.2-zip; do
    grep -qx "${pair%%:*}" <<<"$have" || echo "${pair##*:}"
  done
  command -v composer >/dev/null || echo composer
  command -v unzip >/dev/null || echo unzip
  command -v rsvg-convert >/dev/null || echo librsvg2-bin
  command -v hb-shape >/dev/null || echo libharfbuzz-bin
  command -v weasyprint >/dev/null || echo weasyprint
  command -v exiftool >/dev/null || echo libimage-exiftool-perl
  command -v prlimit >/dev/null || echo util-linux
  command -v fc-match >/dev/null || echo fontconfig
  [ -e /usr/share/color/icc/sRGB.icc ] || echo icc-profiles-free
  command -v pdftocairo >/dev/null || echo poppler-utils
  if [ "${WITH_TESTS:-}" = 1 ]; then
    [ -x /usr/bin/chromium-headless-shell ] || echo chromium-headless-shell
    compgen -G '/usr/bin/convert-im6*' >/dev/null || echo imagemagick
    [ -e /usr/share/color/icc/LStar-RGB.icc ] || echo icc-profiles-free
    [ -d /usr/share/openclipart/svg ] || echo openclipart-svg
    [ -e /usr/share/color/icc/ghostscript/ps_cmyk.icc ] || echo libgs-common
    [ -x /usr/sbin/cupsd ] || echo cups
    command -v lp >/dev/null || echo cups-client
    [ -x /usr/sbin/ippeveprinter ] || echo cups-ipp-utils
    [ -x /usr/lib/cups/backend/cups-pdf ] || echo printer-driver-cups-pdf
    command -v dbus-daemon >/dev/null || echo dbus
    [ -x /usr/sbin/avahi-daemon ] || echo avahi-daemon
  fi
}

check_versions() {
  php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || fail "PHP 8.2 or newer is needed; this is $(php -r 'echo PHP_VERSION;')."
  command -v node >/dev/null && command -v npm >/dev/null || fail 'Node.js 20.19 or newer with npm is needed, and is not here.'
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' \
    || fail "Node.js 20.19 or newer is needed; this is $(node -v)."
}

# The versions that were tested; where one of them cannot be had any more, the nearest that composer.json allows.
php_packages() {
  local done=0
  bin/versions wanted >composer.tested.json
  COMPOSER=composer.tested.json COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet 2>/dev/null \
    || { say 'Not every version that was tested can be had: taking the nearest.'
         COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet || done=1; }
  rm -f composer.tested.json
  return "$done"
}

# JavaScript packages that the lock file names and that are not here.
js_missing() {
  node -e '
    const { packages } = require("./package-lock.json");
    const here = (place) => require("node:fs").existsSync(`${place}/package.json`);
    const gone = Object.entries(packages).filter(([place, one]) => place !== "" && !one.optional && !here(place));
    console.log(gone.map(([place]) => place.replace(/^.*node_modules\//, "")).join(" "));
  '
}

# Packages, built page and caches; each is touched only when what it is made from is newer.
set_up() {
  local missing php=
  mapfile -t missing < <(missing_packages)
  need_packages "${missing[@]}"
  check_versions
  mkdir -p var
  if newer_than var/.composer composer.json versions.json || [ ! -e vendor/autoload.php ]; then
    say 'Fetching PHP packages …'
    php_packages &
    php=$!
  fi
  if newer_than var/.npm package.json package-lock.json || [ ! -d node_modules ]; then
    say 'Fetching JavaScript packages …'
    npm ci --no-audit --no-fund --loglevel=error \
      || fail "These JavaScript packages are missing, and could not be fetched. Is there a network? $(js_missing)"
    touch var/.npm
  fi
  if newer_than public/app/index.html web vite.config.ts package-lock.json; then
    say 'Building the page …'
    npx vite build --logLevel warn
    touch public/app/index.html
  fi
  if [ -n "$php" ]; then
    wait "$php" \
      || fail "These PHP packages are missing, and could not be fetched. Is there a network? $(bin/versions missing)"
    touch var/.composer
  fi
  if newer_than var/.compiled src core/src core/data config composer.json migrations; then
    rm -rf var/cache
    touch var/.compiled
  fi
}

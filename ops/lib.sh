# What all that a person types shares: packages, dependencies, the database, who the application runs as. Sourced, not run.
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
HASH=$(printf %s "$ROOT" | sha1sum | cut -c1-10)
# As root, PostgreSQL runs as another user, who may not be able to enter the project's folder.
if [ "$(id -u)" = 0 ]; then STATE=${CLEAN_RACE_STATE:-/var/lib/clean-race/$HASH}; else STATE=${CLEAN_RACE_STATE:-$ROOT/.run}; fi
RUN=${TMPDIR:-/tmp}/clean-race-$(id -u)-$HASH
[ -z "${CLEAN_RACE_STATE:-}" ] || RUN=${TMPDIR:-/tmp}/clean-race-$(id -u)-$(printf '%s %s' "$ROOT" "$STATE" | sha1sum | cut -c1-10)
# Where the application is read from while it serves: the project, or its copy for a user that cannot read it there.
SITE=$ROOT
STOP=()

# As root, PHP and nginx run as a user that may do nothing else; otherwise as whoever started them.
WEB=(); [ "$(id -u)" = 0 ] && WEB=(setpriv --reuid www-data --regid www-data --init-groups)
as_web() { (umask 077; exec "${WEB[@]}" "$@"); }

say() { printf '%s\n' "$*"; }
die() { printf '\n%s\n' "$*" >&2; exit 1; }

# Stops, last first, all that was started here.
stop_all() {
  local i
  # Whoever presses Ctrl-C twice still has all of it stopped.
  trap '' INT TERM
  for ((i = ${#STOP[@]} - 1; i >= 0; i--)); do eval "${STOP[$i]}" > /dev/null 2>&1 || true; done
  STOP=()
}

# Installs what is missing of Debian's packages. Names what it wants when it may not.
need_packages() {
  local missing=() module have
  # Listed once: grep stops reading at its match, and a list that is cut off there counts as failed.
  have=$(php -m 2> /dev/null || true)
  php -r 'exit(PHP_VERSION_ID >= 80200 && PHP_VERSION_ID < 80300 ? 0 : 1);' 2> /dev/null || missing+=(php8.2-cli)
  for module in pgsql:pdo_pgsql gd curl zip xml:dom mbstring intl; do
    grep -qix "${module#*:}" <<< "$have" || missing+=("php8.2-${module%:*}")
  done
  command -v php-fpm8.2 > /dev/null || [ -x /usr/sbin/php-fpm8.2 ] || missing+=(php8.2-fpm)
  command -v nginx > /dev/null || [ -x /usr/sbin/nginx ] || missing+=(nginx-light)
  ls -d /usr/lib/postgresql/*/bin/initdb > /dev/null 2>&1 || missing+=(postgresql)
  command -v composer > /dev/null || missing+=(composer)
  command -v npm > /dev/null || missing+=(npm)
  command -v unzip > /dev/null || missing+=(unzip)
  command -v ps > /dev/null || missing+=(procps)
  for module in "$@"; do
    case $module in
      # Its build without a window is quicker, and comes from the same source; what is there is used.
      chromium) [ -x /usr/bin/chromium-headless-shell ] || [ -x /usr/bin/chromium ] || missing+=(chromium chromium-headless-shell) ;;
      pdftotext) command -v pdftotext > /dev/null || missing+=(poppler-utils) ;;
    esac
  done
  [ ${#missing[@]} = 0 ] && return
  local sudo=() apt=(apt-get install -y -q --no-install-recommends "${missing[@]}")
  if [ "$(id -u)" != 0 ]; then
    command -v sudo > /dev/null || die "These Debian packages are missing: ${missing[*]}
There is no sudo here. As root, run:  apt-get update && ${apt[*]}"
    sudo=(sudo)
  fi
  say "Installing from Debian: ${missing[*]}"
  # Debian would start servers of its own on standard ports; ours are started here.
  "${sudo[@]}" true || die "sudo refused. As root, run:  apt-get update && ${apt[*]}"
  local log; log=$(mktemp)
  local clusters=/etc/postgresql-common/createcluster.conf
  { "${sudo[@]}" mkdir -p "$(dirname "$clusters")" &&
    { [ -f "$clusters" ] || echo 'create_main_cluster = false' | "${sudo[@]}" tee "$clusters"; } &&
    "${sudo[@]}" apt-get update -q && "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive "${apt[@]}"; } > "$log" 2>&1 ||
    { tail -n 15 "$log" >&2; die "A package could not be installed. The one to look for is in the lines above; then run this again."; }
  rm -f "$log"
}

# PHP's and Node's dependencies, when their lists changed since the last time.
need_dependencies() {
  local want have
  want=$(cat "$ROOT/composer.json" "$ROOT/core/composer.json" | sha1sum)
  have=$(cat "$ROOT/vendor/.installed-for" 2> /dev/null || true)
  if [ "$want" != "$have" ]; then
    say 'Installing PHP dependencies'
    local log; log=$(mktemp)
    (cd "$ROOT" && composer install --no-interaction --no-progress > "$log" 2>&1) ||
      { tail -n 15 "$log" >&2; die 'Composer could not install the dependencies: see the lines above.'; }
    rm -f "$log"
    echo "$want" > "$ROOT/vendor/.installed-for"
  fi
  # Which class lies in which file is noted once: anew when files came, went or moved.
  want=$(cd "$ROOT" && find app core/src core/trial core/tests database tests -name '*.php' | LC_ALL=C sort | sha1sum)
  have=$(cat "$ROOT/vendor/.classes-for" 2> /dev/null || true)
  if [ "$want" != "$have" ]; then
    (cd "$ROOT" && composer dump-autoload --optimize --no-interaction -q) ||
      die 'Composer could not note the classes. Run "composer dump-autoload" to see why.'
    echo "$want" > "$ROOT/vendor/.classes-for"
  fi
  want=$(sha1sum < "$ROOT/package-lock.json")
  have=$(cat "$ROOT/node_modules/.installed-for" 2> /dev/null || true)
  if [ "$want" != "$have" ]; then
    say 'Installing Node dependencies'
    (cd "$ROOT" && npm ci --no-audit --no-fund --loglevel=error > /dev/null) ||
      die 'npm could not install the dependencies. Run "npm ci" to see why.'
    echo "$want" > "$ROOT/node_modules/.installed-for"
  fi
}

need_build() {
  local newest
  newest=$(cd "$ROOT" && find resources/js resources/views vite.config.ts package-lock.json -type f \
    -newer public/build/manifest.json 2> /dev/null | head -n 1 || true)
  if [ ! -f "$ROOT/public/build/manifest.json" ] || [ -n "$newest" ]; then
    say 'Building the interface'
    (cd "$ROOT" && npx --no-install vite build --logLevel error) || die 'The interface does not build.'
  fi
}

# state_made: the folder of all that is kept. As root, two users who may not read one another's go through it to their own.
state_made() {
  mkdir -p "$STATE"
  if [ "$(id -u)" = 0 ]; then chmod 711 "$STATE"; else chmod 700 "$STATE"; fi
  [ -n "${CLEAN_RACE_STATE:-}" ] || [ "$(id -u)" != 0 ] || chmod 711 "$(dirname "$STATE")"
}

# site_up: where the web's user cannot read the project, a copy that it can read and not write, laid anew when something changed.
site_up() {
  [ "$(id -u)" = 0 ] || return 0
  local parts=(app artisan bootstrap composer.json config core database docs/formats ops public resources routes vendor) want
  if "${WEB[@]}" test -x "$ROOT" 2> /dev/null &&
    [ -z "$(cd "$ROOT" && "${WEB[@]}" find -L "${parts[@]}" ! -readable -print -quit 2>&1)" ]; then
    return 0
  fi
  state_made
  SITE=$STATE/site
  # What is being served is not taken away under it.
  [ -n "${AS_IT_IS:-}" ] && [ -d "$SITE" ] && return 0
  want=$(cd "$ROOT" && find "${parts[@]}" -printf '%p %s %T@\n' | LC_ALL=C sort | sha1sum)
  [ "$want" = "$(cat "$SITE/.copied-for" 2> /dev/null || true)" ] && return 0
  rm -rf "$SITE.new"; mkdir -p "$SITE.new"
  (cd "$ROOT" && tar -ch "${parts[@]}") | tar -x --no-same-owner -C "$SITE.new" ||
    die 'The application could not be copied to where it is served from.'
  chmod -R u=rwX,go=rX "$SITE.new"
  echo "$want" > "$SITE.new/.copied-for"
  rm -rf "$SITE"; mv "$SITE.new" "$SITE"
}

# postgres_up NAME: a cluster of that name; connects Laravel to DATABASE in it.
postgres_up() {
  local dir=$STATE/$1 was=0
  state_made
  [ -f "$dir/data/postmaster.pid" ] && kill -0 "$(head -n 1 "$dir/data/postmaster.pid")" 2> /dev/null && was=1
  "$ROOT/ops/postgres" up "$dir" || die 'PostgreSQL could not be started.'
  [ $was = 1 ] || STOP+=("'$ROOT/ops/postgres' down '$dir'")
  export DB_HOST=127.0.0.1 DB_PORT PG_DIR=$dir
  DB_PORT=$(cat "$dir/port")
}

# database NAME: makes it when it is not there, with a role that owns it and one that works in it.
database() {
  export DB_DATABASE=$1
  php "$ROOT/ops/roles.php" "$PG_DIR" "$1" || die 'The database could not be made.'
  export DB_USERNAME=clean_race_worker DB_PASSWORD DB_OWNER_USERNAME=clean_race_owner DB_OWNER_PASSWORD
  DB_PASSWORD=$(cat "$PG_DIR/worker-password"); DB_OWNER_PASSWORD=$(cat "$PG_DIR/owner-password")
}

# app_env NAME PORT: where this instance of the application keeps its caches, sessions and key.
app_env() {
  local home=$STATE/$1
  state_made
  site_up
  mkdir -p "$home"/storage/{app,logs,framework/{cache/data,sessions,views}} "$home/cache"
  # Tables laid ready last time may be out of date; warm_caches lays them anew.
  [ -n "${AS_IT_IS:-}" ] || rm -rf "$home/storage/framework/tables"
  [ -f "$home/key" ] || php -r 'echo "base64:".base64_encode(random_bytes(32));' > "$home/key"
  # Key, password and sessions are nobody else's to read.
  chmod -R u=rwX,go= "$home"
  [ "$(id -u)" = 0 ] && chown -R www-data: "$home"
  export APP_KEY APP_URL=${LAN_URL:-http://127.0.0.1:$2} LARAVEL_STORAGE_PATH=$home/storage VIEW_COMPILED_PATH=$home/storage/framework/views
  APP_KEY=$(cat "$home/key")
  export APP_CONFIG_CACHE=$home/cache/config.php APP_ROUTES_CACHE=$home/cache/routes.php APP_EVENTS_CACHE=$home/cache/events.php
  export APP_SERVICES_CACHE=$home/cache/services.php APP_PACKAGES_CACHE=$home/cache/packages.php
  export LOG_CHANNEL=single DB_KEEP=true CACHE_STORE=file QUEUE_CONNECTION=database
}

artisan() { (cd "$SITE" && as_web php artisan "$@"); }

# runs_already HOME: whoever serves from there is told of, with the address.
runs_already() {
  local pid address
  read -r pid address 2> /dev/null < "$STATE/$1/running" || return 0
  grep -qa start "/proc/$pid/cmdline" 2> /dev/null || return 0
  die "Clean Race runs here already:  $address
Stop that one first (Ctrl-C where it was started, or:  kill $pid)."
}

# store_of KIND: the shop of one's own or the demo: HOME of its application, and its database, from the folder or DATABASE_URL.
store_of() {
  HOME_OF=app; [ "$1" = own ] && HOME_OF=app-own
  [ -n "${DATABASE_URL:-}" ] && return
  postgres_up "postgres${HOME_OF#app}"
  database clean_race
}

port_is_free() { ! php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $e, $m, 0.3) ? 0 : 1);' "$1"; }

# Caches what does not change while it serves.
warm_caches() {
  # What is cached names no owner of the database.
  (unset DATABASE_OWNER_URL DB_OWNER_USERNAME DB_OWNER_PASSWORD; artisan config:cache -q) &&
    artisan route:cache -q && artisan view:cache -q && artisan event:cache -q && artisan bench:tables -q
}

source "$ROOT/ops/serve.sh"

# What ./start, ./test and ./bench share. Sourced, not run.
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
HASH=$(printf %s "$ROOT" | sha1sum | cut -c1-10)
# As root, PostgreSQL runs as another user, who may not be able to enter the project's folder.
if [ "$(id -u)" = 0 ]; then STATE=${CLEAN_RACE_STATE:-/var/lib/clean-race/$HASH}; else STATE=${CLEAN_RACE_STATE:-$ROOT/.run}; fi
RUN=${TMPDIR:-/tmp}/clean-race-$(id -u)-$HASH
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

# press_up: a press that is not there, on a free loopback port, unless the shop names a real one.
press_up() {
  [ -n "${PRESS_GAUGE:-}" ] && return
  local port
  port=$(php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];')
  as_web php "$SITE/ops/press-stand-in.php" "$port" > /dev/null 2>&1 &
  STOP+=("kill $!")
  export PRESS_GAUGE=127.0.0.1:$port PRESS_STAND_IN=true
}

# keep_running LOG COMMAND...: a program that the application needs beside it; one that dies is started again.
keep_running() {
  local log=$1; shift
  (
    child=
    trap 'kill "$child"; wait "$child"; exit 0' INT TERM
    while :; do
      (cd "$SITE" && umask 077 && exec "${WEB[@]}" "$@") >> "$log" 2>&1 & child=$!
      wait "$child"
      sleep 1 & child=$!; wait "$child"
    done
  ) 2> /dev/null &
  STOP+=("kill $!; wait $!")
}

# workers_up NAME: who does what takes longer than an answer may, and who follows the press.
workers_up() {
  local home=$STATE/$1
  keep_running "$home/errands.log" nice -n 10 php -d memory_limit=512M -d pcov.enabled=0 artisan queue:work database --queue=errands \
    --sleep=0.5 --timeout=600 --max-time=3600 -q
  keep_running "$home/press.log" php -d pcov.enabled=0 artisan bench:watch-press -q
}

artisan() { (cd "$SITE" && as_web php artisan "$@"); }

# The names and addresses under which this machine is reached on its network, those first that others use.
network_names() {
  php -r '$of = [];
    foreach (net_get_interfaces() as $interface) {
        foreach (($interface["up"] ?? false) ? $interface["unicast"] ?? [] : [] as $one) {
            $address = $one["address"] ?? "";
            $here = str_starts_with($address, "127.") || $address === "::1" || stripos($address, "fe80:") === 0;
            if ($address !== "" && ! $here) { $of[str_contains($address, ":") ? 1 : 0][] = $address; }
        }
    }
    $host = strtolower(gethostname());
    echo implode(" ", array_unique([...$of[0] ?? [], ...$of[1] ?? [], $host, ...str_contains($host, ".") ? [] : ["$host.local"],
        "localhost", "127.0.0.1"]));'
}

# tls_up NAME...: a certificate of this machine under these names, by the shop's own authority, kept with the state.
tls_up() {
  TLS_DIR=$STATE/tls
  TLS_FINGERPRINT=$(php "$ROOT/ops/authority.php" "$TLS_DIR" "$@") || die 'The certificate could not be made: see above.'
  export TLS_CERT=$TLS_DIR/server.crt TLS_KEY=$TLS_DIR/server.key SESSION_SECURE_COOKIE=true
}

# trust_page PORT ADDRESS: what a tablet or phone needs to trust the shop's authority, and nothing else.
trust_page() {
  local to=$RUN/trust
  mkdir -p "$RUN"; chmod 711 "$RUN"
  rm -rf "$to"; mkdir -p "$to"
  cp "$TLS_DIR/authority.crt" "$to/authority.crt"
  ADDRESS=$2 FINGERPRINT=$TLS_FINGERPRINT node "$ROOT/ops/trust.mjs" > "$to/index.html" ||
    die 'The page of the certificate could not be made.'
  chmod 755 "$to"; chmod 644 "$to"/*
  TRUST_PORT=$1
}

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

# What the proxy says by itself, where programs ask: problem details as the application would.
proxy_problems() {
  local status detail
  while read -r status detail; do
    printf "    error_page %s @problem%s;\n    location @problem%s { default_type application/problem+json; return %s '%s'; }\n" \
      "$status" "$status" "$status" "$status" \
      "{\"type\":\"/problems/proxy\",\"title\":\"Not answered\",\"status\":$status,\"detail\":\"$detail\",\"errors\":[]}"
  done <<'SAID'
400 That request cannot be read.
408 That request did not arrive whole. Send it again.
414 That address is too long.
431 What was sent ahead of the request is too long.
500 The program failed. What was entered before is kept.
502 The program is being started again. Nothing was kept of this; it is sent again.
503 The program is busy. Nothing was kept of this; it is sent again.
504 That took too long and may still be done. Look before it is sent again.
SAID
}

# serve NAME PORT [DEV]: nginx and PHP-FPM with OPcache, as in production.
serve() {
  local home=$STATE/$1 port=$2 dev=${3:-} run=$RUN/$1 fpm nginx names name
  fpm=$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2); nginx=$(command -v nginx || echo /usr/sbin/nginx)
  mkdir -p "$run/tmp"
  if [ "$(id -u)" = 0 ]; then chmod 711 "$RUN" "$run" "$run/tmp"; else chmod 700 "$RUN" "$run"; fi
  rm -f "$run/fpm.conf"
  # Who owns the database is nothing that the application at work knows.
  names='APP_|LARAVEL_|VIEW_|LOG_|CACHE_|SESSION_|QUEUE_|TRUSTED_|PRESS_|MAIL_|BCRYPT_|DB_(HOST|PORT|DATABASE|USERNAME|PASSWORD|KEEP)$'
  names=$(compgen -e | grep -E "^($names|DATABASE_URL$)")
  {
    printf '[global]\npid = %s\nerror_log = %s\ndaemonize = yes\n[www]\n' "$run/fpm.pid" "$home/fpm.log"
    [ "$(id -u)" = 0 ] && printf 'user = www-data\ngroup = www-data\n'
    printf 'listen = %s\nlisten.mode = 0600\npm = static\npm.children = 6\n' "$run/fpm.sock"
    [ "$(id -u)" = 0 ] && printf 'listen.owner = www-data\n'
    for name in $names; do printf 'env[%s] = "%s"\n' "$name" "${!name}"; done
  } | (umask 077; sed 's/^pm.children/pm.max_children/' > "$run/fpm.conf")
  local listen="listen 127.0.0.1:$port;" trust='' any=0.0.0.0
  if [ -n "${TLS_CERT:-}" ]; then
    # Every network of the machine, by TLS only; whoever asks without it is sent to it.
    grep -qvE ' lo$' /proc/net/if_inet6 2> /dev/null && any='[::]'
    listen="listen $any:$port ssl$([ "$any" = '[::]' ] && echo ' ipv6only=off');
    ssl_certificate '$TLS_CERT'; ssl_certificate_key '$TLS_KEY';
    ssl_protocols TLSv1.2 TLSv1.3; ssl_session_cache shared:tls:2m; error_page 497 =307 https://\$http_host\$request_uri;"
    [ -n "${TRUST_PORT:-}" ] && trust="server {
    listen $any:$TRUST_PORT$([ "$any" = '[::]' ] && echo ' ipv6only=off'); root $RUN/trust;
    location = / { try_files /index.html =404; add_header Content-Security-Policy \"default-src 'none'; style-src 'unsafe-inline'\"; }
    location = /authority.crt { types { } default_type application/x-x509-ca-cert; }
    location / { return 404; }
  }"
  fi
  local smaller='That is larger than 10 MB. Take the photo smaller.' large
  large="{\"type\":\"/problems/too-large\",\"title\":\"Too large\",\"status\":413,\"detail\":\"$smaller\","
  large+="\"errors\":[{\"field\":\"photo\",\"detail\":\"$smaller\"}]}"
  cat > "$run/nginx.conf" <<CONF
$( [ "$(id -u)" = 0 ] && echo 'user www-data;')
worker_processes 1; pid $run/nginx.pid; error_log $home/nginx.log warn;
events { worker_connections 512; }
http {
  include /etc/nginx/mime.types; default_type application/octet-stream; access_log off; server_tokens off; tcp_nopush on;
  client_body_temp_path $run/tmp/body; proxy_temp_path $run/tmp/proxy; fastcgi_temp_path $run/tmp/fastcgi;
  uwsgi_temp_path $run/tmp/uwsgi; scgi_temp_path $run/tmp/scgi;
  client_max_body_size 64m;
  gzip on; gzip_comp_level 5; gzip_min_length 600;
  gzip_types application/json application/problem+json text/css text/javascript application/javascript image/svg+xml;
  server {
    $listen root $SITE/public; index index.php;
    location /build/ { expires 1y; add_header Cache-Control "public, immutable"; add_header X-Content-Type-Options nosniff; }
    # The worker names its build: it is looked for anew each time.
    location = /sw.js { add_header Cache-Control no-cache; add_header X-Content-Type-Options nosniff; }
    location = /app.webmanifest { types { } default_type application/manifest+json; add_header Cache-Control no-cache; }
    error_page 413 @large;
    location @large { default_type application/problem+json; return 413 '$large'; }
$(proxy_problems)
    location / { try_files \$uri /index.php?\$query_string; }
    location = /index.php {
      include /etc/nginx/fastcgi_params;
      fastcgi_param HTTP_HOST \$http_host; fastcgi_param HTTP_PROXY "";
      fastcgi_param SCRIPT_FILENAME $SITE/public/index.php;
      fastcgi_pass unix:$run/fpm.sock; fastcgi_buffers 32 16k; fastcgi_read_timeout 120;
    }
  }
  $trust
}
CONF
  (umask 077; "$fpm" -y "$run/fpm.conf" -d opcache.enable=1 -d opcache.validate_timestamps=$([ -n "$dev" ] && echo 1 || echo 0) \
    -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000 -d pcov.enabled=0 \
    -d upload_max_filesize=12M -d post_max_size=40M -d memory_limit=512M -d expose_php=0 -d zend.enable_gc=0) ||
    die "PHP-FPM does not start; its log is $home/fpm.log"
  STOP+=("kill \$(cat '$run/fpm.pid')")
  (umask 077; "$nginx" -c "$run/nginx.conf" -e "$home/nginx.log") || die "nginx does not start; its log is $home/nginx.log"
  STOP+=("kill \$(cat '$run/nginx.pid')")
}

# Caches what does not change while it serves.
warm_caches() {
  # What is cached names no owner of the database.
  (unset DATABASE_OWNER_URL DB_OWNER_USERNAME DB_OWNER_PASSWORD; artisan config:cache -q) &&
    artisan route:cache -q && artisan view:cache -q && artisan event:cache -q && artisan bench:tables -q
}

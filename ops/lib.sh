# What ./start, ./test and ./bench share. Sourced, not run.
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
HASH=$(printf %s "$ROOT" | sha1sum | cut -c1-10)
# As root, PostgreSQL runs as another user, who may not be able to enter the project's folder.
if [ "$(id -u)" = 0 ]; then STATE=${CLEAN_RACE_STATE:-/var/lib/clean-race/$HASH}; else STATE=${CLEAN_RACE_STATE:-$ROOT/.run}; fi
RUN=${TMPDIR:-/tmp}/clean-race-$(id -u)-$HASH
STOP=()

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

# postgres_up NAME: a cluster of that name; connects Laravel to DATABASE in it.
postgres_up() {
  local dir=$STATE/$1 was=0
  mkdir -p "$STATE"; [ "$(id -u)" = 0 ] && chmod 755 "$(dirname "$STATE")" "$STATE"
  [ -f "$dir/data/postmaster.pid" ] && kill -0 "$(head -n 1 "$dir/data/postmaster.pid")" 2> /dev/null && was=1
  "$ROOT/ops/postgres" up "$dir" || die 'PostgreSQL could not be started.'
  [ $was = 1 ] || STOP+=("'$ROOT/ops/postgres' down '$dir'")
  export DB_HOST=127.0.0.1 DB_PORT DB_USERNAME=clean_race DB_PASSWORD PG_DIR=$dir
  DB_PORT=$(cat "$dir/port"); DB_PASSWORD=$(cat "$dir/password")
}

# database NAME: makes it when it is not there.
database() {
  export DB_DATABASE=$1
  php -r '$p = new PDO("pgsql:host=127.0.0.1;port=".getenv("DB_PORT").";dbname=postgres", "clean_race", getenv("DB_PASSWORD"));
    $n = getenv("DB_DATABASE");
    $there = $p->query("select 1 from pg_database where datname = ".$p->quote($n))->fetch();
    if (! $there) { $p->exec("create database \"$n\""); }' || die 'The database could not be made.'
}

# app_env NAME PORT: where this instance of the application keeps its caches, sessions and key.
app_env() {
  local home=$STATE/$1
  mkdir -p "$home"/storage/{app,logs,framework/{cache/data,sessions,views}} "$home/cache"
  # Tables laid ready last time may be out of date; warm_caches lays them anew.
  [ -n "${AS_IT_IS:-}" ] || rm -rf "$home/storage/framework/tables"
  [ -f "$home/key" ] || php -r 'echo "base64:".base64_encode(random_bytes(32));' > "$home/key"
  chmod 600 "$home/key"
  export APP_KEY APP_URL=${LAN_URL:-http://127.0.0.1:$2} LARAVEL_STORAGE_PATH=$home/storage VIEW_COMPILED_PATH=$home/storage/framework/views
  APP_KEY=$(cat "$home/key")
  export APP_CONFIG_CACHE=$home/cache/config.php APP_ROUTES_CACHE=$home/cache/routes.php APP_EVENTS_CACHE=$home/cache/events.php
  export APP_SERVICES_CACHE=$home/cache/services.php APP_PACKAGES_CACHE=$home/cache/packages.php
  export LOG_CHANNEL=single DB_KEEP=true CACHE_STORE=file QUEUE_CONNECTION=sync
}

# press_up: a press that is not there, on a free loopback port, unless the shop names a real one.
press_up() {
  [ -n "${PRESS_GAUGE:-}" ] && return
  local port
  port=$(php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];')
  php "$ROOT/ops/press-stand-in.php" "$port" > /dev/null 2>&1 &
  STOP+=("kill $!")
  export PRESS_GAUGE=127.0.0.1:$port PRESS_STAND_IN=true
}

artisan() { (cd "$ROOT" && php artisan "$@"); }

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
  rm -rf "$to"; mkdir -p "$to"
  cp "$TLS_DIR/authority.crt" "$to/authority.crt"
  ADDRESS=$2 FINGERPRINT=$TLS_FINGERPRINT node "$ROOT/ops/trust.mjs" > "$to/index.html" ||
    die 'The page of the certificate could not be made.'
  TRUST_PORT=$1
}

port_is_free() { ! php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $e, $m, 0.3) ? 0 : 1);' "$1"; }

# serve NAME PORT [DEV]: nginx and PHP-FPM with OPcache, as in production.
serve() {
  local home=$STATE/$1 port=$2 dev=${3:-} run=$RUN/$1 fpm nginx user=() names name
  fpm=$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2); nginx=$(command -v nginx || echo /usr/sbin/nginx)
  mkdir -p "$run/tmp"; chmod 700 "$RUN"
  [ "$(id -u)" = 0 ] && user=(-R)
  names=$(compgen -e | grep -E '^(APP_|DB_|DATABASE_URL$|LARAVEL_|VIEW_|LOG_|CACHE_|SESSION_|QUEUE_|TRUSTED_|PRESS_|MAIL_|BCRYPT_)')
  {
    printf '[global]\npid = %s\nerror_log = %s\ndaemonize = yes\n[www]\n' "$run/fpm.pid" "$home/fpm.log"
    [ "$(id -u)" = 0 ] && printf 'user = root\ngroup = root\n'
    printf 'listen = %s\nlisten.mode = 0600\npm = static\npm.children = 6\n' "$run/fpm.sock"
    [ "$(id -u)" = 0 ] && printf 'listen.owner = root\n'
    for name in $names; do printf 'env[%s] = "%s"\n' "$name" "${!name}"; done
  } | sed 's/^pm.children/pm.max_children/' > "$run/fpm.conf"
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
$( [ "$(id -u)" = 0 ] && echo 'user root;')
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
    $listen root $ROOT/public; index index.php;
    location /build/ { expires 1y; add_header Cache-Control "public, immutable"; add_header X-Content-Type-Options nosniff; }
    # The worker names its build: it is looked for anew each time.
    location = /sw.js { add_header Cache-Control no-cache; add_header X-Content-Type-Options nosniff; }
    location = /app.webmanifest { types { } default_type application/manifest+json; add_header Cache-Control no-cache; }
    error_page 413 @large;
    location @large { default_type application/problem+json; return 413 '$large'; }
    location / { try_files \$uri /index.php?\$query_string; }
    location = /index.php {
      include /etc/nginx/fastcgi_params;
      fastcgi_param HTTP_HOST \$http_host; fastcgi_param HTTP_PROXY "";
      fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
      fastcgi_pass unix:$run/fpm.sock; fastcgi_buffers 32 16k; fastcgi_read_timeout 120;
    }
  }
  $trust
}
CONF
  "$fpm" "${user[@]}" -y "$run/fpm.conf" -d opcache.enable=1 -d opcache.validate_timestamps=$([ -n "$dev" ] && echo 1 || echo 0) \
    -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000 -d pcov.enabled=0 \
    -d upload_max_filesize=12M -d post_max_size=40M -d memory_limit=512M -d expose_php=0 -d zend.enable_gc=0 ||
    die "PHP-FPM does not start; its log is $home/fpm.log"
  STOP+=("kill \$(cat '$run/fpm.pid')")
  "$nginx" -c "$run/nginx.conf" -e "$home/nginx.log" || die "nginx does not start; its log is $home/nginx.log"
  STOP+=("kill \$(cat '$run/nginx.pid')")
}

# Caches what does not change while it serves.
warm_caches() {
  artisan config:cache -q && artisan route:cache -q && artisan view:cache -q && artisan event:cache -q && artisan bench:tables -q
}

# Serving the application: nginx and PHP-FPM, what runs beside them, certificates of one's own network. Sourced by lib.sh.

# keep_running LOG COMMAND...: a program that the application needs beside it; one that dies is started again.
keep_running() {
  local log=$1; shift
  (
    child=
    # Who owns the database is nothing that it knows.
    unset DATABASE_OWNER_URL DB_OWNER_USERNAME DB_OWNER_PASSWORD
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
  keep_running "$home/errands.log" nice -n 10 php -d memory_limit=512M -d pcov.enabled=0 artisan queue:work database \
    --queue=sounds,errands --sleep=0.5 --timeout=600 --max-time=3600 -q
  keep_running "$home/press.log" php -d pcov.enabled=0 artisan bench:watch-press -q
}

# press_up: a press that is not there, on a free loopback port, unless the shop names a real one.
press_up() {
  [ -n "${PRESS_GAUGE:-}" ] && return
  local port
  port=$(php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];')
  (unset DATABASE_OWNER_URL DB_OWNER_USERNAME DB_OWNER_PASSWORD; umask 077
    exec "${WEB[@]}" php "$SITE/ops/press-stand-in.php" "$port") > /dev/null 2>&1 &
  STOP+=("kill $!")
  export PRESS_GAUGE=127.0.0.1:$port PRESS_STAND_IN=true
}

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
    -d upload_max_filesize=42M -d post_max_size=44M -d memory_limit=512M -d expose_php=0 -d zend.enable_gc=0) ||
    die "PHP-FPM does not start; its log is $home/fpm.log"
  STOP+=("kill \$(cat '$run/fpm.pid')")
  (umask 077; "$nginx" -c "$run/nginx.conf" -e "$home/nginx.log") || die "nginx does not start; its log is $home/nginx.log"
  STOP+=("kill \$(cat '$run/nginx.pid')")
}

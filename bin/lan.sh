# Serving the studio to the tablets of its own network, over TLS with a certificate of its own making. Sourced by bin/start, after lib.sh.
lan=$root/var/lan

# Every name and address by which this machine may be asked for, one a line.
lan_names() {
  local name
  name=$(hostname | tr '[:upper:]' '[:lower:]')
  printf '%s\n' localhost "${name%%.*}" "${name%%.*}.local"
  [ "$name" = "${name%%.*}" ] || printf '%s\n' "$name"
  printf '%s\n' 127.0.0.1 ::1
  # Not the IPv6 addresses of the wide net, which many machines change every day.
  hostname -I | tr ' ' '\n' | grep -v -e '^$' -e '^[23][0-9a-f]*:' || true
}
is_address() { case $1 in *:* | *[0-9].[0-9]*.[0-9]*.[0-9]*) return 0 ;; *) return 1 ;; esac; }

# An authority that may vouch for this machine and private networks only, so that a tablet which trusts it trusts it for nothing else; and the
# certificate of the studio, renewed when names change or a month before it ends.
make_certificates() {
  (umask 077 && mkdir -p "$lan")
  local names alt='' permitted='' i=0 name
  mapfile -t names < <(lan_names | sort -u)
  for name in "${names[@]}"; do
    if is_address "$name"; then
      alt+="IP.$i = $name"$'\n'
      case $name in *:*) permitted+="permitted;IP.$i = $name/ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff"$'\n' ;; *) permitted+="permitted;IP.$i = $name/255.255.255.255"$'\n' ;; esac
    else
      alt+="DNS.$i = $name"$'\n'
      permitted+="permitted;DNS.$i = $name"$'\n'
    fi
    i=$((i + 1))
  done
  local of="${names[*]}"
  if [ ! -f "$lan/ca.key" ] || ! openssl x509 -in "$lan/ca.crt" -noout -checkend $((400 * 86400)) > /dev/null || ! vouches_for "${names[@]}"; then
    [ -f "$lan/ca.crt" ] && say 'This machine has other names now: the tablets must be told anew whom to trust.'
    rm -f "$lan"/*.crt "$lan/for"
    cat > "$lan/ca.cnf" << EOF
[req]
distinguished_name = dn
prompt = no
x509_extensions = ca
[dn]
CN = Inlaid Recipe at $(hostname)
[ca]
basicConstraints = critical, CA:TRUE, pathlen:0
keyUsage = critical, keyCertSign
subjectKeyIdentifier = hash
nameConstraints = critical, @only
[only]
${permitted}permitted;IP.90 = 10.0.0.0/255.0.0.0
permitted;IP.91 = 172.16.0.0/255.240.0.0
permitted;IP.92 = 192.168.0.0/255.255.0.0
permitted;IP.93 = 169.254.0.0/255.255.0.0
permitted;IP.94 = fc00::/fe00::
permitted;IP.95 = fe80::/ffc0::
EOF
    (umask 077 && loud_on_failure openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -days 3650 -config "$lan/ca.cnf" -keyout "$lan/ca.key" -out "$lan/ca.crt")
    printf '%s\n' "${names[@]}" > "$lan/vouched"
  fi
  if [ "$(cat "$lan/for" 2> /dev/null)" != "$of" ] || ! openssl x509 -in "$lan/studio.crt" -noout -checkend $((30 * 86400)) > /dev/null 2>&1; then
    cat > "$lan/studio.cnf" << EOF
[req]
distinguished_name = dn
prompt = no
[dn]
CN = $(hostname)
[leaf]
basicConstraints = critical, CA:FALSE
keyUsage = critical, digitalSignature
extendedKeyUsage = serverAuth
subjectAltName = @alt
[alt]
$alt
EOF
    (
      umask 077
      loud_on_failure openssl req -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -config "$lan/studio.cnf" -keyout "$lan/studio.key" -out "$lan/studio.csr"
      loud_on_failure openssl x509 -req -in "$lan/studio.csr" -CA "$lan/ca.crt" -CAkey "$lan/ca.key" -CAcreateserial -days 397 -extfile "$lan/studio.cnf" -extensions leaf -out "$lan/studio.crt"
      cat "$lan/ca.crt" >> "$lan/studio.crt"
    )
    printf '%s' "$of" > "$lan/for"
  fi
  [ "$(id -u)" != 0 ] || chown -R "$(stat -c %U:%G "$root")" "$lan"
}

# May the authority there is vouch for all these? Private addresses come and go; it was made for all of them.
vouches_for() {
  local name
  for name in "$@"; do
    case $name in 10.* | 192.168.* | 169.254.* | 172.1[6-9].* | 172.2[0-9].* | 172.3[01].* | f[cd]*:* | fe[89ab]*:*) continue ;; esac
    grep -qxF "$name" "$lan/vouched" 2> /dev/null || return 1
  done
}

# Fills a template of config/lan in.
fill() {
  local text key
  text=$(cat "$root/config/lan/$1")
  for key in ROOT RUN LAN PORT GUESTS ENV STORE HOSTS PATIENCE NAME AS USER; do text=${text//"@$key@"/"${fill[$key]}"}; done
  printf '%s\n' "$text"
}

# The units with which it runs for good.
write_units() {
  mkdir -p "$lan/units"
  local unit
  for unit in inlaid-recipe.service inlaid-recipe-backup.service inlaid-recipe-backup.timer; do fill "$unit" > "$lan/units/$unit"; done
  say "Written to var/lan/units. To have the studio run for good, with a copy each night in var/backups:"
  say "  sudo cp $lan/units/* /etc/systemd/system/"
  say '  sudo systemctl daemon-reload'
  say '  sudo systemctl enable --now inlaid-recipe.service inlaid-recipe-backup.timer'
}

# Serves the store in INLAID_STORE to this machine's network until it is stopped.
serve_lan() {
  local port=$1 units=$2 v name run
  v=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
  local had_nginx=yes
  command -v /usr/sbin/nginx > /dev/null || had_nginx=no
  need_packages nginx-light "php$v-fpm" openssl
  # What comes with the packages starts by itself and serves pages of its own; the studio needs none of it.
  [ "$had_nginx" = yes ] || [ ! -d /run/systemd/system ] || ${as_root:-} systemctl disable --now nginx "php$v-fpm" > /dev/null 2>&1 || true
  make_certificates
  name=$(lan_names | sed -n 3p)
  [ "$units" = yes ] || need_ports 0.0.0.0 "$port"
  run=$(mktemp -d)
  local as='' root_may=()
  if [ "$(id -u)" = 0 ]; then
    as=$(printf '%s = %s\n' user "$(stat -c %U "$root")" group "$(stat -c %G "$root")" listen.owner "$(stat -c %U "$root")" listen.group "$(stat -c %G "$root")")
    [ "$(stat -c %U "$root")" = root ] && root_may=(-R) && say 'This runs as root. A user of its own for the studio would be safer.'
    chown "$(stat -c %U:%G "$root")" "$run"
  fi
  declare -A fill=(
    [ROOT]=$root [RUN]=$run [LAN]=$lan [PORT]=$port [GUESTS]=$((port + 1)) [ENV]=$APP_ENV [STORE]=$INLAID_STORE [NAME]=$name [AS]=$as [USER]=$(stat -c %U "$root")
    [HOSTS]=$(lan_names | sort -u | sed 's/.*:.*/[&]/' | paste -sd,) [PATIENCE]=${INLAID_PATIENCE:-1}
  )
  if [ "$units" = yes ]; then
    write_units
    rm -rf "$run"
    return
  fi
  if [ -t 0 ]; then bin/console inlaid:passphrase --if-none; else bin/console inlaid:passphrase --if-none --no-interaction; fi
  # What was made here belongs to whom the program runs as.
  [ "$(id -u)" != 0 ] || chown -R "$(stat -c %U:%G "$root")" "$root/var"
  local file
  for file in nginx.conf rooms.conf fpm.conf; do fill "$file" > "$run/$file"; done
  php -r 'foreach (require "config/headers.php" as $n => $v) { echo "add_header $n \"$v\" always;\n"; }' > "$run/headers.conf"
  echo 'add_header Strict-Transport-Security $tls_only always;' >> "$run/headers.conf"
  [ "$(id -u)" != 0 ] || sed -i "1i user $(stat -c '%U %G' "$root");" "$run/nginx.conf"
  loud_on_failure /usr/sbin/nginx -t -e stderr -c "$run/nginx.conf"
  for file in nginx php-fpm; do
    [ ! -f "var/log/$file.log" ] || [ "$(stat -c %s "var/log/$file.log")" -lt 2000000 ] || mv -f "var/log/$file.log" "var/log/$file.log.1"
  done
  set -m
  "/usr/sbin/php-fpm$v" -F "${root_may[@]}" "${php_tuning[@]}" -y "$run/fpm.conf" 2> /dev/null &
  local fpm=$! tries
  for ((tries = 0; tries < 200; tries++)); do # whoever asks nginx before is told that nobody is behind it
    [ -S "$run/php.sock" ] && break
    sleep 0.05
  done
  /usr/sbin/nginx -e stderr -c "$run/nginx.conf" -g 'daemon off;' 2>> var/log/nginx.log &
  local nginx=$!
  set +m
  # shellcheck disable=SC2064 — the processes of now
  trap "kill -- -$nginx -$fpm 2> /dev/null || true; rm -rf '$run'" EXIT
  trap 'exit 0' INT TERM
  say "Inlaid Recipe is at https://$name:$port/"
  say "or, where that name is not known, at $(hostname -I | tr ' ' '\n' | grep -v -e : -e '^$' | sed "s|.*|https://&:$port/|" | paste -sd' ')"
  say "A tablet is told once whom to trust: open https://$name:$port/studio-ca.crt on it and install that as an authority. Its fingerprint:"
  say "  $(openssl x509 -in "$lan/ca.crt" -noout -fingerprint -sha256 | cut -d= -f2)"
  say 'Stop it with Ctrl+C.'
  wait -n "$nginx" "$fpm" || true
}

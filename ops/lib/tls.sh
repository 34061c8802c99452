# A certificate of our own for phones on the local network: they ask for TLS before they keep the app offline or lend their
# microphone. A small authority signs it, so that only one file has to be trusted on each phone.
# shellcheck shell=bash

FIRST_TLS_PORT=8443
CA_DAYS=3650
SERVER_DAYS=825   # longer ones are refused by phones

check_tls_host() {
  [[ "$TLS_HOST" =~ ^[A-Za-z0-9]([A-Za-z0-9.-]{0,251}[A-Za-z0-9])?$ ]] \
    || usage_error "start: --tls '$TLS_HOST': this machine's name or address as phones reach it, like 192.168.1.20 or hall.local"
}

prepare_tls() {
  mkdir -p "$STATE/tls"
  TLS_PORT="$(cat "$STATE/tls/port" 2>/dev/null || true)"
  if [ -z "$TLS_PORT" ]; then TLS_PORT="$(reserve_port "$FIRST_TLS_PORT")"; echo "$TLS_PORT" > "$STATE/tls/port"; fi
  # The authority can vouch for this one host only, so that its key is of no use against anything else.
  if [ ! -s "$STATE/tls/ca.key" ] || [ "$(cat "$STATE/tls/ca-host" 2>/dev/null)" != "$TLS_HOST" ]; then
    rm -f "$STATE/tls/host"
    ( umask 077; run_logged tls-ca openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -days "$CA_DAYS" \
      -subj '/CN=Zumbo on this machine' -addext 'basicConstraints=critical,CA:TRUE,pathlen:0' -addext 'keyUsage=critical,keyCertSign' \
      -addext "nameConstraints=critical,$(constraint)" \
      -keyout "$STATE/tls/ca.key" -out "$STATE/tls/ca.pem" )
    echo "$TLS_HOST" > "$STATE/tls/ca-host"
  fi
  if [ "$(cat "$STATE/tls/host" 2>/dev/null)" != "$TLS_HOST" ] || ! openssl x509 -checkend 2592000 -noout -in "$STATE/tls/server.pem" >/dev/null 2>&1; then
    sign_server
    echo "$TLS_HOST" > "$STATE/tls/host"
  fi
}

# A constraint binds names of its own kind only, so the other kind is shut as a whole.
constraint() {
  if [[ "$TLS_HOST" =~ ^[0-9.]+$ ]]; then echo "permitted;IP:$TLS_HOST/255.255.255.255,permitted;DNS:nothing.invalid"
  else echo "permitted;DNS:$TLS_HOST,excluded;IP:0.0.0.0/0.0.0.0,excluded;IP:0:0:0:0:0:0:0:0/0:0:0:0:0:0:0:0"; fi
}

sign_server() {
  local kind=DNS
  [[ "$TLS_HOST" =~ ^[0-9.]+$ ]] && kind=IP
  ( umask 077
    run_logged tls-request openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -subj "/CN=Zumbo" -keyout "$STATE/tls/server.key" -out "$STATE/tls/server.csr"
    run_logged tls-sign openssl x509 -req -days "$SERVER_DAYS" -in "$STATE/tls/server.csr" -CA "$STATE/tls/ca.pem" -CAkey "$STATE/tls/ca.key" -CAcreateserial -out "$STATE/tls/server.pem" \
      -extfile <(printf 'subjectAltName=%s:%s\nextendedKeyUsage=serverAuth\n' "$kind" "$TLS_HOST") )
}

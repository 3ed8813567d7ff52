# How phones in the workshop reach ./run: the address, a certificate for it, and a QR code. Sourced; expects lib.sh and ROOT.

TLS=$ROOT/.data/tls
# telephones take no certificate that lasts longer than 398 days
CERTIFICATE_DAYS=390 RENEWED_BEFORE_DAYS=30 AUTHORITY_DAYS=3650

# own_address : the address of this machine by which the network knows it; nothing is sent to find out
own_address() { ip -4 -o route get 192.0.2.1 2> /dev/null | sed -n 's/.* src \([0-9.]*\).*/\1/p'; }

addresses() { ip -4 -o addr show scope global | awk '{ sub("/.*", "", $4); print $4 }'; }

# require_address ADDRESS : one of this machine's own
require_address() {
    addresses | grep -qxF -- "$1" || [[ $1 == 127.* ]] \
        || die "--workshop wants an address of this machine, not '$1'. It has: $(addresses | paste -sd ' ')"
}

# An authority of this workshop's own, trusted on each telephone once. What it can vouch for is bounded: no site of the world.
make_authority() {
    [ -e "$TLS/authority.crt" ] && return
    say "Making this workshop's own certificate authority (kept in .data/tls) ..."
    (umask 077 && mkdir -p "$TLS" && openssl ecparam -name prime256v1 -genkey -noout -out "$TLS/authority.key")
    openssl req -x509 -new -sha256 -days "$AUTHORITY_DAYS" -key "$TLS/authority.key" -out "$TLS/authority.crt" \
        -subj "/CN=Old Tallow of $(uname -n)" \
        -addext 'basicConstraints=critical,CA:true,pathlen:0' -addext 'keyUsage=critical,keyCertSign,cRLSign' \
        -addext "nameConstraints=critical,permitted;IP:10.0.0.0/255.0.0.0,permitted;IP:172.16.0.0/255.240.0.0,permitted;IP:192.168.0.0/255.255.0.0,permitted;IP:169.254.0.0/255.255.0.0,permitted;IP:127.0.0.0/255.0.0.0,permitted;IP:$1/255.255.255.255,permitted;DNS:$(uname -n | tr A-Z a-z),permitted;DNS:local"
}

# make_certificate ADDRESS : one the authority vouches for; made anew when it runs out or the address is another
make_certificate() {
    local host names
    host=$(uname -n | tr A-Z a-z)
    names="IP:$1,DNS:$host,DNS:${host%%.*}.local"
    make_authority "$1"
    if [ -e "$TLS/door.crt" ] && [ "$(cat "$TLS/door.names" 2> /dev/null)" = "$names" ] \
        && openssl x509 -in "$TLS/door.crt" -noout -checkend $((RENEWED_BEFORE_DAYS * 86400)) > /dev/null; then
        return
    fi
    (umask 077 && openssl genpkey -quiet -algorithm EC -pkeyopt ec_paramgen_curve:P-256 -out "$TLS/door.key")
    openssl req -new -sha256 -key "$TLS/door.key" -subj "/CN=$1" \
        | openssl x509 -req -sha256 -days "$CERTIFICATE_DAYS" -CA "$TLS/authority.crt" -CAkey "$TLS/authority.key" \
            -set_serial "0x$(openssl rand -hex 16)" -out "$TLS/door.crt" -extfile <(printf '%s\n' \
                'basicConstraints=critical,CA:false' 'keyUsage=critical,digitalSignature' 'extendedKeyUsage=serverAuth' \
                "subjectAltName=$names") 2> /dev/null
    printf '%s' "$names" > "$TLS/door.names"
}

# open_door ADDRESS PORT : sets what the application reads of its certificate, its address and its names
open_door() {
    local host
    host=$(uname -n | tr A-Z a-z)
    if [ -z "${OLDTALLOW_CERTIFICATE:-}" ]; then
        make_certificate "$1"
        export OLDTALLOW_CERTIFICATE=$TLS/door.crt OLDTALLOW_CERTIFICATE_KEY=$TLS/door.key OLDTALLOW_AUTHORITY=$TLS/authority.crt
    fi
    export OLDTALLOW_BIND=$1
    export OLDTALLOW_ADDRESS=${OLDTALLOW_ADDRESS:-https://$1:$2}
    export OLDTALLOW_HOSTS=${OLDTALLOW_HOSTS:-$host,${host%%.*}.local,$1}
    export SERVER_SSL_BUNDLE=door
    export SPRING_SSL_BUNDLE_PEM_DOOR_KEYSTORE_CERTIFICATE=file:$OLDTALLOW_CERTIFICATE
    export SPRING_SSL_BUNDLE_PEM_DOOR_KEYSTORE_PRIVATE_KEY=file:$OLDTALLOW_CERTIFICATE_KEY
    export SPRING_SSL_BUNDLE_PEM_DOOR_RELOAD_ON_UPDATE=true # a renewed file is taken up without a restart
}

# show_door : what to point a telephone at
show_door() {
    say ""
    qrencode -t ANSIUTF8 -m 2 "$OLDTALLOW_ADDRESS"
    say "Telephones in this network: $OLDTALLOW_ADDRESS"
    if [ -n "${OLDTALLOW_AUTHORITY:-}" ]; then
        say "They trust it once its authority is on them: $OLDTALLOW_ADDRESS/door/authority.crt"
        say "SHA-256 of it: $(openssl x509 -in "$OLDTALLOW_AUTHORITY" -noout -fingerprint -sha256 | cut -d= -f2)"
        say "How, telephone by telephone, stands in Workshop under \"A phone to the bench\"."
    fi
}

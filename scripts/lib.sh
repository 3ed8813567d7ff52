# Shared by ./run and ./test: finds what is needed, installs from Debian's packages what can be, and says what cannot.
# Sourced; expects `set -euo pipefail` and ROOT.

WANTED_JDK=25
WANTED_NODE_MAJOR=20
WANTED_NODE_MINOR=19

say() { printf '%s\n' "$*"; }
die() { printf '\n%s\n' "$*" >&2; exit 1; }

is_root() { [ "$(id -u)" -eq 0 ]; }

# apt_install PACKAGE… : installs from Debian's packages, or says what to type.
apt_install() {
    command -v apt-get > /dev/null || die "Missing: $*. Install it with this system's package manager, then run this again."
    local as_root=()
    if ! is_root; then
        if command -v sudo > /dev/null && sudo -n true 2> /dev/null; then
            as_root=(sudo)
        else
            die "Missing: $*. Type:  sudo apt-get install $*   and run this again."
        fi
    fi
    say "Installing $* from Debian's packages ..."
    local log
    log=$(mktemp)
    if ! { "${as_root[@]}" apt-get update -qq \
        && "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq \
            -o Dpkg::Options::=--force-confold "$@"; } > "$log" 2>&1; then
        tail -n 15 "$log" >&2
        die "Could not install $*. Install it by hand, then run this again."
    fi
    rm -f "$log"
}

apt_offers() { command -v apt-cache > /dev/null && [ -n "$(apt-cache search --names-only "^$1\$" 2> /dev/null)" ]; }

jdk_major() { "$1/bin/javac" -version 2>&1 | sed -n 's/^javac \([0-9]*\).*/\1/p'; }

# Sets JAVA_HOME to a JDK of at least WANTED_JDK.
need_jdk() {
    local home
    for home in "${JAVA_HOME:-}" /usr/lib/jvm/*; do
        if [ -n "$home" ] && [ -x "$home/bin/javac" ] && [ "$(jdk_major "$home")" -ge "$WANTED_JDK" ]; then
            export JAVA_HOME=$home
            return
        fi
    done
    apt_offers "openjdk-$WANTED_JDK-jdk-headless" \
        || die "Missing: a JDK of version $WANTED_JDK or later. Debian's packages here offer none; put one under /usr/lib/jvm or set JAVA_HOME, then run this again."
    apt_install "openjdk-$WANTED_JDK-jdk-headless"
    JAVA_HOME=$(ls -d /usr/lib/jvm/java-$WANTED_JDK-openjdk-* | head -n 1)
    export JAVA_HOME
}

node_fits() {
    local version major minor
    version=$(node --version 2> /dev/null) || return 1
    IFS=. read -r major minor _ <<< "${version#v}"
    [ "$major" -gt "$WANTED_NODE_MAJOR" ] || { [ "$major" -eq "$WANTED_NODE_MAJOR" ] && [ "$minor" -ge "$WANTED_NODE_MINOR" ]; }
}

need_node() {
    node_fits && command -v npm > /dev/null && return
    if ! command -v node > /dev/null && apt_offers nodejs; then
        apt_install nodejs npm
        node_fits && return
    fi
    die "Missing: Node.js $WANTED_NODE_MAJOR.$WANTED_NODE_MINOR or later with npm (found: $(node --version 2> /dev/null || echo none)). Debian's packages here offer no newer one; install it, then run this again."
}

need_maven() { command -v mvn > /dev/null || apt_install maven; }

postgres_bin() { ls -d /usr/lib/postgresql/*/bin/postgres 2> /dev/null | sort -t/ -k5 -n | tail -n 1 | xargs -r dirname; }

# Sets PGBIN to the folder of Debian's PostgreSQL server.
need_postgres() {
    PGBIN=$(postgres_bin)
    if [ -z "$PGBIN" ]; then
        # without this, Debian's package starts a cluster of its own beside ours
        if is_root && [ ! -e /etc/postgresql-common/createcluster.conf ]; then
            mkdir -p /etc/postgresql-common
            say "create_main_cluster = false" > /etc/postgresql-common/createcluster.conf
        fi
        apt_install postgresql
        PGBIN=$(postgres_bin)
        [ -n "$PGBIN" ] || die "Missing: the PostgreSQL server under /usr/lib/postgresql."
    fi
}

# need_command COMMAND PACKAGE
need_command() { command -v "$1" > /dev/null || apt_install "$2"; }

# maven ARGUMENT… : Maven, quiet about the Unsafe of its own libraries on new JDKs.
maven() {
    MAVEN_OPTS="${MAVEN_OPTS:-} --sun-misc-unsafe-memory-access=allow --enable-native-access=ALL-UNNAMED" \
        PATH="$JAVA_HOME/bin:$PATH" PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn -B -ntp "$@"
}

# version : counted up with every commit, so that a newer one is an upgrade
version() {
    local commits
    commits=$(git -C "$ROOT" rev-list --count HEAD 2> /dev/null) || commits=0
    say "1.$commits"
}

# source_hash : one hash over everything the application is made from.
source_hash() {
    (cd "$ROOT" && find pom.xml core db postgres-dev stand-in app crossing phone server web scripts \
        \( -name node_modules -o -name target -o -name build -o -name .svelte-kit -o -path '*/src/test' \) -prune \
        -o -type f -not -name schema.d.ts -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
}

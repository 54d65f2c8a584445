# Words to the person at the terminal.

say() { printf '%s\n' "$*"; }

step() { printf '· %s\n' "$*" >&2; }

fail() {
    printf 'kavvel: %s\n' "$*" >&2
    exit 1
}

# Long-running processes: each in a session of its own, known by pid and start time, so that a pid
# that now belongs to somebody else is never signalled.

start_time() { awk '{ sub(/.*\) /, ""); print $20 }' "/proc/$1/stat" 2>/dev/null; }

# is_running NAME
is_running() {
    local pid started
    [ -f "$VAR/run/$1.pid" ] || return 1
    read -r pid started <"$VAR/run/$1.pid"
    [ -n "$started" ] && [ "$(start_time "$pid")" = "$started" ]
}

# begin NAME COMMAND... : in the background, with its own log
begin() {
    local name=$1
    shift
    is_running "$name" && return 0
    setsid "$@" </dev/null >>"$VAR/log/$name.log" 2>&1 &
    local pid=$!
    printf '%s %s\n' "$pid" "$(start_time "$pid")" >"$VAR/run/$name.pid"
}

# end NAME : the whole process group, gently first
end() {
    local pid started
    if is_running "$1"; then
        read -r pid started <"$VAR/run/$1.pid"
        kill -TERM -- "-$pid" 2>/dev/null || kill -TERM "$pid" 2>/dev/null || true
        for _ in $(seq 150); do
            is_running "$1" || pgrep -g "$pid" >/dev/null 2>&1 || break
            sleep 0.1
        done
        kill -KILL -- "-$pid" 2>/dev/null || true
    fi
    rm -f "$VAR/run/$1.pid"
}

# wait_for WHAT LOG COMMAND... : until the command succeeds, half a minute at most
wait_for() {
    local what=$1 log=$2
    shift 2
    for _ in $(seq 300); do
        "$@" >/dev/null 2>&1 && return 0
        sleep 0.1
    done
    fail "$what did not answer; see $VAR/log/$log.log."
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# need_port PORT NAME : free, or ours already
need_port() {
    is_running "$2" || port_is_free "$1" \
        || fail "Port $1 ($2) is in use by another program. Choose another with KAVVEL_PORT=…, or stop that program."
}

# The processes of an instance. supervisor keeps each alive; each leads a process group of its own, inside the one
# session that supervisor opened. Pid and start time are written down, so that a pid that now belongs to somebody
# else is never signalled; session and folder tell what a killed master left behind.

APP=(standin web nginx gateway commands queue schedule)
PARTS=(database "${APP[@]}")

start_time() { awk '{ sub(/.*\) /, ""); print $20 }' "/proc/$1/stat" 2>/dev/null; }

state_of() { awk '{ sub(/.*\) /, ""); print $1 }' "/proc/$1/stat" 2>/dev/null; }

# record NAME PID : with the session that it belongs to
record() { printf '%s %s %s\n' "$2" "$(start_time "$2")" "$(ps -o sid= -p "$2" | tr -d ' ')" >"$VAR/run/$1.pid"; }

# is_running NAME : the very process that was recorded, and not a dead one that nobody has buried
is_running() {
    local pid started session
    [ -f "$VAR/run/$1.pid" ] || return 1
    read -r pid started session <"$VAR/run/$1.pid"
    [ -n "$started" ] && [ "$(start_time "$pid")" = "$started" ] && [ "$(state_of "$pid")" != Z ]
}

# left_over NAME : pids of the recorded group, or of the whole session for supervisor itself, that are still about.
left_over() {
    local pid started session column=pgid
    [ -f "$VAR/run/$1.pid" ] || return 0
    read -r pid started session <"$VAR/run/$1.pid"
    [ "$1" = supervisor ] && column=sid
    ps -e -o pid=,"$column"=,sid=,stat= | while read -r one group its_session its_state; do
        [ "$group" = "$pid" ] && [ "$its_session" = "$session" ] && [ "$one" != $$ ] && [ "${its_state:0:1}" != Z ] || continue
        case "$(readlink "/proc/$one/cwd" 2>/dev/null)" in "$ROOT" | "$ROOT"/*) echo "$one" ;; esac
    done
}

# sweep NAME : ends what is left of it, at once.
sweep() {
    local pids
    for _ in $(seq 50); do
        pids=$(left_over "$1")
        [ -n "$pids" ] || break
        # shellcheck disable=SC2086
        kill -KILL $pids 2>/dev/null || true
        sleep 0.1
    done
    rm -f "$VAR/run/$1.pid"
}

ctl() { supervisorctl -c "$VAR/run/supervisor.conf" "$@"; }

# supervise : supervisor runs, and with it nothing yet.
supervise() {
    is_running supervisor && return 0
    sweep supervisor
    rm -f "$SOCKETS"/*.sock "$VAR"/run/*.pid
    write_configuration
    setsid supervisord -c "$VAR/run/supervisor.conf" </dev/null >/dev/null 2>"$VAR/log/supervisor.out" 9>&- &
    record_session $!
    wait_for "supervisor" supervisor ctl pid
}

# The session is supervisor's own as soon as it has opened it.
record_session() {
    for _ in $(seq 100); do
        [ "$(ps -o sid= -p "$1" | tr -d ' ')" = "$1" ] && break
        sleep 0.02
    done
    record supervisor "$1"
}

# begin NAME : a process, or all of a group ("app:*")
begin() { ctl start "$1" >/dev/null 2>&1 || true; }

# end_app : everything but the database
end_app() {
    local name
    is_running supervisor && { ctl stop 'app:*' >/dev/null 2>&1 || true; }
    for name in "${APP[@]}"; do sweep "$name"; done
}

# end_all : supervisor with all that it keeps, gently first; then whatever a killed master or a killed supervisor left.
end_all() {
    local pid name
    if is_running supervisor; then
        read -r pid _ <"$VAR/run/supervisor.pid"
        kill -TERM "$pid" 2>/dev/null || true
        for _ in $(seq 400); do
            is_running supervisor || break
            sleep 0.1
        done
    fi
    for name in "${PARTS[@]}"; do sweep "$name"; done
    sweep supervisor
    rm -f "$SOCKETS"/*.sock
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
    is_running "$2" || [ -n "$(left_over "$2")$(left_over supervisor)" ] || port_is_free "$1" \
        || fail "Port $1 ($2) is in use by another program. Choose another with KAVVEL_PORT=…, or stop that program."
}

<?php

/* A hub that answers wrongly on the wire: the mode is the first part of its path. */
$mode = explode('/', (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH))[1];
header('Content-Type: application/json');
if ($mode === 'huge') {
    for ($megabyte = 0; $megabyte < 300; $megabyte++) {
        echo str_repeat('[', 1_000_000);
        flush();
    }
} elseif ($mode === 'bomb') {
    header('Content-Encoding: gzip');
    echo gzencode(str_repeat(' ', 60_000_000), 9);
} elseif ($mode === 'half') {
    header('Content-Length: 4000');
    echo '{"epoch": "one", "clock": ';
} elseif ($mode === 'drip') {
    for ($byte = 0; $byte < 100; $byte++) {
        echo '[';
        flush();
        usleep(200_000);
    }
}

<?php

/* Front door for PHP's own web server: files as they are, everything else to Laravel. */
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
if ($path !== '/' && $path !== '/server.php' && is_file(__DIR__.$path)) {
    return false;
}
require __DIR__.'/index.php';

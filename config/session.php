<?php

return [
    'driver' => env('SESSION_DRIVER', 'files'),
    'lifetime' => 720,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    // Cookies ignore ports: two instances on one machine need two names.
    'cookie' => env('SESSION_COOKIE', 'kavvel_session'),
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];

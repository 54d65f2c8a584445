<?php

return [
    /** Where the stand-in answers; the demo jobs point their gateways here. */
    'standin' => [
        'url' => env('KAVVEL_STANDIN_URL', 'http://127.0.0.1:8411'),
        'token' => env('KAVVEL_STANDIN_TOKEN', ''),
    ],
    /** Names that this instance answers to. */
    'hosts' => array_values(array_filter(['127.0.0.1', 'localhost', '[::1]', ...explode(' ', (string) env('KAVVEL_HOSTS', ''))])),
    /** What the clock on the wall shows: times are stored in UTC and shown in this zone. */
    'time_zone' => env('KAVVEL_TIME_ZONE', 'UTC'),
    /** Files that the long-running processes touch, so that a start can wait for them. */
    'beats' => env('KAVVEL_BEATS', storage_path('beats')),
];

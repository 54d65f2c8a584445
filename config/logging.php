<?php

return [
    'default' => 'daily',
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        'daily' => [
            'driver' => 'daily', 'path' => storage_path('logs/kavvel.log'), 'level' => 'warning', 'days' => 14, 'permission' => 0o600,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];

<?php

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync', 'after_commit' => true],
        'database' => [
            'driver' => 'database', 'connection' => 'mariadb', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => 180,
            'after_commit' => true,
        ],
        // What hubs are told: a worker that was killed in the middle is followed by another soon.
        'commands' => [
            'driver' => env('QUEUE_CONNECTION', 'database'), 'connection' => 'mariadb', 'table' => 'jobs', 'queue' => 'commands',
            'retry_after' => 20, 'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];

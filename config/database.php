<?php

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => '127.0.0.1',
            'port' => env('DB_PORT', '8412'),
            'unix_socket' => env('DB_SOCKET', ''),
            'database' => env('DB_DATABASE', 'kavvel'),
            'username' => env('DB_USERNAME', 'kavvel'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'prefix_indexes' => true,
            'strict' => true,
            // Whoever waited for another to write a job reads what the other wrote, not what was there before.
            'isolation_level' => 'READ COMMITTED',
            'timezone' => '+00:00',
            'use_db_after_connecting' => false,
            // One round trip a query instead of three; PDO quotes by the connection's own character set.
            'options' => [PDO::ATTR_EMULATE_PREPARES => true],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];

<?php

declare(strict_types=1);

// Loads the libraries' classes that every page needs once, at the start of php-fpm, and not at each request. The list is
// written by `kavvel:shared-classes`; where there is none, pages load what they need as they go.

$files = require dirname(__DIR__).'/vendor/composer/autoload_classmap.php';
spl_autoload_register(static function (string $class) use ($files): void {
    if (isset($files[$class]) && is_file($files[$class])) {
        require_once $files[$class];
    }
});

$list = getenv('KAVVEL_SHARED_CLASSES');
foreach (is_string($list) && is_file($list) ? (array) file($list, FILE_IGNORE_NEW_LINES) : [] as $class) {
    class_exists((string) $class);
}

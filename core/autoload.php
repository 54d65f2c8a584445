<?php

declare(strict_types=1);

/*
 * The core's own class loader: one namespace, one folder. The command line starts without Composer,
 * and so runs from a bare checkout.
 */
spl_autoload_register(static function (string $class): void {
    $prefix = 'Kavvel\\Core\\';
    if (! str_starts_with($class, $prefix)) {
        return;
    }
    $file = __DIR__.'/src/'.str_replace('\\', '/', substr($class, strlen($prefix))).'.php';
    if (is_file($file)) {
        require $file;
    }
});

<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/**
 * Traits boot a model by their names alone (`bootSomeTrait`, `initializeSomeTrait`). The framework would also look at each
 * of the model's methods for attributes that say the same, for every model and every request anew.
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot{$name}")) {
                static::{"boot{$name}"}();
            }
            if (method_exists(static::class, "initialize{$name}")) {
                static::$traitInitializers[static::class][] = "initialize{$name}";
            }
        }
    }
}

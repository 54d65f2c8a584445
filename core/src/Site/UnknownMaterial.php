<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

use Kavvel\Core\Input\InvalidInput;

/** A wall or floor is made of something that no table holds. */
final class UnknownMaterial extends InvalidInput
{
    public static function called(string $name, string $at): self
    {
        return new self('unknown-material', '“'.self::quoted($name).'” is not a material that Kavvel knows.', $at);
    }
}

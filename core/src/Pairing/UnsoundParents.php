<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Input\InvalidInput;

/** Parents that lead to no gateway. */
final class UnsoundParents extends InvalidInput
{
    public static function cannotRelay(string $child, string $parent, string $because, string $at): self
    {
        return new self('bad-parent', '“'.self::quoted($parent)."” can't be the parent of “".self::quoted($child)."”: {$because}.", $at);
    }

    /** @param list<string> $loop */
    public static function loop(array $loop, string $at): self
    {
        return new self('parent-loop', 'The parents run in a circle: '.self::quoted(implode(' → ', $loop)).'.', $at);
    }
}

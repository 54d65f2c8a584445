<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Input\InvalidInput;

/** Nodes and links that make no network. */
final class UnsoundGraph extends InvalidInput
{
    public static function pathsTooLong(int $most): self
    {
        return new self('too-large', "The paths of this network have more than {$most} steps together.", '$.nodes');
    }

    public static function selfLink(string $id, string $at): self
    {
        return new self('self-link', '“'.self::quoted($id).'” is linked to itself.', $at);
    }

    public static function duplicateLink(string $a, string $b, string $at): self
    {
        return new self('duplicate-link', '“'.self::quoted($a).'” and “'.self::quoted($b).'” are linked twice.', $at);
    }

    public static function rootIsNoRoot(string $id, string $at): self
    {
        return new self('bad-root', '“'.self::quoted($id).'” must be the one node with the role root.', $at);
    }
}

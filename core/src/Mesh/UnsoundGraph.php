<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Input\InvalidInput;

/** Nodes and links that make no network. */
final class UnsoundGraph extends InvalidInput
{
    public static function selfLink(string $id, string $at): self
    {
        return new self('self-link', "“{$id}” is linked to itself.", $at);
    }

    public static function duplicateLink(string $a, string $b, string $at): self
    {
        return new self('duplicate-link', "“{$a}” and “{$b}” are linked twice.", $at);
    }

    public static function rootIsNoRoot(string $id, string $at): self
    {
        return new self('bad-root', "“{$id}” must be the one node with the role root.", $at);
    }
}

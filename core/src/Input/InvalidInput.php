<?php

declare(strict_types=1);

namespace Kavvel\Core\Input;

use DomainException;

/**
 * Input that can't be used: a short code for programs, a sentence for a person, and where it stands
 * (a JSON path such as `$.nodes[2].id`).
 */
final class InvalidInput extends DomainException
{
    private function __construct(public readonly string $reason, string $message, public readonly string $at)
    {
        parent::__construct($message);
    }

    public static function notJson(string $detail): self
    {
        return new self('bad-json', "The input is not JSON: {$detail}.", '$');
    }

    /** @param list<string> $verbs */
    public static function unknownVerb(string $verb, array $verbs): self
    {
        $said = $verb === '' ? 'No verb was given' : "There is no verb “{$verb}”";

        return new self('unknown-verb', $said.'. Verbs: '.implode(', ', $verbs).'.', 'verb');
    }

    public static function missing(string $at): self
    {
        return new self('missing', "A value is missing at {$at}.", $at);
    }

    public static function wrongType(string $at, string $wanted): self
    {
        return new self('bad-type', "The value at {$at} must be {$wanted}.", $at);
    }

    /** @param list<string> $allowed */
    public static function unknownWord(string $at, string $value, array $allowed): self
    {
        return new self('unknown-value', "“{$value}” at {$at} is not one of: ".implode(', ', $allowed).'.', $at);
    }

    public static function outOfRange(string $at, string $rule): self
    {
        return new self('out-of-range', "The value at {$at} must be {$rule}.", $at);
    }

    public static function unknownMaterial(string $name, string $at): self
    {
        return new self('unknown-material', "“{$name}” is not a material that Kavvel knows.", $at);
    }

    public static function duplicateId(string $id, string $at): self
    {
        return new self('duplicate-id', "The id “{$id}” stands twice.", $at);
    }

    public static function unknownId(string $id, string $at): self
    {
        return new self('unknown-id', "There is nothing with the id “{$id}”.", $at);
    }

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

    public static function parentCannotRelay(string $child, string $parent, string $because, string $at): self
    {
        return new self('bad-parent', "“{$parent}” can't be the parent of “{$child}”: {$because}.", $at);
    }

    /** @param list<string> $loop */
    public static function parentLoop(array $loop, string $at): self
    {
        return new self('parent-loop', 'The parents run in a circle: '.implode(' → ', $loop).'.', $at);
    }
}

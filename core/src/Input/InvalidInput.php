<?php

declare(strict_types=1);

namespace Kavvel\Core\Input;

use DomainException;

/**
 * Input that can't be used: a short code for programs, a sentence for a person, and where it stands
 * (a JSON path such as `$.nodes[2].id`). Features refuse in types of their own.
 */
class InvalidInput extends DomainException
{
    private const LONGEST_QUOTE = 80;

    final protected function __construct(public readonly string $reason, string $message, public readonly string $at)
    {
        parent::__construct($message);
    }

    public static function notJson(string $detail): self
    {
        return new self('bad-json', "The input is not JSON: {$detail}.", '$');
    }

    public static function missing(string $at): self
    {
        return new self('missing', "A value is missing at {$at}.", $at);
    }

    public static function wrongType(string $at, string $wanted): self
    {
        return new self('bad-type', "The value at {$at} must be {$wanted}.", $at);
    }

    public static function tooLarge(string $at, string $rule): self
    {
        return new self('too-large', "The value at {$at} must be {$rule}.", $at);
    }

    /** @param list<string> $allowed */
    public static function unknownWord(string $at, string $value, array $allowed): self
    {
        return new self('unknown-value', '“'.self::quoted($value)."” at {$at} is not one of: ".implode(', ', $allowed).'.', $at);
    }

    public static function outOfRange(string $at, string $rule): self
    {
        return new self('out-of-range', "The value at {$at} must be {$rule}.", $at);
    }

    public static function duplicateId(string $id, string $at): self
    {
        return new self('duplicate-id', 'The id “'.self::quoted($id).'” stands twice.', $at);
    }

    public static function unknownId(string $id, string $at): self
    {
        return new self('unknown-id', 'There is nothing with the id “'.self::quoted($id).'”.', $at);
    }

    public static function unknownName(string $name, string $at): self
    {
        return new self('unknown-name', 'Nothing is called “'.self::quoted($name)."”, which stands at {$at}.", $at);
    }

    /** As much of a text as a sentence bears. */
    protected static function quoted(string $text): string
    {
        return mb_strimwidth(mb_scrub($text), 0, self::LONGEST_QUOTE, '…');
    }
}

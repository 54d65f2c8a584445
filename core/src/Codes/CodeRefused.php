<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

use Kavvel\Core\Input\InvalidInput;

/** A code that says nothing, or not what its standard asks for; with the place, and the code that was meant where one is clear. */
final class CodeRefused extends InvalidInput
{
    private ?string $meant = null;

    /** The one code that differs by a single slip and holds, or null. */
    public function meant(): ?string
    {
        return $this->meant;
    }

    public static function unknownFormat(string $why): self
    {
        return new self('unknown-format', $why, '$.code');
    }

    public static function badCharacter(string $place, string $character, string $words, ?string $meant): self
    {
        $ask = $meant === null ? '.' : ": did you mean {$meant}?";

        return new self('bad-character', ucfirst($place)." is “{$character}”; the code has {$words}{$ask}", $place);
    }

    public static function unreadableName(string $place): self
    {
        return new self('bad-character', 'The network’s name is not text that can be read: a digit of it is wrong.', $place);
    }

    public static function badLength(string $wanted, string $has, string $place): self
    {
        return new self('bad-length', "{$wanted}; this has {$has}.", $place);
    }

    public static function badChecksum(string $message, string $place): self
    {
        return new self('bad-checksum', $message, $place);
    }

    public static function forbiddenPasscode(int $passcode): self
    {
        return new self(
            'forbidden-passcode',
            sprintf('The passcode %08d is one that no device may have: too easy to guess.', $passcode),
            'passcode',
        );
    }

    public static function beyond(string $what, string $place): self
    {
        return new self('out-of-range', "{$what}.", $place);
    }

    public static function laterVersion(string $what, string $place): self
    {
        return new self('unsupported-version', "{$what}.", $place);
    }

    /** The same refusal, with the one code that was surely meant. */
    public function meaning(string $code): self
    {
        $better = new self($this->reason, "{$this->getMessage()} Only one slip explains it: did you mean {$code}?", $this->at);
        $better->meant = $code;

        return $better;
    }
}

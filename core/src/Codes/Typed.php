<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** What somebody typed or a camera read, without what has no meaning; each character knows where it stood. */
final readonly class Typed
{
    /** Spaces of every kind */
    private const SPACES = '/[\s\x{00A0}\x{2000}-\x{200B}\x{202F}\x{FEFF}]/u';

    /** Spaces, dashes of every kind, and the colons of addresses */
    private const SEPARATORS = '/[\s\x{00A0}\x{2000}-\x{200B}\x{202F}\x{FEFF}\-\x{2010}-\x{2015}\x{2212}:]/u';

    /** Letters that are typed for digits which look like them */
    private const LOOKS_LIKE = ['O' => '0', 'Q' => '0', 'D' => '0', 'I' => '1', 'L' => '1', 'Z' => '2', 'S' => '5', 'G' => '6', 'B' => '8'];

    /** @param list<int> $places of each character, from 1 on */
    private function __construct(public string $code, private array $places) {}

    /** A code in which a dash has a meaning. */
    public static function withDashes(string $text): self
    {
        return self::without(self::SPACES, $text);
    }

    public static function plain(string $text): self
    {
        return self::without(self::SEPARATORS, $text);
    }

    public function length(): int
    {
        return count($this->places);
    }

    /** At least two in three of its characters are digits. */
    public function isMeantAsDigits(): bool
    {
        return (int) preg_match_all('/[0-9]/', $this->code) * 3 >= $this->length() * 2;
    }

    public function isDigits(): bool
    {
        return $this->code !== '' && ctype_digit($this->code);
    }

    public function isHex(): bool
    {
        return $this->code !== '' && ctype_xdigit($this->code);
    }

    public function from(int $index): self
    {
        return new self(mb_substr($this->code, $index), array_slice($this->places, $index));
    }

    public function upTo(int $length): self
    {
        return new self(mb_substr($this->code, 0, $length), array_slice($this->places, 0, $length));
    }

    /** "character 9" of what was typed, spaces and dashes counted. */
    public function place(int $index): string
    {
        return 'character '.($this->places[$index] ?? ($this->places[$this->length() - 1] ?? 0) + 1);
    }

    /** "characters 4 to 8" */
    public function span(int $index, int $length): string
    {
        return "characters {$this->places[$index]} to {$this->places[$index + $length - 1]}";
    }

    /**
     * @param  string  $allowed  characters of the code's alphabet
     *
     * @throws CodeRefused at the first that is none of them
     */
    public function allOf(string $allowed, string $words): self
    {
        foreach (mb_str_split($this->code) as $index => $character) {
            if (! str_contains($allowed, $character)) {
                $meant = self::LOOKS_LIKE[$character] ?? null;
                throw CodeRefused::badCharacter(
                    $this->place($index),
                    $character,
                    $words,
                    $meant !== null && str_contains($allowed, $meant) ? $meant : null,
                );
            }
        }

        return $this;
    }

    public function digits(): self
    {
        return $this->allOf('0123456789', 'digits only');
    }

    public function hexDigits(): self
    {
        return $this->allOf('0123456789ABCDEF', 'the digits 0 to 9 and the letters A to F only');
    }

    private static function without(string $pattern, string $text): self
    {
        $code = '';
        $places = [];
        foreach (mb_str_split($text) as $index => $character) {
            if (preg_match($pattern, $character) !== 1) {
                $code .= strtoupper($character);
                $places[] = $index + 1;
            }
        }

        return new self($code, $places);
    }
}

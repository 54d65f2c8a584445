<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/**
 * Short forms inside a limit of bytes: drop the place, then abbreviate, then leave out whole words from the
 * front; a word is never cut. Names that meet in one network are told apart by a number.
 */
final class Shortener
{
    /** @var array<string, true> */
    private array $taken = [];

    /** @var array<string, int> the number to go on with, by name */
    private array $next = [];

    /** @param array<string, string> $abbreviations word => short word, lower case */
    public function __construct(private readonly array $abbreviations, private readonly bool $countsCharacters = false) {}

    /**
     * For platforms, which count characters and not bytes.
     *
     * @param  array<string, string>  $abbreviations
     */
    public static function byCharacters(array $abbreviations): self
    {
        return new self($abbreviations, true);
    }

    /**
     * The first that fits and is free in its network; null when not even the last word fits.
     *
     * @param  list<string>  $candidates  best first
     */
    public function unique(string $network, array $candidates, int $bytes): ?string
    {
        $short = $this->fit($candidates, $bytes);
        $first = $short;
        $number = $this->next[$this->key($network, (string) $first)] ?? 2;
        for (; $short !== null && isset($this->taken[$this->key($network, $short)]); $number++) {
            $bases = array_map(static fn (string $candidate): string => (string) preg_replace('/ \d+$/', '', $candidate), $candidates);
            $base = $this->fit($bases, $bytes - $this->length(" {$number}"));
            $short = $base === null ? null : "{$base} {$number}";
        }
        if ($short !== null) {
            // Those before are taken: the next of this name need not try them again.
            $this->next[$this->key($network, (string) $first)] = $number;
            $this->taken[$this->key($network, $short)] = true;
        }

        return $short;
    }

    /** @param list<string> $candidates best first */
    public function fit(array $candidates, int $bytes): ?string
    {
        $abbreviated = array_map($this->abbreviate(...), $candidates);
        foreach ([...$candidates, ...$abbreviated] as $candidate) {
            if ($candidate !== '' && $this->length($candidate) <= $bytes) {
                return $candidate;
            }
        }
        $words = explode(' ', (string) end($abbreviated));
        while (count($words) > 1) {
            array_shift($words);
            if ($this->length(implode(' ', $words)) <= $bytes && ! ctype_digit(implode('', $words))) {
                return implode(' ', $words);
            }
        }

        return null;
    }

    private function length(string $text): int
    {
        return $this->countsCharacters ? mb_strlen($text, 'UTF-8') : strlen($text);
    }

    private function abbreviate(string $name): string
    {
        return implode(' ', array_map(
            fn (string $word): string => $this->abbreviations[mb_strtolower($word, 'UTF-8')] ?? $word,
            explode(' ', $name),
        ));
    }

    private function key(string $network, string $short): string
    {
        return $network."\n".mb_strtolower($short, 'UTF-8');
    }
}

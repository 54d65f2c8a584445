<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Normalizer;

/** Names as a person reads, says and files them. */
final readonly class Text
{
    /** Letters that a plural adds at most */
    private const LONGEST_PLURAL = 2;

    /** Letters with marks, and what they become in an id. */
    private const FOLDED = [
        'a' => 'àáâãäåāăąǎ', 'ae' => 'æǽ', 'c' => 'çćĉċč', 'd' => 'ďđð', 'e' => 'èéêëēĕėęě', 'g' => 'ĝğġģ', 'h' => 'ĥħ',
        'i' => 'ìíîïĩīĭįıǐ', 'σ' => 'ς', 'j' => 'ĵ', 'k' => 'ķ', 'l' => 'ĺļľŀł', 'n' => 'ñńņňŉŋ', 'o' => 'òóôõöøōŏőǒ', 'oe' => 'œ',
        'r' => 'ŕŗř', 's' => 'śŝşšș', 'ss' => 'ß', 't' => 'ţťŧț', 'th' => 'þ', 'u' => 'ùúûüũūŭůűųǔ', 'w' => 'ŵ',
        'y' => 'ýÿŷ', 'z' => 'źżž',
    ];

    /** Lower case, accents folded, one space between words, all else gone. */
    public static function fold(string $text): string
    {
        $lower = strtr(mb_strtolower(self::composed($text), 'UTF-8'), self::table());
        $bare = (string) preg_replace('/\p{Mn}+/u', '', self::decomposed($lower));

        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', $bare));
    }

    public static function slug(string $text): string
    {
        return str_replace(' ', '_', self::fold($text));
    }

    /** Without a number at the end. */
    public static function base(string $folded): string
    {
        return (string) preg_replace('/ \d+$/', '', $folded);
    }

    /** Two bedrooms are told apart by their numbers: what remains is the same base. */
    public static function withoutNumbers(string $folded): string
    {
        return self::squeeze((string) preg_replace('/\d+(?:(?:st|nd|rd|th)\b)?/', ' ', $folded));
    }

    public static function squeeze(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }

    /** @return list<string> what stands in each line, without the empty ones */
    public static function lines(string $text): array
    {
        $lines = array_map(self::squeeze(...), preg_split('/\R/u', $text) ?: []);

        return array_values(array_filter($lines, static fn (string $line): bool => $line !== ''));
    }

    /** One letter more, less or other, or one word in the plural. */
    public static function isNear(string $a, string $b): bool
    {
        $apart = abs(mb_strlen($a) - mb_strlen($b));
        if ($apart > self::LONGEST_PLURAL) {
            return false;
        }

        return self::isOneLetterApart(mb_str_split($a), mb_str_split($b)) || self::inPlural($a, $b) || self::inPlural($b, $a);
    }

    /**
     * By characters: a letter of another script has several bytes.
     *
     * @param  list<string>  $a
     * @param  list<string>  $b
     */
    private static function isOneLetterApart(array $a, array $b): bool
    {
        $from = 0;
        while (isset($a[$from], $b[$from]) && $a[$from] === $b[$from]) {
            $from++;
        }
        [$restA, $restB] = [count($a), count($b)];
        while (min($restA, $restB) > $from && $a[$restA - 1] === $b[$restB - 1]) {
            $restA--;
            $restB--;
        }

        return max($restA, $restB) - $from === 1;
    }

    /** Letters and their marks as one character, however they were written; as they are where PHP has no tables for it. */
    private static function composed(string $text): string
    {
        return class_exists(Normalizer::class) ? (Normalizer::normalize($text, Normalizer::FORM_C) ?: $text) : $text;
    }

    private static function decomposed(string $text): string
    {
        return class_exists(Normalizer::class) ? (Normalizer::normalize($text, Normalizer::FORM_D) ?: $text) : $text;
    }

    private static function inPlural(string $one, string $many): bool
    {
        $ones = explode(' ', $one);
        $manys = explode(' ', $many);
        $apart = array_keys(array_diff_assoc($ones, $manys));
        if (count($ones) !== count($manys) || count($apart) !== 1) {
            return false;
        }
        [$word, $other] = [$ones[$apart[0]], $manys[$apart[0]]];

        return in_array($other, [$word.'s', $word.'es', (string) preg_replace('/y$/', 'ies', $word)], true);
    }

    /** @return array<string, string> */
    private static function table(): array
    {
        static $table = null;
        if ($table === null) {
            $table = [];
            foreach (self::FOLDED as $plain => $letters) {
                foreach (mb_str_split($letters, 1, 'UTF-8') as $letter) {
                    $table[$letter] = $plain;
                }
            }
        }

        return $table;
    }
}

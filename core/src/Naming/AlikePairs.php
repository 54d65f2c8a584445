<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Closure;

/**
 * Which of many words may be one letter, or a plural, apart: only words that have a form in common are compared, so that
 * thousands take no longer than they must.
 */
final readonly class AlikePairs
{
    /** Most of them are one thing with many numbers, and no conflict */
    private const MOST_OF_ONE_SOUND = 5_000_000;

    /**
     * @param  list<string>  $words
     * @param  Closure(string, string): bool  $areAlike
     * @return list<array{int, int}> numbers of two words that are not the same, the smaller first
     */
    public static function of(array $words, Closure $areAlike): array
    {
        $numbers = [];
        foreach ($words as $number => $word) {
            $numbers[' '.$word][] = $number;
        }
        $pairs = [];
        foreach (self::candidates(array_map(static fn (string $key): string => substr($key, 1), array_keys($numbers))) as [$a, $b]) {
            if ($areAlike($a, $b)) {
                foreach ($numbers[' '.$a] as $one) {
                    foreach ($numbers[' '.$b] as $other) {
                        $pairs[] = [min($one, $other), max($one, $other)];
                    }
                }
            }
            if (count($pairs) > ConflictCheck::MOST) {
                throw TooManyConflicts::than(ConflictCheck::MOST);
            }
        }
        sort($pairs);

        return $pairs;
    }

    /**
     * @param  list<string>  $words
     * @return list<array{int, int}> numbers of two words that are the same, but for empty ones
     */
    public static function same(array $words): array
    {
        $numbers = [];
        foreach ($words as $number => $word) {
            $word === '' || $numbers[' '.$word][] = $number;
        }
        $pairs = [];
        foreach ($numbers as $alike) {
            foreach ($alike as $at => $one) {
                foreach (array_slice($alike, $at + 1) as $other) {
                    $pairs[] = [$one, $other];
                }
                if (count($pairs) > self::MOST_OF_ONE_SOUND) {
                    throw TooManyConflicts::than(ConflictCheck::MOST);
                }
            }
        }

        return $pairs;
    }

    /**
     * @param  list<string>  $words  each once
     * @return list<array{string, string}>
     */
    private static function candidates(array $words): array
    {
        $byForm = [];
        foreach ($words as $number => $word) {
            foreach (self::forms($word) as $form) {
                $byForm[' '.$form][$number] = true;
            }
        }
        $seen = [];
        $pairs = [];
        foreach ($byForm as $alike) {
            $alike = array_keys($alike);
            foreach ($alike as $at => $one) {
                for ($next = $at + 1; isset($alike[$next]); $next++) {
                    $key = "{$one}-{$alike[$next]}";
                    if (! isset($seen[$key])) {
                        $seen[$key] = true;
                        $pairs[] = [$words[$one], $words[$alike[$next]]];
                    }
                }
            }
        }

        return $pairs;
    }

    /** @return list<string> the word, it without each of its letters, and with each of its parts in the singular */
    private static function forms(string $word): array
    {
        $letters = mb_str_split($word);
        $forms = [$word];
        foreach ($letters as $at => $letter) {
            $forms[] = implode('', array_slice($letters, 0, $at)).implode('', array_slice($letters, $at + 1));
        }
        $parts = explode(' ', $word);
        foreach ($parts as $at => $part) {
            foreach ([preg_replace('/es$/', '', $part), preg_replace('/ies$/', 'y', $part)] as $one) {
                $forms[] = implode(' ', array_replace($parts, [$at => (string) $one]));
            }
        }

        return array_values(array_unique($forms));
    }
}

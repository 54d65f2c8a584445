<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** The check digit over the dihedral group D5: every single wrong digit and every swap of neighbours is caught (Verhoeff 1969). */
final readonly class Verhoeff
{
    private const PRODUCT = [
        [0, 1, 2, 3, 4, 5, 6, 7, 8, 9], [1, 2, 3, 4, 0, 6, 7, 8, 9, 5], [2, 3, 4, 0, 1, 7, 8, 9, 5, 6], [3, 4, 0, 1, 2, 8, 9, 5, 6, 7],
        [4, 0, 1, 2, 3, 9, 5, 6, 7, 8], [5, 9, 8, 7, 6, 0, 4, 3, 2, 1], [6, 5, 9, 8, 7, 1, 0, 4, 3, 2], [7, 6, 5, 9, 8, 2, 1, 0, 4, 3],
        [8, 7, 6, 5, 9, 3, 2, 1, 0, 4], [9, 8, 7, 6, 5, 4, 3, 2, 1, 0],
    ];

    private const PERMUTATION = [1, 5, 7, 6, 2, 8, 3, 0, 9, 4];

    private const INVERSE = [0, 4, 3, 2, 1, 5, 6, 7, 8, 9];

    /** @param string $digits without the check digit */
    public static function digit(string $digits): string
    {
        return (string) self::INVERSE[self::sum("{$digits}0")];
    }

    public static function holds(string $digits): bool
    {
        return self::sum($digits) === 0;
    }

    private static function sum(string $digits): int
    {
        $sum = 0;
        foreach (array_reverse(str_split($digits)) as $place => $digit) {
            $sum = self::PRODUCT[$sum][self::permuted((int) $digit, $place % 8)];
        }

        return $sum;
    }

    private static function permuted(int $digit, int $times): int
    {
        for ($i = 0; $i < $times; $i++) {
            $digit = self::PERMUTATION[$digit];
        }

        return $digit;
    }
}

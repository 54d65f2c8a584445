<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

use Closure;

/** What was meant, where just one slip explains a code whose check fails: one wrong character, or two neighbours swapped. */
final readonly class Correction
{
    /**
     * @param  Closure(string): bool  $holds
     * @return string|null null: no slip explains it, or several do
     */
    public static function of(string $code, string $alphabet, Closure $holds): ?string
    {
        $found = null;
        foreach (self::slips($code, $alphabet) as $slip) {
            if ($slip === $found || ! $holds($slip)) {
                continue;
            }
            if ($found !== null) {
                return null;
            }
            $found = $slip;
        }

        return $found;
    }

    /** @return iterable<string> */
    private static function slips(string $code, string $alphabet): iterable
    {
        for ($at = 0; $at < strlen($code); $at++) {
            foreach (str_split($alphabet) as $character) {
                if ($character !== $code[$at]) {
                    yield substr_replace($code, $character, $at, 1);
                }
            }
            if ($at > 0 && $code[$at] !== $code[$at - 1]) {
                yield substr_replace($code, $code[$at].$code[$at - 1], $at - 1, 2);
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Naming\Text;

/** Keys for what is new on a plan. */
final readonly class FreeKey
{
    private const LONGEST = 60;

    /** @param array<string, mixed> $taken by key */
    public static function named(string $name, string $otherwise, array $taken): string
    {
        $base = substr(str_replace('_', '-', (string) preg_replace('/[^a-z0-9_]/', '', Text::slug($name))), 0, self::LONGEST);
        $base = trim($base, '-') === '' ? $otherwise : trim($base, '-');
        $key = $base;
        for ($n = 2; isset($taken[$key]); $n++) {
            $key = "{$base}-{$n}";
        }

        return $key;
    }

    /** @param array<string, mixed> $taken by key */
    public static function numbered(string $stem, array $taken): string
    {
        for ($n = 1; isset($taken[sprintf('%s%02d', $stem, $n)]); $n++);

        return sprintf('%s%02d', $stem, $n);
    }
}

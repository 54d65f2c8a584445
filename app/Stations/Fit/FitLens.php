<?php

declare(strict_types=1);

namespace App\Stations\Fit;

/** What the station may have in the middle. */
enum FitLens: string
{
    case Plan = 'plan';
    case Box = 'box';
    case Dead = 'dead';
    case Wires = 'wires';
    case Order = 'order';

    /** @return array<string, string> titles by word */
    public static function titles(): array
    {
        $titles = [];
        foreach (self::cases() as $lens) {
            $titles[$lens->value] = match ($lens) {
                self::Dead => 'Isolation',
                self::Wires => 'Conductors',
                default => $lens->name,
            };
        }

        return $titles;
    }
}

<?php

declare(strict_types=1);

namespace App\Stations\Pair;

/** What the middle shows while devices are paired. */
enum PairLens: string
{
    case Plan = 'plan';
    case Codes = 'codes';
    case Hubs = 'hubs';
    case Bus = 'bus';
    case Teach = 'teach';

    /** @return array<string, string> titles by word */
    public static function titles(): array
    {
        return [
            self::Plan->value => 'Plan', self::Codes->value => 'Codes', self::Hubs->value => 'Hubs', self::Bus->value => 'Bus',
            self::Teach->value => 'Teach',
        ];
    }
}

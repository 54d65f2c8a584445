<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

/** What the middle of the station shows. */
enum BridgeLens: string
{
    case Paths = 'paths';
    case Plan = 'plan';
    case Names = 'names';
    case Outage = 'outage';
    case Boxes = 'boxes';

    public function title(): string
    {
        return match ($this) {
            self::Paths => 'Paths',
            self::Plan => 'Plan',
            self::Names => 'Names',
            self::Outage => 'Outage',
            self::Boxes => 'Boxes',
        };
    }

    /** @return array<string, string> by word */
    public static function titles(): array
    {
        return array_combine(
            array_column(self::cases(), 'value'),
            array_map(static fn (self $one): string => $one->title(), self::cases()),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\Stations\SubLenses;

/** What the station may have in the middle. */
enum FitLens: string
{
    case Plan = 'plan';
    case Box = 'box';
    case Dead = 'dead';
    case Wires = 'wires';
    case Order = 'order';
    case Van = 'van';

    /** @return array<string, string> titles of the first row, by word */
    public static function titles(): array
    {
        return [
            self::Plan->value => 'Plan', self::Box->value => 'Box', self::Dead->value => 'Isolation', self::Wires->value => 'Conductors',
            self::Order->value => 'Order',
        ];
    }

    /** The key in the first row that leads here. */
    public function main(): self
    {
        return $this === self::Van ? self::Order : $this;
    }

    /** What stands under the same key; none where it stands alone. */
    public function within(): ?SubLenses
    {
        return $this->main() === self::Order
            ? new SubLenses([self::Order->value => 'Circuits', self::Van->value => 'Van and time'], $this->value)
            : null;
    }
}

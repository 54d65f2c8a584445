<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

/** Which box of a two-way circuit a device goes into: where the feed comes in, or where the lamp goes out. */
enum TwoWaySide: string
{
    case Line = 'line';
    case Load = 'load';

    public function words(): string
    {
        return match ($this) {
            self::Line => 'the line side, where the feed comes in',
            self::Load => 'the load side, where the lamp goes out',
        };
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

/** What hangs before a window. */
enum BlindKind: string
{
    case Roller = 'roller';
    case Slats = 'slats';
    case Vertical = 'vertical';
    case Pleated = 'pleated';
    case Curtain = 'curtain';
    case Shutter = 'shutter';
    case Roof = 'roof';

    public function words(): string
    {
        return match ($this) {
            self::Roller => 'roller blind',
            self::Slats => 'blind with slats',
            self::Vertical => 'vertical slats',
            self::Pleated => 'pleated blind',
            self::Curtain => 'curtain on a rail',
            self::Shutter => 'shutter outside',
            self::Roof => 'roof window blind',
        };
    }
}

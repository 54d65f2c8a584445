<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Layer;

/** Floors as they are met. */
enum FloorKind: string
{
    case Ground = 'ground';
    case Timber = 'timber';
    case Concrete = 'concrete';
    case Heated = 'heated';

    public function words(): string
    {
        return match ($this) {
            self::Ground => 'On the ground',
            self::Timber => 'Timber floor, plasterboard ceiling',
            self::Concrete => 'Reinforced concrete 200 mm',
            self::Heated => 'Timber floor with foil-backed heating boards',
        };
    }

    /** @return list<Layer> from the ceiling below to the floor */
    public function layers(): array
    {
        return match ($this) {
            self::Ground => [],
            self::Timber => [new Layer('plasterboard', 0.0125), new Layer('chipboard', 0.022)],
            self::Concrete => [new Layer('reinforced-concrete', 0.2)],
            self::Heated => [new Layer('plasterboard', 0.0125), new Layer('foil-floor', 0.0), new Layer('chipboard', 0.022)],
        };
    }

    /** @param list<Layer> $layers */
    public static function of(array $layers): ?self
    {
        foreach (self::cases() as $kind) {
            if (Rows::areSame($kind->layers(), $layers)) {
                return $kind;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Layer;

/** Walls as they are met, made of layers from the tables of materials; a wall may have layers of its own instead. */
enum Construction: string
{
    case Granite = 'granite-550';
    case Concrete = 'concrete-200';
    case Brick = 'brick-215';
    case HalfBrick = 'brick-100';
    case Stud = 'stud';
    case FoilStud = 'foil-stud';
    case Glazing = 'glazing';

    /** Rooms that are one: nothing stands between them */
    case Open = 'open';

    public function words(): string
    {
        return match ($this) {
            self::Granite => 'Granite 550 mm',
            self::Concrete => 'Concrete 200 mm',
            self::Brick => 'Brick 215 mm',
            self::HalfBrick => 'Brick 100 mm, plastered',
            self::Stud => 'Stud, plasterboard',
            self::FoilStud => 'Stud, foil-backed board',
            self::Glazing => 'Glazing',
            self::Open => 'No wall: open',
        };
    }

    /** @return list<Layer> from one face to the other */
    public function layers(): array
    {
        return match ($this) {
            self::Granite => [new Layer('granite', 0.55)],
            self::Concrete => [new Layer('concrete', 0.2)],
            self::Brick => [new Layer('brick', 0.215)],
            self::HalfBrick => [new Layer('plasterboard', 0.0125), new Layer('brick', 0.1), new Layer('plasterboard', 0.0125)],
            self::Stud => [new Layer('plasterboard', 0.0125), new Layer('plasterboard', 0.0125)],
            self::FoilStud => [new Layer('plasterboard', 0.0125), new Layer('foil', 0.0), new Layer('plasterboard', 0.0125)],
            self::Glazing => [new Layer('glass', 0.006), new Layer('glass', 0.006)],
            self::Open => [],
        };
    }

    /** @param list<Layer> $layers */
    public static function of(array $layers): ?self
    {
        foreach (self::cases() as $construction) {
            if (Rows::areSame($construction->layers(), $layers)) {
                return $construction;
            }
        }

        return null;
    }
}

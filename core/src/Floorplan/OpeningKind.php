<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Opening;

/** What a wall is opened for, with the measures that it usually has (assumption), in metres. */
enum OpeningKind: string
{
    case Door = 'door';
    case GlassDoor = 'glass door';
    case SteelDoor = 'steel door';
    case Window = 'window';
    case CoatedWindow = 'coated window';
    case Gap = 'gap';

    public function words(): string
    {
        return match ($this) {
            self::Door => 'Door',
            self::GlassDoor => 'Glass door',
            self::SteelDoor => 'Steel door',
            self::Window => 'Window',
            self::CoatedWindow => 'Window, metal-coated glass',
            self::Gap => 'Open gap',
        };
    }

    /** @return list<Layer> */
    public function layers(): array
    {
        return match ($this) {
            self::Door => [new Layer('wood', 0.04)],
            self::SteelDoor => [new Layer('steel-door', 0.0)],
            self::GlassDoor, self::Window => [new Layer('glass', 0.004), new Layer('glass', 0.004)],
            self::CoatedWindow => [new Layer('glass', 0.004), new Layer('low-e-glass', 0.0)],
            self::Gap => [],
        };
    }

    public function isWindow(): bool
    {
        return $this === self::Window || $this === self::CoatedWindow;
    }

    public function usualWidth(): float
    {
        return $this->isWindow() ? 1.2 : 0.9;
    }

    /** @return array{float, float} sill and head over the floor */
    public function usualHeights(): array
    {
        return $this->isWindow() ? [0.9, 2.1] : [0.0, 2.0];
    }

    public function at(float $offset, float $width, ?float $sill = null, ?float $head = null): Opening
    {
        [$usualSill, $usualHead] = $this->usualHeights();

        return new Opening($this->value, $offset, $width, $sill ?? $usualSill, $head ?? $usualHead, $this->layers());
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** What stands in the house and goes with its rooms: a point, the slot of a device, or a hub. In metres. */
final readonly class Thing
{
    /** Sections of a plan that things are kept in */
    public const SECTIONS = ['points', 'slots', 'hubs'];

    /**
     * @param  string  $section  one of SECTIONS
     * @param  string  $home  key of its room; of a hub, of its storey
     * @param  array{float, float, float}  $position
     * @param  array<string, mixed>  $facts  what else the plan keeps of it
     */
    public function __construct(
        public string $section,
        public string $key,
        public string $name,
        public string $home,
        public array $position,
        public array $facts = [],
    ) {}

    /** @param array<string, mixed> $row */
    public static function of(string $section, array $row): self
    {
        [$x, $y, $z] = $row['position'];

        return new self(
            $section,
            $row['key'],
            $row['name'] ?? $row['key'],
            $row['home'],
            [(float) $x, (float) $y, (float) $z],
            $row['facts'] ?? [],
        );
    }

    /** @return array<string, mixed> what the plan decides of it: its name is given elsewhere */
    public function row(): array
    {
        return ['key' => $this->key, 'home' => $this->home, 'position' => $this->position, 'facts' => $this->facts];
    }

    public function isInRoom(): bool
    {
        return $this->section !== 'hubs';
    }

    public function movedBy(float $dx, float $dy): self
    {
        return $this->at(Shape::moved([$this->position[0], $this->position[1]], $dx, $dy));
    }

    public function liftedBy(float $dz): self
    {
        [$x, $y, $z] = $this->position;

        return new self($this->section, $this->key, $this->name, $this->home, [$x, $y, Shape::millimetres($z + $dz)], $this->facts);
    }

    /** @param array{float, float} $place */
    public function at(array $place, ?string $home = null): self
    {
        return new self(
            $this->section,
            $this->key,
            $this->name,
            $home ?? $this->home,
            [$place[0], $place[1], $this->position[2]],
            $this->facts,
        );
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Layer;

/** A level of the house: heights in metres, what its floor and its walls are made of unless they are told otherwise. */
final readonly class Storey
{
    private const HEIGHTS_M = [1.0, 12.0];

    /**
     * @param  float  $elevation  of its floor over that of the ground floor
     * @param  float  $height  clear, floor to ceiling
     * @param  list<array{float, float}>  $outline  of its floor
     * @param  list<Layer>  $floorLayers  of the slab under it
     * @param  list<Layer>  $outerLayers  of walls with a room on one side
     * @param  list<Layer>  $innerLayers  of walls between two rooms
     */
    public function __construct(
        public string $key,
        public string $name,
        public int $level,
        public float $elevation,
        public float $height,
        public array $outline,
        public array $floorLayers,
        public array $outerLayers,
        public array $innerLayers,
    ) {}

    /** @throws PlanRefused where no storey is so high */
    public static function checkHeight(float $metres): void
    {
        if ($metres < self::HEIGHTS_M[0] || $metres > self::HEIGHTS_M[1]) {
            throw PlanRefused::outOfRange('height', sprintf('A storey is %.0f to %.0f m high.', ...self::HEIGHTS_M));
        }
    }

    /** @param array<string, mixed> $row */
    public static function of(array $row): self
    {
        return new self(
            $row['key'],
            $row['name'],
            (int) $row['level'],
            (float) $row['elevation'],
            (float) $row['height'],
            $row['outline'],
            Rows::layers($row['floorLayers']),
            isset($row['outerLayers']) ? Rows::layers($row['outerLayers']) : Construction::Brick->layers(),
            isset($row['innerLayers']) ? Rows::layers($row['innerLayers']) : Construction::Stud->layers(),
        );
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'key' => $this->key, 'name' => $this->name, 'level' => $this->level, 'elevation' => $this->elevation,
            'height' => $this->height, 'outline' => $this->outline, 'floorLayers' => Rows::ofLayers($this->floorLayers),
            'outerLayers' => Rows::ofLayers($this->outerLayers), 'innerLayers' => Rows::ofLayers($this->innerLayers),
        ];
    }

    /** @param array<string, mixed> $change of its row */
    public function with(array $change): self
    {
        return self::of([...$this->row(), ...$change]);
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Polygon;

/** A room as it is drawn: its outline runs in the middle of thin walls, in metres. */
final readonly class Room
{
    /**
     * @param  list<array{float, float}>  $outline
     * @param  float|null  $height  clear, where it is not that of the storey
     */
    public function __construct(
        public string $key,
        public string $storey,
        public string $name,
        public string $code,
        public RoomKind $kind,
        public array $outline,
        public ?float $height = null,
    ) {}

    /** @param array<string, mixed> $row */
    public static function of(array $row): self
    {
        return new self(
            $row['key'],
            $row['storey'],
            $row['name'],
            $row['code'],
            RoomKind::from($row['kind'] ?? RoomKind::Room->value),
            array_values(array_map(static fn (array $corner): array => [(float) $corner[0], (float) $corner[1]], $row['outline'])),
            isset($row['height']) ? (float) $row['height'] : null,
        );
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'key' => $this->key, 'storey' => $this->storey, 'name' => $this->name, 'code' => $this->code, 'kind' => $this->kind->value,
            'outline' => $this->outline, 'height' => $this->height,
        ];
    }

    /** @param list<array{float, float}> $outline */
    public function withOutline(array $outline): self
    {
        return new self($this->key, $this->storey, $this->name, $this->code, $this->kind, Shape::tidy($outline), $this->height);
    }

    public function polygon(): Polygon
    {
        return new Polygon($this->outline);
    }

    public function isRectangle(): bool
    {
        $corners = Shape::tidy($this->outline);
        if (count($corners) !== 4) {
            return false;
        }
        foreach (Shape::edges($corners) as [$from, $to]) {
            if (abs($from[0] - $to[0]) > Shape::SAME_M && abs($from[1] - $to[1]) > Shape::SAME_M) {
                return false;
            }
        }

        return true;
    }
}

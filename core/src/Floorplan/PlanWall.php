<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Opening;
use Kavvel\Core\Site\Wall;

/** A wall as it is drawn: a straight line in the middle of its layers, with its openings, in metres. */
final readonly class PlanWall
{
    /** A stud wall's layers leave out its cavity: it is this thick at least */
    public const THINNEST_M = 0.12;

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  list<Layer>  $layers
     * @param  list<Opening>  $openings  by their place along the wall
     */
    public function __construct(
        public string $key,
        public string $storey,
        public string $label,
        public array $from,
        public array $to,
        public float $height,
        public array $layers,
        public array $openings,
    ) {}

    /** @param array<string, mixed> $row */
    public static function of(array $row): self
    {
        return new self(
            $row['key'],
            $row['storey'],
            $row['label'],
            [(float) $row['from'][0], (float) $row['from'][1]],
            [(float) $row['to'][0], (float) $row['to'][1]],
            (float) $row['height'],
            Rows::layers($row['layers']),
            array_values(array_map(static fn (array $one): Opening => new Opening(
                $one['kind'],
                (float) $one['offset'],
                (float) $one['width'],
                (float) $one['sill'],
                (float) $one['head'],
                Rows::layers($one['layers']),
            ), $row['openings'])),
        );
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'key' => $this->key, 'storey' => $this->storey, 'label' => $this->label, 'from' => $this->from, 'to' => $this->to,
            'height' => $this->height, 'layers' => Rows::ofLayers($this->layers),
            'openings' => array_map(static fn (Opening $one): array => [
                'kind' => $one->kind, 'offset' => $one->offset, 'width' => $one->width, 'sill' => $one->sill, 'head' => $one->head,
                'layers' => Rows::ofLayers($one->layers),
            ], $this->openings),
        ];
    }

    /** @param list<Layer> $layers */
    public static function thicknessOf(array $layers): float
    {
        $sum = array_sum(array_map(static fn (Layer $layer): float => $layer->thickness, $layers));

        return $layers === [] ? 0.0 : max(self::THINNEST_M, $sum);
    }

    public function thickness(): float
    {
        return self::thicknessOf($this->layers);
    }

    public function length(): float
    {
        return hypot($this->to[0] - $this->from[0], $this->to[1] - $this->from[1]);
    }

    public function line(): Line
    {
        return Line::through($this->from, $this->to);
    }

    /** @param list<Opening> $openings */
    public function withOpenings(array $openings): self
    {
        usort($openings, static fn (Opening $a, Opening $b): int => $a->offset <=> $b->offset);

        return new self($this->key, $this->storey, $this->label, $this->from, $this->to, $this->height, $this->layers, $openings);
    }

    /** @param list<Layer> $layers */
    public function withLayers(array $layers): self
    {
        return new self($this->key, $this->storey, $this->label, $this->from, $this->to, $this->height, $layers, $this->openings);
    }

    public function labelled(string $label): self
    {
        return new self($this->key, $this->storey, $label, $this->from, $this->to, $this->height, $this->layers, $this->openings);
    }

    public function movedBy(float $dx, float $dy): self
    {
        return new self(
            $this->key,
            $this->storey,
            $this->label,
            Shape::moved($this->from, $dx, $dy),
            Shape::moved($this->to, $dx, $dy),
            $this->height,
            $this->layers,
            $this->openings,
        );
    }

    public function asSiteWall(float $bottom): Wall
    {
        return new Wall($this->from, $this->to, $bottom, $bottom + $this->height, $this->layers, $this->openings, $this->label);
    }
}

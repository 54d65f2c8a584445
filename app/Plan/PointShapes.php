<?php

declare(strict_types=1);

namespace App\Plan;

use App\Plan\Layout\Box;
use App\Plan\Layout\Label;
use Illuminate\Support\Str;
use Kavvel\Core\Radio\Disturber;

/**
 * The points of one storey. What disturbs antennas is named; a socket is not.
 *
 * @phpstan-import-type PlanPoint from Drawing
 */
final readonly class PointShapes
{
    private const SIZE = 0.34;

    /** @param list<PlanPoint> $points */
    private function __construct(public array $points) {}

    public static function of(Geometry $geometry, string $storey, bool $show): self
    {
        $points = [];
        foreach ($show ? $geometry->points : [] as $point) {
            if ($geometry->rooms[$point['room']]['storey'] === $storey) {
                $points[] = ['x' => $point['x'], 'y' => $point['y'], 'disturber' => Disturber::tryFrom($point['purpose'])?->value];
            }
        }

        return new self($points);
    }

    /** @return list<Box> */
    public function boxes(): array
    {
        return array_map(static fn (array $point): Box => Box::around($point['x'], $point['y'], self::SIZE, self::SIZE), $this->points);
    }

    /** @return list<Label> */
    public function labels(float $fontSize): array
    {
        $labels = [];
        foreach ($this->points as $number => $point) {
            if ($point['disturber'] !== null) {
                $labels[] = new Label(
                    "point {$number}",
                    [Str::ucfirst($point['disturber'])],
                    Box::around($point['x'], $point['y'], self::SIZE, self::SIZE),
                    $fontSize,
                );
            }
        }

        return $labels;
    }
}

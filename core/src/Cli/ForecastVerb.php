<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Coverage\Area;
use Kavvel\Core\Coverage\CoverageGrid;
use Kavvel\Core\Coverage\TooManyCells;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

final readonly class ForecastVerb implements Verb
{
    private const MOST_CELLS = 250_000;

    public function answer(Input $input): array
    {
        $link = new LinkInput($input);
        $area = $this->area($input->get('area'));
        $margins = CoverageGrid::margins(
            $link->building,
            $link->clutter,
            LinkInput::place($input->get('from')),
            $area,
            $link->sender,
            $link->receiver,
            $link->mountingDb,
        );

        return [
            'columns' => $area->columns,
            'rows' => $area->rows,
            'margins' => array_map(static fn (array $row): array => array_map(
                static fn (float $margin): float => round($margin, 1) + 0.0,
                $row,
            ), $margins),
        ];
    }

    private function area(Input $area): Area
    {
        try {
            return Area::between(
                $this->span($area->get('x')),
                $this->span($area->get('y')),
                $area->get('z')->number(),
                $area->get('step')->positive(),
                self::MOST_CELLS,
            );
        } catch (TooManyCells $many) {
            throw InvalidInput::outOfRange($area->at, 'an area of at most '.self::MOST_CELLS.' cells');
        }
    }

    /** @return array{float, float} */
    private function span(Input $span): array
    {
        [$from, $to] = $span->items(2);

        return $to->number() >= $from->number()
            ? [$from->number(), $to->number()]
            : throw InvalidInput::outOfRange($to->at, 'no less than the first');
    }
}

<?php

declare(strict_types=1);

namespace App\Plan\Layout;

/**
 * Puts texts where nothing else is. A name stands below its plate; if that is taken, above, right or left; then
 * a shorter text is tried; if all is taken it is left out, since the list beside the plan says it too. What is placed first keeps its
 * place.
 */
final class LabelPlacer
{
    private const GAP_M = 0.07;

    private const LINE_HEIGHT = 1.15;

    /** How far a text above or below slides, as a share of what stands out beyond its plate */
    private const SLIDES = [0.5, 1.0, 0.25, 0.75];

    /**
     * @param  list<Box>  $taken
     * @param  list<Box>  $avoid  left free where there is a choice: walls, links
     */
    public function __construct(private readonly Box $frame, private array $taken, private readonly array $avoid = []) {}

    /**
     * @param  list<Label>  $labels  the most important first
     * @return array<string, array{text: string, box: Box}> where each one stands, by id; one that finds no room is missing
     */
    public function place(array $labels): array
    {
        $placed = [];
        foreach ($labels as $label) {
            foreach ($label->texts as $text) {
                $box = $this->firstFree($this->besidePlate($label, $text));
                if ($box !== null) {
                    $placed[$label->id] = ['text' => $text, 'box' => $box];

                    break;
                }
            }
        }

        return $placed;
    }

    /**
     * The first of these that is inside the frame and free; it is taken from then on.
     *
     * @param  list<Box>  $candidates
     */
    public function firstFree(array $candidates): ?Box
    {
        $secondBest = null;
        foreach ($candidates as $candidate) {
            if (! $candidate->isInside($this->frame) || $candidate->meetsAny($this->taken)) {
                continue;
            }
            if (! $candidate->meetsAny($this->avoid)) {
                return $this->taken[] = $candidate;
            }
            $secondBest ??= $candidate;
        }

        return $secondBest === null ? null : $this->taken[] = $secondBest;
    }

    /** @return list<Box> */
    private function besidePlate(Label $label, string $text): array
    {
        $width = TextSize::width($text, $label->fontSize);
        $height = $label->fontSize * self::LINE_HEIGHT;
        $plate = $label->plate;
        $left = $plate->centreX() - $width / 2;
        $slide = ($width - $plate->width) / 2;

        $below = $plate->y + $plate->height + self::GAP_M;
        $above = $plate->y - self::GAP_M - $height;
        $right = $plate->x + $plate->width + self::GAP_M;
        $before = $plate->x - self::GAP_M - $width;
        $level = $plate->centreY() - $height / 2;
        $boxes = [
            new Box($left, $below, $width, $height),
            new Box($left, $above, $width, $height),
            new Box($right, $level, $width, $height),
            new Box($before, $level, $width, $height),
        ];
        foreach (self::SLIDES as $share) {
            foreach ([$below, $above] as $y) {
                $boxes[] = new Box($left + $slide * $share, $y, $width, $height);
                $boxes[] = new Box($left - $slide * $share, $y, $width, $height);
            }
        }
        foreach ([$right, $before] as $x) {
            $boxes[] = new Box($x, $level - $height / 2, $width, $height);
            $boxes[] = new Box($x, $level + $height / 2, $width, $height);
        }

        return $boxes;
    }
}

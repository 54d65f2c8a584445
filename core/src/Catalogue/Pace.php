<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

/** When a hand is down, in seconds from the beginning of a round that is shown again and again: how a step is done in time. */
final readonly class Pace
{
    /** Where a sheet says nothing: short presses, switchings and turns that everybody manages (assumption) */
    private const PRESS_SECONDS = 0.6;

    private const SWITCH_SECONDS = 2.0;

    private const TURN_SECONDS = 1.0;

    /** A press is down for this part of its beat */
    private const DOWN = 0.45;

    private const BEFORE_SECONDS = 0.6;

    private const AFTER_SECONDS = 1.4;

    /** @param list<array{float, float}> $strokes down from, up again */
    private function __construct(public array $strokes, public float $round) {}

    public static function of(Step $step): self
    {
        return match ($step->kind) {
            'press', 'tap' => self::beats($step->times, min(
                self::PRESS_SECONDS,
                $step->seconds > 0 ? $step->seconds / $step->times : self::PRESS_SECONDS,
            )),
            'power-cycle' => self::beats($step->times, self::SWITCH_SECONDS),
            'turn' => self::beats($step->times, self::TURN_SECONDS),
            'hold', 'pin-hold' => self::beats(1, max(1.0, $step->seconds) / self::DOWN),
            default => self::beats(1, self::SWITCH_SECONDS / self::DOWN),
        };
    }

    /**
     * Times of a change between rest and stroke, as a drawing that moves wants them.
     *
     * @return array{values: string, keyTimes: string}
     */
    public function track(string $rest, string $stroke): array
    {
        $values = [$rest];
        $times = [0.0];
        foreach ($this->strokes as [$down, $up]) {
            $values = [...$values, $stroke, $rest];
            $times = [...$times, $down / $this->round, $up / $this->round];
        }

        return ['values' => implode(';', $values), 'keyTimes' => self::list($times)];
    }

    /**
     * From rest, over the whole of the first stroke, to its end, and so until the round is over.
     *
     * @return array{values: string, keyTimes: string}
     */
    public function sweep(string $rest, string $end): array
    {
        [$down, $up] = $this->strokes[0];

        return [
            'values' => implode(';', [$rest, $rest, $end, $end]),
            'keyTimes' => self::list([0.0, $down / $this->round, $up / $this->round, 1.0]),
        ];
    }

    private static function beats(int $times, float $beat): self
    {
        $strokes = [];
        for ($i = 0; $i < $times; $i++) {
            $from = self::BEFORE_SECONDS + $i * $beat;
            $strokes[] = [$from, $from + $beat * self::DOWN];
        }

        return new self($strokes, self::BEFORE_SECONDS + $times * $beat + self::AFTER_SECONDS);
    }

    /** @param list<float> $times */
    private static function list(array $times): string
    {
        return implode(';', array_map(static fn (float $time): string => number_format($time, 4, '.', ''), $times));
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use DateTimeImmutable;
use Kavvel\Core\Daylight\SunDay;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

final readonly class SunVerb implements Verb
{
    /** Between these years the formulas hold */
    private const YEARS = [1901, 2099];

    /** The clocks of the world, in minutes from UTC */
    private const OFFSETS = [-720, 840];

    public function answer(Input $input): array
    {
        $day = new SunDay(
            $this->within($input->get('latitude'), 90.0),
            $this->within($input->get('longitude'), 180.0),
            $this->date($input->get('date')),
            $input->get('offsetMinutes')->whole(...self::OFFSETS),
        );
        $at = $input->find('at');
        $window = $input->find('windowDegrees');
        $position = $at === null ? null : $day->position($this->minute($at));

        return [
            'sunrise' => $this->clock($day->sunrise()),
            'sunset' => $this->clock($day->sunset()),
            'noon' => $this->clock($day->noon()),
            'always' => $day->always(),
            'azimuth' => $position === null ? null : fmod(Decibels::rounded($position->azimuth), 360.0),
            'elevation' => $position === null ? null : Decibels::rounded($position->elevation),
            'glare' => $window === null ? null : array_map(
                fn (array $span): array => array_map($this->clock(...), $span),
                $day->glare($this->window($window)),
            ),
        ];
    }

    private function within(Input $angle, float $most): float
    {
        return abs($angle->number()) <= $most
            ? $angle->number()
            : throw InvalidInput::outOfRange($angle->at, "between -{$most} and {$most} degrees");
    }

    private function window(Input $window): float
    {
        return $window->numberFrom(0) <= 360
            ? $window->number()
            : throw InvalidInput::outOfRange($window->at, 'between 0 and 360 degrees');
    }

    private function date(Input $date): DateTimeImmutable
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $date->text());
        $year = $day === false ? 0 : (int) $day->format('Y');

        return $day !== false && $day->format('Y-m-d') === $date->text() && $year >= self::YEARS[0] && $year <= self::YEARS[1]
            ? $day
            : throw InvalidInput::outOfRange($date->at, 'a date such as 2026-06-21, from 1901 to 2099');
    }

    private function minute(Input $time): int
    {
        return preg_match('/^([01]\d|2[0-3]):([0-5]\d)$/D', $time->text(), $parts) === 1
            ? 60 * (int) $parts[1] + (int) $parts[2]
            : throw InvalidInput::outOfRange($time->at, 'a time such as 14:30');
    }

    private function clock(int|float|null $minute): ?string
    {
        if ($minute === null) {
            return null;
        }
        $whole = (((int) round($minute)) % SunDay::MINUTES + SunDay::MINUTES) % SunDay::MINUTES;

        return sprintf('%02d:%02d', intdiv($whole, 60), $whole % 60);
    }
}

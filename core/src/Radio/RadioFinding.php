<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;

/** Something that keeps a radio from working before any wall does, with what to do about it. */
final readonly class RadioFinding
{
    private const OTHER_REGION = 1;

    private const TOO_NEAR = 2;

    private const TOO_OFTEN = 3;

    /**
     * @param  int  $rank  the gravest is 1
     * @param  string|null  $slot  null: the gateway
     * @param  string  $move  what to do about it, in a few words
     */
    private function __construct(
        public int $rank,
        public ?string $slot,
        public string $title,
        public string $move,
        public string $text,
    ) {}

    public static function otherRegion(Antenna $antenna, Region $itsRegion, Region $region): self
    {
        return new self(self::OTHER_REGION, $antenna->slot, "Wrong region: {$antenna->title}", "Exchange the {$antenna->title}", sprintf(
            "The %s is made for %s (%s\u{a0}MHz), the controller for %s (%s\u{a0}MHz). They never hear each other: exchange it for the "
                .'%s model before the visit.',
            $antenna->title,
            $itsRegion->value,
            self::zwaveMHz($itsRegion),
            $region->value,
            self::zwaveMHz($region),
            $region->value,
        ));
    }

    public static function tooOften(Antenna $antenna, Reporting $reporting, DutyCycle $duty, float $frequencyMHz): self
    {
        $move = "Let the {$antenna->title} report less often";

        return new self(self::TOO_OFTEN, $antenna->slot, "Reports too often: {$antenna->title}", $move, sprintf(
            "The %s sends %s every %s\u{a0}s: up to %s\u{a0}%% of the time on air, where %s\u{a0}%% is allowed at %s\u{a0}MHz. Set "
                ."%d\u{a0}s or longer.",
            $antenna->title,
            $reporting->values === 1 ? 'a value' : "{$reporting->values} values",
            round($reporting->everySeconds, 1),
            round($duty->share($reporting) * 100, 1),
            round($duty->limit * 100, 1),
            $frequencyMHz,
            $duty->shortestSeconds($reporting),
        ));
    }

    public static function tooNear(Antenna $antenna, Disturber $disturber, float $distanceM): self
    {
        return new self(self::TOO_NEAR, $antenna->slot, "Too near the {$disturber->value}: {$antenna->title}", 'Bring the '
            ."{$antenna->title} away from the {$disturber->value}", sprintf(
                "The %s is %.1f\u{a0}m from the %s, %.1f\u{a0}m at least. %s",
                $antenna->title,
                $distanceM,
                $disturber->value,
                $disturber->keepAwayM(),
                $antenna->slot === null
                ? 'Bring its antenna away on an extension lead.'
                : 'Move one of the two, or bring the antenna away on an extension lead.',
            ));
    }

    private static function zwaveMHz(Region $region): string
    {
        return (string) Transceiver::of(Protocol::ZWave, $region)?->frequencyMHz;
    }
}

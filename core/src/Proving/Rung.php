<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

use Kavvel\Core\Protocol\Joining;

/** A rung of the proof ladder, lowest first: each shows one hop more. */
enum Rung: string
{
    case Hand = 'hand';
    case Radio = 'radio';
    case Hub = 'hub';
    case Ecosystem = 'ecosystem';

    /** @return list<self> those that every device climbs; the others there are one for each ecosystem that it is linked into */
    public static function own(): array
    {
        return [self::Hand, self::Radio, self::Hub];
    }

    /** As a person knows it: a device that is taught or addressed has no radio of its own to be heard. */
    public function words(Joining $joining = Joining::Window): string
    {
        return match ($this) {
            self::Hand => 'By hand',
            self::Radio => match ($joining) {
                Joining::Window => 'Its own radio',
                Joining::Taught => 'Its own remote',
                Joining::Addressed => 'Its own bus',
            },
            self::Hub => 'Hub',
            self::Ecosystem => 'Ecosystem',
        };
    }
}

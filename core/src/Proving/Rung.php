<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

/** A rung of the proof ladder, lowest first: each shows one hop more. */
enum Rung: string
{
    case Hand = 'hand';
    case Radio = 'radio';
    case Hub = 'hub';

    public function words(): string
    {
        return match ($this) {
            self::Hand => 'By hand',
            self::Radio => 'Its own radio',
            self::Hub => 'Hub',
        };
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/** From where it is wanted: an ecosystem, or a hand on the wall, which goes on without any. */
enum WantedFrom: string
{
    case Hub = 'hub';
    case Hand = 'hand';
    case Voice = 'voice';
    case Phone = 'phone';
    case Panel = 'panel';
    case Bus = 'bus';

    public function words(): string
    {
        return match ($this) {
            self::Hub => 'Our hub',
            self::Hand => 'By hand',
            self::Voice => 'Voice platform',
            self::Phone => 'Phone platform',
            self::Panel => 'Wall panel',
            self::Bus => 'Wired bus',
        };
    }

    /** In a cell of the grid. */
    public function short(): string
    {
        return $this->value;
    }
}

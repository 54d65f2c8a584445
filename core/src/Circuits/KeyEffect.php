<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** What a key does to a circuit. */
enum KeyEffect: string
{
    case Toggle = 'toggle';
    case On = 'on';
    case Off = 'off';
    case Dim = 'dim';

    public function words(): string
    {
        return match ($this) {
            self::Toggle => 'on and off',
            self::On => 'on',
            self::Off => 'off',
            self::Dim => 'dim',
        };
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** How a device is mounted, and what that costs its antenna (assumption). */
enum Mounting: string
{
    case Surface = 'surface';
    case PlasticBox = 'plastic-box';
    case MetalBox = 'metal-box';
    case BehindScreen = 'behind-screen';
    case MetalCabinet = 'metal-cabinet';

    public function lossDb(): float
    {
        return match ($this) {
            self::Surface => 0.0,
            self::PlasticBox => 1.0,
            self::MetalBox => 6.0,
            self::BehindScreen => 8.0,
            self::MetalCabinet => 15.0,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Surface => 'on the surface',
            self::PlasticBox => 'in a plastic back box',
            self::MetalBox => 'in a metal back box',
            self::BehindScreen => 'behind a screen or mirror',
            self::MetalCabinet => 'in a metal cabinet',
        };
    }
}

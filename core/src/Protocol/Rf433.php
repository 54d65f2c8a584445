<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

final readonly class Rf433 extends Rules
{
    /** Hand remotes and tube motors (assumption) */
    private const GAIN_DBI = -8.0;

    public function tag(): string
    {
        return 'RF';
    }

    public function title(): string
    {
        return '433 MHz';
    }

    public function joining(): Joining
    {
        return Joining::Taught;
    }

    public function leaving(): Leaving
    {
        return Leaving::Nothing;
    }

    public function radio(Region $region): RadioDefaults
    {
        return new RadioDefaults(433.92, 10, -100, self::GAIN_DBI);
    }

    public function tellsState(): bool
    {
        return false;
    }
}

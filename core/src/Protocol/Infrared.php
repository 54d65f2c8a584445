<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

final readonly class Infrared extends Rules
{
    public function tag(): string
    {
        return 'IR';
    }

    public function title(): string
    {
        return 'Infrared';
    }

    public function joining(): Joining
    {
        return Joining::Taught;
    }

    public function leaving(): Leaving
    {
        return Leaving::Nothing;
    }

    public function tellsState(): bool
    {
        return false;
    }
}

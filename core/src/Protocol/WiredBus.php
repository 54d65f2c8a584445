<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

final readonly class WiredBus extends Rules
{
    public function tag(): string
    {
        return 'WB';
    }

    public function title(): string
    {
        return 'Wired bus';
    }

    public function joining(): Joining
    {
        return Joining::Addressed;
    }

    public function leaving(): Leaving
    {
        return Leaving::Project;
    }
}

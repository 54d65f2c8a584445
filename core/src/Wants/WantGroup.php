<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/** What belongs together when wants are gone through with a client. */
enum WantGroup: string
{
    case Light = 'light';
    case Comfort = 'comfort';
    case Doors = 'doors';
    case Control = 'control';

    public function title(): string
    {
        return match ($this) {
            self::Light => 'Light and power',
            self::Comfort => 'Comfort',
            self::Doors => 'Doors and safety',
            self::Control => 'Control',
        };
    }

    /** @return list<WantedFunction> */
    public function functions(): array
    {
        return array_values(array_filter(
            WantedFunction::cases(),
            fn (WantedFunction $function): bool => $function->group() === $this,
        ));
    }
}

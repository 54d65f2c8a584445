<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/** From where one can look in after dark, with lights on. */
enum SeenFrom: string
{
    case Nowhere = 'nowhere';
    case Street = 'street';
    case Neighbours = 'neighbours';

    public function words(): string
    {
        return match ($this) {
            self::Nowhere => 'from nowhere',
            self::Street => 'from the street',
            self::Neighbours => 'from neighbours',
        };
    }
}

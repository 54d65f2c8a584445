<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What a person says of the device's light while the window is open. */
enum Light: string
{
    /** The pattern that the recipe names */
    case Seen = 'seen';
    case None = 'none';

    /** It shines, in another pattern than that */
    case Other = 'other';

    /** "The wall relay shows its light." */
    public function words(): string
    {
        return match ($this) {
            self::Seen => 'shows its light',
            self::None => 'shows no light',
            self::Other => 'shows another pattern',
        };
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What a person says of the device's light while the window is open. */
enum Light: string
{
    /** The pattern that the recipe names */
    case Seen = 'seen';
    case None = 'none';

    /** It shines, in another pattern than that, and the recipe does not say what it means */
    case Other = 'other';

    /** The pattern by which it says that it is in a network */
    case Owned = 'owned';

    /** The pattern of a key that was held too long */
    case Held = 'held';

    /** The pattern of a battery that is nearly empty */
    case Low = 'low';

    /** "The wall relay shows its light." */
    public function words(): string
    {
        return match ($this) {
            self::Seen => 'shows its light',
            self::None => 'shows no light',
            self::Other => 'shows another pattern',
            self::Owned => 'shows that it is in a network already',
            self::Held => 'shows that a key was held too long',
            self::Low => 'shows that its battery is nearly empty',
        };
    }
}

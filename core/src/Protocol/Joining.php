<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** How a device comes in. */
enum Joining: string
{
    /** A window is opened, over the gateway link or at its own controller */
    case Window = 'window';

    /** Its codes are taught to a sender, or it is clicked to a remote: nobody reports that it is in */
    case Taught = 'taught';

    /** It is wired and addressed with its own bus's tool */
    case Addressed = 'addressed';

    /** What a person does, in the middle of a sentence. */
    public function verb(): string
    {
        return match ($this) {
            self::Window => 'pair',
            self::Taught => 'teach',
            self::Addressed => 'address',
        };
    }
}

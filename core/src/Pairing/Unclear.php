<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** Why a key of a remote was heard, and not clearly. */
enum Unclear: string
{
    /** It was held, and said the same again and again */
    case Repeats = 'repeats';

    /** It came from too far, or past the receiver */
    case Weak = 'weak';

    /** It is what another key of this remote sends: the wrong one was pressed */
    case OtherKey = 'other-key';

    public function advice(): string
    {
        return match ($this) {
            self::Repeats => 'It was held, and repeated itself: tap it, once and short.',
            self::OtherKey => 'It is what another of its keys sends: press the one that is named here.',
            self::Weak => 'It was weak: hold the remote a hand’s breadth from the hub, and point it there.',
        };
    }
}

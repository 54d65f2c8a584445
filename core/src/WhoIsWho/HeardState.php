<?php

declare(strict_types=1);

namespace Kavvel\Core\WhoIsWho;

/** What listening for one device has come to. */
enum HeardState: string
{
    /** Nobody has said what it would say */
    case Silent = 'silent';

    /** One that is nobody’s and fits, and that is sure */
    case Found = 'found';

    /** One that fits, and may have spoken by chance */
    case Once = 'once';

    /** Two or more that fit */
    case Several = 'several';

    /** The slot’s own device: the match is right */
    case Right = 'right';

    /** Another slot’s device, of the same model: the two are mixed up, or the wrong one was touched */
    case Taken = 'taken';

    /** Only what the plan does not have there */
    case Misfit = 'misfit';

    /** Another spoke this time than before */
    case Muddled = 'muddled';

    /** A further trigger tells more. */
    public function asksAgain(): bool
    {
        return $this === self::Once || $this === self::Several;
    }

    public function isSettled(): bool
    {
        return $this === self::Found || $this === self::Right;
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** Whether a control point tells the state that it was brought to. */
enum Feedback: string
{
    /** It was not operated while somebody listened, or not listened to for long enough */
    case NotTried = 'not-tried';
    case Waiting = 'waiting';
    case Proved = 'proved';

    /** It told another state than was asked for */
    case Otherwise = 'otherwise';

    /** It was operated, and told nothing */
    case Silent = 'silent';
}

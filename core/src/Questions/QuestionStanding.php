<?php

declare(strict_types=1);

namespace Kavvel\Core\Questions;

/** How a question stands on a day. */
enum QuestionStanding
{
    case Open;

    /** Its day is past, and the closing it belongs to is still open: an answer changes something yet */
    case Late;

    /** What it was to come before is closed: what was said would happen, happens */
    case TooLate;
    case Answered;
}

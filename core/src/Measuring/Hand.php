<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/** Seen from inside the room. */
enum Hand: string
{
    case Left = 'left';
    case Right = 'right';
}

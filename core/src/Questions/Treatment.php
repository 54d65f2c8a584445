<?php

declare(strict_types=1);

namespace Kavvel\Core\Questions;

/** What a window or door may have that its neighbours then have too. */
enum Treatment: string
{
    case Blind = 'blind';
    case Contact = 'contact';
}

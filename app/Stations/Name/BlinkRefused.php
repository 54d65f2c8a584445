<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Editing\Refused;
use App\Models\Node;

/** A device can't be told to blink. */
final class BlinkRefused extends Refused
{
    public static function notOverTheLink(Node $node): self
    {
        return new self('node', "No hub reaches {$node->address} over its link: trigger it, or look at its label.");
    }
}

<?php

declare(strict_types=1);

namespace App\Matching;

use App\Editing\Refused;
use App\Models\Node;
use App\Models\Slot;

/** A hub can't be told to forget an entry as things stand. */
final class ForgetRefused extends Refused
{
    public static function belongsTo(Node $node, Slot $slot): self
    {
        return new self('node', "{$node->address} is the {$slot->title()}: take it out of the network on its sheet.");
    }

    public static function isNotReached(Node $node): self
    {
        return new self('node', "No hub reaches {$node->address} over its link: take its entry off at the hub itself, or at its bridge.");
    }
}

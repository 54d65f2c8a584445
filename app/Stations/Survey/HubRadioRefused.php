<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Editing\Refused;
use App\Models\Gateway;
use Kavvel\Core\Protocol\Protocol;

/** What a hub speaks can't be said like that. */
final class HubRadioRefused extends Refused
{
    public static function devicesAreIn(Gateway $hub, Protocol $protocol): self
    {
        return new self(
            'hub',
            "{$hub->name} does speak {$protocol->title()}: devices are in over it. Take them away first, where that is wrong.",
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Stations\Survey\Channels;

use App\Editing\Refused;
use App\Models\Network;

/** A channel can't be chosen as things stand. */
final class ChannelRefused extends Refused
{
    public static function changedMeanwhile(Network $network): self
    {
        $is = $network->channel === null ? 'none' : "channel {$network->channel}";

        return new self('channel', "Somebody chose {$is} in the meantime. Look again before you choose another.");
    }
}

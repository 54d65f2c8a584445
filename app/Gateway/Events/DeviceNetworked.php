<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Gateway\ListedNode;
use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A device has taken the network that it was given, and was found there. */
final readonly class DeviceNetworked extends GatewayEvent
{
    public function __construct(Gateway $gateway, Carbon $at, public string $address)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self($gateway, $at, $data->get('address')->idUpTo(ListedNode::LONGEST_ADDRESS));
    }
}

<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Gateway\ListedNode;
use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A bridge says of a device behind it whether it answers. */
final readonly class DeviceReachable extends GatewayEvent
{
    public function __construct(Gateway $gateway, Carbon $at, public string $address, public bool $isReachable)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('address')->idUpTo(ListedNode::LONGEST_ADDRESS),
            $data->get('reachable')->flag(),
        );
    }
}

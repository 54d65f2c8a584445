<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Gateway\ListedNode;
use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A device is being asked what it can do. */
final readonly class DeviceInterviewing extends GatewayEvent
{
    public function __construct(
        Gateway $gateway,
        Carbon $at,
        public string $address,
        public int $done,
        public int $total,
    ) {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('address')->idUpTo(ListedNode::LONGEST_ADDRESS),
            $data->get('done')->whole(0, self::MOST_STEPS),
            $data->get('total')->whole(0, self::MOST_STEPS),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Gateway\ListedNode;
use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A device is in with a part of what it can do: its interview was cut short. */
final readonly class DeviceIncomplete extends GatewayEvent
{
    public function __construct(
        Gateway $gateway,
        Carbon $at,
        public ListedNode $node,
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
            ListedNode::read($data),
            $data->get('done')->whole(0, self::MOST_STEPS),
            $data->get('total')->whole(0, self::MOST_STEPS),
        );
    }
}

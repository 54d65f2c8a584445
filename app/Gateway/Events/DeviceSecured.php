<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Gateway\ListedNode;
use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** The keys of a device are settled; with which, where the gateway says so. */
final readonly class DeviceSecured extends GatewayEvent
{
    private const LONGEST_MEANS = 40;

    public function __construct(Gateway $gateway, Carbon $at, public string $address, public ?string $with)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('address')->idUpTo(ListedNode::LONGEST_ADDRESS),
            $data->find('with')?->textUpTo(self::LONGEST_MEANS),
        );
    }
}

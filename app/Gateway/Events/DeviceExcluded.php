<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Gateway\ListedNode;
use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A device was taken out of whatever network it was in; address null: it was not one of this gateway’s. */
final readonly class DeviceExcluded extends GatewayEvent
{
    public function __construct(Gateway $gateway, Carbon $at, public string $window, public ?string $address)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('window')->idUpTo(self::LONGEST_ID),
            $data->find('address')?->idUpTo(ListedNode::LONGEST_ADDRESS),
        );
    }
}

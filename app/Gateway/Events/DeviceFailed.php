<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Gateway\ListedNode;
use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\Failure;
use Kavvel\Core\Pairing\NetworkFacts;

/** A device did not come in: what the gateway saw of it, and what it found at its own network. */
final readonly class DeviceFailed extends GatewayEvent
{
    public function __construct(
        Gateway $gateway,
        Carbon $at,
        public ?string $window,
        public ?string $address,
        public Failure $failure,
        public NetworkFacts $network,
    ) {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->find('window')?->idUpTo(self::LONGEST_ID),
            $data->find('address')?->idUpTo(ListedNode::LONGEST_ADDRESS),
            Failure::from($data->get('reason')->word(Failure::values())),
            NetworkFacts::fromInput($data->find('network')),
        );
    }
}

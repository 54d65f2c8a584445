<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** A hub that listens to a wired bus has heard a telegram. */
final readonly class BusHeard extends GatewayEvent
{
    private const LONGEST_SENDER = 40;

    public function __construct(
        Gateway $gateway,
        Carbon $at,
        public string $window,
        public GroupAddress $address,
        public string $from,
        public string $value,
    ) {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        $address = $data->get('address');

        return new self(
            $gateway,
            $at,
            $data->get('window')->idUpTo(self::LONGEST_ID),
            GroupAddress::of($address->text()) ?? throw InvalidInput::outOfRange($address->at, 'an address of the bus, such as 1/2/3'),
            $data->get('from')->textUpTo(self::LONGEST_SENDER),
            self::asText($data->get('value')),
        );
    }
}

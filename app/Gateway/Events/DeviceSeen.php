<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A device waits to be found that is not the one of the window’s code. */
final readonly class DeviceSeen extends GatewayEvent
{
    public function __construct(Gateway $gateway, Carbon $at, public string $window)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self($gateway, $at, $data->get('window')->idUpTo(self::LONGEST_ID));
    }
}

<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A window is open, until a time by the gateway’s clock. */
final readonly class WindowOpened extends GatewayEvent
{
    public function __construct(
        Gateway $gateway,
        Carbon $at,
        public string $window,
        public Carbon $closesAt,
    ) {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('window')->idUpTo(self::LONGEST_ID),
            Carbon::instance($data->get('closesAt')->moment())->utc(),
        );
    }
}

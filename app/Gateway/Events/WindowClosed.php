<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A window has ended: by time, asked, or replaced by another. */
final readonly class WindowClosed extends GatewayEvent
{
    public function __construct(
        Gateway $gateway,
        Carbon $at,
        public string $window,
        public string $reason,
    ) {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('window')->idUpTo(self::LONGEST_ID),
            $data->get('reason')->textUpTo(self::LONGEST_TEXT),
        );
    }
}

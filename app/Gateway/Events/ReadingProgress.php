<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** So many relays have said who they hear. */
final readonly class ReadingProgress extends GatewayEvent
{
    public function __construct(
        Gateway $gateway,
        Carbon $at,
        public string $reading,
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
            $data->get('reading')->idUpTo(self::LONGEST_ID),
            $data->get('done')->whole(0, self::MOST_STEPS),
            $data->get('total')->whole(0, self::MOST_STEPS),
        );
    }
}

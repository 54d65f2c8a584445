<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A command was carried out. */
final readonly class CommandDone extends GatewayEvent
{
    public function __construct(
        Gateway $gateway,
        Carbon $at,
        public string $command,
        public string $value,
    ) {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('command')->idUpTo(self::LONGEST_ID),
            self::asText($data->get('value')),
        );
    }
}

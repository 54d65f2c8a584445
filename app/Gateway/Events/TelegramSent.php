<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A hub has said on a wired bus what it was told to. */
final readonly class TelegramSent extends GatewayEvent
{
    public function __construct(Gateway $gateway, Carbon $at, public string $command)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self($gateway, $at, $data->get('command')->idUpTo(self::LONGEST_ID));
    }
}

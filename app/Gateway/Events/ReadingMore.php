<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A device that slept while its radio was read has told what it hears. */
final readonly class ReadingMore extends GatewayEvent
{
    public function __construct(Gateway $gateway, Carbon $at, public string $reading)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self($gateway, $at, $data->get('reading')->idUpTo(self::LONGEST_ID));
    }
}

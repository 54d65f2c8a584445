<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\Unclear;

/** A hub that listens for a key of a remote has heard something, and not clearly. */
final readonly class KeyUnclear extends GatewayEvent
{
    public function __construct(Gateway $gateway, Carbon $at, public string $window, public Unclear $why)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('window')->idUpTo(self::LONGEST_ID),
            Unclear::from($data->get('reason')->word(array_column(Unclear::cases(), 'value'))),
        );
    }
}

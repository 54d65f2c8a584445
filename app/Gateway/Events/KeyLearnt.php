<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A hub that listened for a key of a remote has heard it clearly. */
final readonly class KeyLearnt extends GatewayEvent
{
    public const LONGEST_SIGNAL = 4_000;

    public function __construct(Gateway $gateway, Carbon $at, public string $window, public string $signal)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('window')->idUpTo(self::LONGEST_ID),
            $data->get('signal')->textUpTo(self::LONGEST_SIGNAL),
        );
    }
}

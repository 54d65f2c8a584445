<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Gateway\ListedNode;
use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;

/** A device has taken its name. */
final readonly class LabelSet extends GatewayEvent
{
    public function __construct(
        Gateway $gateway,
        Carbon $at,
        public string $address,
        public string $label,
        public ?string $location,
    ) {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('address')->idUpTo(ListedNode::LONGEST_ADDRESS),
            $data->get('label')->textUpTo(self::LONGEST_TEXT),
            $data->find('location')?->textUpTo(self::LONGEST_TEXT),
        );
    }
}

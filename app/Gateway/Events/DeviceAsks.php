<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Gateway\ListedNode;
use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\PartialDsk;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** A Z-Wave device is being included, and its hub asks for the digits that only its sticker has. */
final readonly class DeviceAsks extends GatewayEvent
{
    private const LONGEST_DSK = 60;

    public function __construct(Gateway $gateway, Carbon $at, public string $address, public string $dsk)
    {
        parent::__construct($gateway, $at);
    }

    public static function read(Gateway $gateway, Carbon $at, Input $data): self
    {
        return new self(
            $gateway,
            $at,
            $data->get('address')->idUpTo(ListedNode::LONGEST_ADDRESS),
            self::dsk($data->get('dsk')),
        );
    }

    /** @throws InvalidInput */
    private static function dsk(Input $dsk): string
    {
        try {
            return PartialDsk::read($dsk->textUpTo(self::LONGEST_DSK))->shown();
        } catch (CodeRefused) {
            throw InvalidInput::outOfRange($dsk->at, 'a key without its first group: seven groups of five digits');
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Gateway;

use Kavvel\Core\Input\InvalidInput;

/** The gateway answered, and the answer is not what the gateway link agrees on. */
final class GatewayBroken extends HubFailure
{
    public static function sends(InvalidInput $wrong): self
    {
        return new self("The hub’s answer is not as agreed. {$wrong->getMessage()}");
    }

    public static function tooLong(int $bytes): self
    {
        return new self('The hub’s answer is not as agreed. It has more than '.intdiv($bytes, 1_000_000).' MB.');
    }

    public static function withStatus(int $status): self
    {
        return new self("The hub’s answer is not as agreed. It sends elsewhere, with {$status}.");
    }

    public static function unforeseen(): self
    {
        return new self('The hub’s answer could not be taken in. A lead finds more in the log of the application.');
    }
}

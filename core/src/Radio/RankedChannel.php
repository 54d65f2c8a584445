<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** A channel with what Wi-Fi puts into it, and the channel of ours that it is too near to. */
final readonly class RankedChannel
{
    public function __construct(public int $channel, public float $interferenceDbm, public ?int $tooNear) {}
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** A device behind a bridge, as the hub sees it through the bridge. */
final readonly class BridgedNode
{
    /**
     * @param  string|null  $label  the name that it was given in the bridge's own app
     * @param  bool  $isReachable  the bridge says that it answers
     * @param  bool  $isTaken  it is another slot's device already
     */
    public function __construct(
        public string $address,
        public ReportedNode $reported,
        public ?string $label,
        public bool $isReachable,
        public bool $isTaken,
    ) {}
}

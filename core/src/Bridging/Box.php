<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Release;

/** A box between devices and ecosystems: a hub, a bridge, somebody's cloud. */
final readonly class Box
{
    /**
     * @param  list<string>  $accepts  forms
     * @param  list<Offer>  $offers
     * @param  float  $cost  once, where it is not there yet
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $isOwned,
        public array $accepts,
        public array $offers,
        public ?Release $release = null,
        public float $latencyMs = 0,
        public float $cost = 0,
        public float $yearlyCost = 0,
    ) {}
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** How a protocol prices a link and bounds a path. Margins in dB. */
interface RouteRule
{
    /** Below this a link does not exist (assumption) */
    public const EXISTS_DB = 2.0;

    /** Cost of one link by its worse direction, or null where the protocol would not use it. */
    public function linkCost(float $marginDb): ?int;

    /** The most that a whole path may cost; null: no limit that planning meets. */
    public function pathCostLimit(): ?int;

    /** The longest path in hops that is no cause for a remark, or null where none is. */
    public function unremarkableHops(): ?int;

    /** The most hops of a path that can be accepted; null: no limit of its own. */
    public function mostHops(): ?int;

    /** @return list<string> what is said of a network of so many devices, so many of them routers; the root counts as neither */
    public function sizeNotes(int $devices, int $routers): array;
}

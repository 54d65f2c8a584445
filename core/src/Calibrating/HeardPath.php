<?php

declare(strict_types=1);

namespace Kavvel\Core\Calibrating;

use Kavvel\Core\Mesh\Link;

/** A link that was measured: how long it is, and what it lost beyond free space, walls and mounting, in dB. */
final readonly class HeardPath
{
    public function __construct(public string $id, public float $distanceM, public float $lossDb) {}

    /**
     * By margins: the mean of both ways, where both were measured; of a device that sleeps only how it is heard.
     *
     * @param  Link  $bare  what the plan lets the link have, without any clutter
     * @param  Link  $measured  the same one, whichever end stands first
     */
    public static function between(string $id, float $distanceM, Link $bare, Link $measured, bool $isBackKnown): self
    {
        $alike = $measured->a === $bare->a ? $bare : new Link($bare->b, $bare->a, $bare->marginBackDb, $bare->marginDb);

        return new self($id, $distanceM, self::mean($alike, $isBackKnown) - self::mean($measured, $isBackKnown));
    }

    public static function mean(Link $link, bool $isBackKnown): float
    {
        return $isBackKnown ? ($link->marginDb + $link->marginBackDb) / 2 : $link->marginDb;
    }

    /** @param float $modelDbm what the plan lets the receiver hear, without any clutter */
    public static function of(string $id, float $distanceM, float $modelDbm, float $measuredDbm): self
    {
        return new self($id, $distanceM, $modelDbm - $measuredDbm);
    }
}

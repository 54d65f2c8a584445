<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use DateTimeInterface;
use Kavvel\Core\Protocol\Leaving;

/** How it stands with taking a device out of whatever network it is in, before it joins. */
final readonly class Exclusion
{
    /**
     * @param  bool  $isPossible  its radio knows exclusion
     * @param  bool  $isFirst  what speaks most for it is that another network has it
     * @param  DateTimeInterface|null  $leftAt  when it was taken out, if nothing was tried since
     * @param  bool  $tookNothing  the last window for it ended without
     */
    private function __construct(
        public bool $isPossible,
        public bool $isFirst,
        public ?DateTimeInterface $leftAt,
        public bool $tookNothing,
    ) {}

    /**
     * @param  bool  $holdsWindow  a window is open for it now
     * @param  bool  $isHeld  it was found in another network, and nobody has noted that it left
     * @param  Cause|null  $likeliest  why its last try failed
     * @param  DateTimeInterface|null  $lastTryAt  when it was last tried to let it in
     * @param  DateTimeInterface|null  $lastWindowAt  when the last exclusion window that is over was opened for it
     */
    public static function of(
        Leaving $leaving,
        bool $holdsWindow,
        bool $isHeld,
        ?Cause $likeliest,
        ?DateTimeInterface $leftAt,
        ?DateTimeInterface $lastTryAt,
        ?DateTimeInterface $lastWindowAt,
    ): self {
        $isPossible = $leaving === Leaving::Excluded;
        $isFree = $isPossible && ! $holdsWindow;
        $leftSince = $lastWindowAt !== null && $leftAt !== null && $leftAt >= $lastWindowAt;
        $triedSince = $lastWindowAt !== null && $lastTryAt !== null && $lastTryAt > $lastWindowAt;

        return new self(
            $isPossible,
            $isFree && ($isHeld || $likeliest?->code === 'owned'),
            $leftAt !== null && $lastTryAt !== null && $lastTryAt > $leftAt ? null : $leftAt,
            $isFree && $lastWindowAt !== null && ! $leftSince && ! $triedSince,
        );
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** A link with how far it is, and whether anything can be passed on over it yet. */
final readonly class LinkAtHand
{
    /**
     * @param  list<string>  $ready  devices of it that are in
     * @param  bool  $isPutOff  somebody who is needed for it is not there today
     * @param  list<string>  $added  devices that it does not carry yet, though it was made before
     */
    public function __construct(
        public Link $link,
        public LinkRun $run,
        public array $ready,
        public bool $isPutOff,
        public array $added = [],
    ) {}

    /**
     * The one to go on with: one that is begun, then the one that brings most; what was put off last, and what builds on a link that is
     * not made yet, or has no device yet, not at all.
     *
     * @param  list<self>  $all  each after those that it builds upon
     */
    public static function next(array $all): ?self
    {
        $waits = [];
        $open = [];
        foreach ($all as $one) {
            $isFree = $one->link->from === null || ! isset($waits[$one->link->from]);
            if (! $one->run->isMade()) {
                if (! $one->link->isIntoEcosystem) {
                    $waits[$one->link->to] = true;
                }
                if ($isFree && $one->ready !== []) {
                    $open[] = $one;
                }
            }
        }
        $order = static fn (self $one): array => [$one->isPutOff, ! $one->run->isBegun(), -count($one->ready)];
        usort($open, static fn (self $a, self $b): int => $order($a) <=> $order($b));

        return $open[0] ?? null;
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** How far a hub is settled. Each point is done, or waived by somebody with their name, before its first device. */
final readonly class HubSheet
{
    /**
     * @param  list<HubCheck>  $settled  done or waived
     * @param  bool  $isInUse  devices are in over it already
     * @param  bool  $isHeard  its link answers: nobody has to say so
     */
    public function __construct(private array $settled, private bool $isInUse, private bool $isHeard) {}

    public function isSettled(HubCheck $check): bool
    {
        return in_array($check, $this->settled, true) || ($check === HubCheck::Link && $this->isHeard);
    }

    /** @return list<HubCheck> in the order in which they are done */
    public function open(): array
    {
        return array_values(array_filter(HubCheck::cases(), fn (HubCheck $check): bool => ! $this->isSettled($check)));
    }

    /** Whether they come before the first window: later they are only still open. */
    public function comesFirst(): bool
    {
        return ! $this->isInUse && $this->open() !== [];
    }
}

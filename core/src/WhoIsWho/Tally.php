<?php

declare(strict_types=1);

namespace Kavvel\Core\WhoIsWho;

/** How far a job is: always on screen, so that nobody loses track at device 31 of 60. */
final readonly class Tally
{
    /**
     * @param  int  $in  slots with their device, whole
     * @param  int  $inPart  slots with a device that joined in part
     * @param  int  $nobodys  devices on a network that belong to no slot
     * @param  int  $open  slots without a device
     */
    public function __construct(public int $in, public int $inPart, public int $nobodys, public int $open) {}

    /** @return array<string, string> the counts that say something, in words, by name */
    public function words(): array
    {
        return array_filter([
            'in' => "{$this->in} of ".($this->in + $this->inPart + $this->open).' in',
            'in-part' => $this->inPart === 0 ? '' : "{$this->inPart} in part",
            'nobodys' => $this->nobodys === 0 ? '' : "{$this->nobodys} nobody’s",
            'open' => $this->open === 0 ? '' : "{$this->open} open",
        ]);
    }
}

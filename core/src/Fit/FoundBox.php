<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Input\Input;

/** A box in the wall as it was found. */
final readonly class FoundBox
{
    /**
     * @param  float  $spacerMm  that is put on it, 0 for none
     * @param  int  $cables  that come into it
     * @param  int  $ganged  such devices side by side
     * @param  bool  $isMetal  it has to be earthed
     * @param  bool  $hasBarrier  between mains and what is extra-low voltage in it
     * @param  bool  $hasBypass  at the lamp, so that the device gets its least load
     */
    public function __construct(
        public float $depthMm,
        public float $spacerMm,
        public int $cables,
        public int $ganged,
        public NeutralFound $neutral,
        public bool $isMetal = false,
        public bool $hasBarrier = false,
        public bool $hasBypass = false,
    ) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            $input->get('depthMm')->numberFrom(0),
            $input->find('spacerMm')?->numberFrom(0) ?? 0.0,
            $input->get('cables')->wholeFrom(0),
            $input->find('ganged')?->wholeFrom(1) ?? 1,
            NeutralFound::from($input->get('neutral')->word(array_column(NeutralFound::cases(), 'value'))),
            $input->find('isMetal')?->flag() ?? false,
            $input->find('hasBarrier')?->flag() ?? false,
            $input->find('hasBypass')?->flag() ?? false,
        );
    }

    /** With a spacer of so much more on it. */
    public function withSpacer(int $moreMm): self
    {
        return new self(
            $this->depthMm,
            $this->spacerMm + $moreMm,
            $this->cables,
            $this->ganged,
            $this->neutral,
            $this->isMetal,
            $this->hasBarrier,
            $this->hasBypass,
        );
    }

    public function withBypass(): self
    {
        return new self(
            $this->depthMm,
            $this->spacerMm,
            $this->cables,
            $this->ganged,
            $this->neutral,
            $this->isMetal,
            $this->hasBarrier,
            true,
        );
    }

    /** @return array<string, mixed> as it is kept, and read again */
    public function row(): array
    {
        return [...get_object_vars($this), 'neutral' => $this->neutral->value];
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

use Kavvel\Core\Input\Input;

/** What was found where the switch of a circuit is, and what would go in there. Until somebody has looked, the usual (assumption). */
final readonly class SwitchPlace
{
    /**
     * @param  int  $plugged  lamps of the circuit that hang on a plug
     * @param  int  $places  where its light is switched from: two is a two-way circuit
     * @param  bool|null  $hasNeutral  in the box; null: not looked at
     * @param  float|null  $boxDepthMm  null: not measured
     * @param  int  $cables  that come into that box
     * @param  bool  $isDimmed  its light is dimmed already
     * @param  bool  $wantsDim  dimming is wanted
     * @param  float  $deviceDepthMm  of the switch that would go in
     * @param  bool  $needsNeutral  that switch does
     */
    public function __construct(
        public int $plugged = 0,
        public int $places = 1,
        public ?bool $hasNeutral = null,
        public ?float $boxDepthMm = null,
        public int $cables = 2,
        public bool $isDimmed = false,
        public bool $wantsDim = false,
        public float $deviceDepthMm = 25.0,
        public bool $needsNeutral = true,
    ) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            $input->get('plugged')->whole(0, 200),
            $input->get('places')->whole(1, 6),
            $input->find('hasNeutral')?->flag(),
            $input->find('boxDepthMm')?->positive(),
            $input->get('cables')->whole(1, 12),
            $input->get('isDimmed')->flag(),
            $input->get('wantsDim')->flag(),
            $input->get('deviceDepthMm')->positive(),
            $input->get('needsNeutral')->flag(),
        );
    }

    /** @return array<string, int|float|bool|null> */
    public function row(): array
    {
        return get_object_vars($this);
    }
}

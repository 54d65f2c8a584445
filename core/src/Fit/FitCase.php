<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\Connectors;
use Kavvel\Core\Catalogue\FitSheet;
use Kavvel\Core\Catalogue\NeutralNeed;

/** A device that is to go into a box: what its sheet says, what was found there, and what it is to switch. */
final readonly class FitCase
{
    /**
     * @param  int  $cables  that come into the box
     * @param  int  $ganged  such devices side by side
     * @param  list<SwitchedLoad>  $loads  none of them of no pieces
     */
    private function __construct(
        public FitSheet $sheet,
        public float $boxMm,
        public float $spacerMm,
        public int $cables,
        public int $ganged,
        public NeutralFound $neutral,
        public array $loads,
        public bool $hasBypass,
    ) {}

    /** @param list<SwitchedLoad> $loads */
    public static function of(FitSheet $sheet, FoundBox $box, array $loads): self
    {
        return new self(
            $sheet,
            $box->depthMm,
            $box->spacerMm,
            $box->cables,
            $box->ganged,
            $box->neutral,
            array_values(array_filter($loads, static fn (SwitchedLoad $load): bool => $load->count > 0)),
            $box->hasBypass,
        );
    }

    public function needDepthMm(): float
    {
        return $this->sheet->depthMm + Connectors::depthMm($this->cables);
    }

    public function haveDepthMm(): float
    {
        return $this->boxMm + $this->spacerMm;
    }

    /** In watts, of all that it switches. */
    public function loadW(): float
    {
        return array_sum(array_map(static fn (SwitchedLoad $load): float => $load->allWatts(), $this->loads));
    }

    /** Of what it may switch, over the kinds that it is rated for; 1 is all of it. */
    public function share(): float
    {
        $share = 0.0;
        foreach ($this->loads as $load) {
            $limit = $this->sheet->limitW($load->kind, $this->ganged);
            $share += $limit > 0.0 ? $load->allWatts() / $limit : 0.0;
        }

        return $share;
    }

    /** In watts, by the way that it is wired. */
    public function leastLoadW(): float
    {
        return $this->isWiredWithNeutral() ? $this->sheet->leastLoadW : $this->sheet->leastWithoutW;
    }

    public function isWiredWithNeutral(): bool
    {
        return $this->neutral !== NeutralFound::None && $this->sheet->neutral !== NeutralNeed::NotNeeded;
    }
}
